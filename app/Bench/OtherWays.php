<?php

declare(strict_types=1);

namespace App\Bench;

use NeatSpindle\Core\Choosing\Order\Alternative;
use NeatSpindle\Core\Parts\Drawer\Place;

use function array_map;

/** What else would work from the drawer. Finding it takes a hundred stacks, so which it was is kept. */
final readonly class OtherWays implements FromJob
{
    /** @param  list<Alternative>  $all  the straightest first */
    private function __construct(public array $all) {}

    public static function of(OpenJob $open): static
    {
        $worksheet = $open->worksheet();
        if ($worksheet === null) {
            return new self([]);
        }
        $drive = fn (Alternative $one): array => $one->pieces()[Place::Drive->value] ?? [];

        return new self($worksheet->alternativesWith(Kept::of($open, 'ways', fn (): array => array_map($drive, $worksheet->alternatives()))));
    }
}
