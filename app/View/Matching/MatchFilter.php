<?php

declare(strict_types=1);

namespace App\View\Matching;

use App\Assembly\KnownMotor;
use NeatSpindle\Core\Choosing\Fit\LawExample;
use NeatSpindle\Core\Choosing\Fit\MotorMatch;
use NeatSpindle\Core\Choosing\Fit\Standing;
use NeatSpindle\Core\Holding\Catalogue\Mounts;
use NeatSpindle\Core\Holding\Mount\Mount;

use function is_string;
use function strlen;

/** Which motors a person wants to see in Match, from the address. */
class MatchFilter
{
    private const KEYS = ['mount', 'law', 'least_w', 'voltage', 'drawer'];

    /** @param  array<array-key, mixed>  $asked */
    public function __construct(private readonly array $asked) {}

    public function asked(string $key): string
    {
        $value = $this->asked[$key] ?? '';

        return is_string($value) ? $value : '';
    }

    /** Which of those that stand alike comes first; the address names it by their standing. */
    public function from(Standing $standing): int
    {
        $from = $this->asked($standing->value);

        return ctype_digit($from) && strlen($from) < 6 ? (int) $from : 0;
    }

    /** @return array<string, string> what is asked for, by key */
    public function all(): array
    {
        return array_filter(array_combine(self::KEYS, array_map($this->asked(...), self::KEYS)), fn (string $value) => $value !== '');
    }

    /** @return array<string, string> labels of the mounts a list can judge, by code */
    public function mounts(): array
    {
        $mounts = Mounts::matched();

        return array_combine(
            array_map(fn (Mount $mount) => $mount->code(), $mounts),
            array_map(fn (Mount $mount) => $mount->label(), $mounts),
        );
    }

    public function wants(MotorMatch $row, KnownMotor $motor): bool
    {
        $law = LawExample::tryFrom($this->asked('law'));

        return match (true) {
            $this->asked('mount') !== '' && $row->motor->mount()->code() !== $this->asked('mount') => false,
            $law !== null && ! $law->holds($row->motor) => false,
            is_numeric($this->asked('least_w')) && $row->motor->continuousW < (float) $this->asked('least_w') => false,
            $this->asked('voltage') !== '' && $motor->voltage !== $this->asked('voltage') => false,
            $this->asked('drawer') !== '' && ($row->stack === null || ! $row->stack->isBuilt()) => false,
            default => true,
        };
    }
}
