<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

use function strlen;

/**
 * @property string $code
 * @property int $teeth
 * @property float $dish_mm
 * @property float $thickness_mm
 * @property array<string, mixed>|null $details what the sums do not need: `bolt_circle_mm`, `narrow_wide`, `guard`, `reversible`
 */
class Ring extends Model
{
    /** What stands after the code of a ring that is fitted with its dish to the other side. */
    private const TURNED = ' turned';

    protected $guarded = [];

    protected $casts = ['teeth' => 'int', 'dish_mm' => 'float', 'thickness_mm' => 'float', 'details' => 'array'];

    public static function plainCode(string $code): string
    {
        return str_ends_with($code, self::TURNED) ? substr($code, 0, -strlen(self::TURNED)) : $code;
    }

    public function turnedCode(): string
    {
        return $this->code.self::TURNED;
    }

    /** Whether its bolt pattern lets it go on the other way round, so that its dish changes sides. */
    public function isReversible(): bool
    {
        return ($this->details['reversible'] ?? false) === true && abs($this->dish_mm) > 0.0;
    }
}
