<?php

declare(strict_types=1);

namespace App\Bench;

use NeatSpindle\Core\Choosing\Order\OrderList;
use NeatSpindle\Core\Choosing\Order\SurvivingOrder;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;

use function array_column;
use function array_map;

/** The order that survives the doubt. Its proof may take a second, so what it came to is kept. */
final readonly class SafeOrder implements FromJob
{
    /** @param  ?OrderList  $list  null while nothing is chosen */
    private function __construct(public ?OrderList $list) {}

    public static function of(OpenJob $open): static
    {
        $worksheet = $open->worksheet();
        if ($worksheet === null) {
            return new self(null);
        }
        $proven = null;
        $kept = Kept::of($open, 'order', function () use ($worksheet, &$proven): ?array {
            $proven = SurvivingOrder::of($worksheet->recipe, $worksheet->job->catalogue->drawer);

            return self::plain($proven);
        });

        $proven ??= $kept === null ? null : self::again($kept);

        return new self($proven ?? SurvivingOrder::of($worksheet->recipe, $worksheet->job->catalogue->drawer));
    }

    /** @return array{list<array{int, list<string>}>, bool, int}|null null where no order helps: why not is looked at anew, and at once */
    private static function plain(OrderList $list): ?array
    {
        $piece = fn (SpacerRow $one): array => [$one->hundredths, array_column($one->uses, 'value')];

        return $list->pieces === null ? null : [array_map($piece, $list->pieces), $list->isLeast, $list->truths];
    }

    /** @param  array{list<array{int, list<string>}>, bool, int}  $kept */
    private static function again(array $kept): OrderList
    {
        [$pieces, $isLeast, $truths] = $kept;

        return OrderList::surviving(
            array_map(fn (array $one) => new SpacerRow($one[0], 1, array_map(SpacerUse::from(...), $one[1])), $pieces), $isLeast, $truths,
        );
    }
}
