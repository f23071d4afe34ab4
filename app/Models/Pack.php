<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\OwnWorkshop;
use Illuminate\Database\Eloquent\Attributes\ScopedBy;
use NeatSpindle\Core\Fitting\Battery\PackPapers;
use NeatSpindle\Core\Whole\Exchange\PackReader;

/**
 * @property string $code
 * @property array<string, mixed> $figures
 */
#[ScopedBy(OwnWorkshop::class)]
class Pack extends Row
{
    /** A workshop keeps at most so many. */
    public const MOST = 200;

    protected $fillable = ['code', 'figures'];

    protected $casts = ['figures' => 'array'];

    public function papers(): PackPapers
    {
        return PackReader::from($this->code, $this->figures);
    }
}
