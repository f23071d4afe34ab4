<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use NeatSpindle\Core\Parts\Part\Spider as AdapterSpider;

/**
 * @property string $code
 * @property float $bolt_circle_mm
 * @property float $thickness_mm
 * @property ?string $name  null where nobody has named it
 * @property list<string> $motors codes of those it bolts to
 */
#[ScopedBy(OwnWorkshop::class)]
class Spider extends Row
{
    /** A workshop keeps at most so many. */
    public const MOST = 50;

    protected $fillable = ['code', 'bolt_circle_mm', 'thickness_mm', 'motors', 'name'];

    protected $casts = ['bolt_circle_mm' => 'float', 'thickness_mm' => 'float', 'motors' => 'array'];

    public function adapter(): AdapterSpider
    {
        return new AdapterSpider($this->code, $this->bolt_circle_mm, $this->thickness_mm, $this->motors, (string) $this->name);
    }
}
