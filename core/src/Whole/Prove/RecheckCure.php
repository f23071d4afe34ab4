<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use NeatSpindle\Core\Holding\Build\BuildStep;

use function array_filter;
use function array_values;
use function str_starts_with;

/** Which steps of the sheet are done again for what a bike was found like when it came back. */
final class RecheckCure
{
    /** What is no fastener, by the beginnings of the codes that cure it. */
    private const BESIDE = [
        'ties' => ['dress-'], 'plugs' => ['dress-', 'joints-', 'join-'], 'chain-wear' => ['chain'], 'brakes' => ['brake-'],
    ];

    /**
     * @param  string  $code  of what was looked at
     * @param  list<BuildStep>  $steps  of the sheet as it is now
     * @return list<BuildStep> none where no step of this sheet cures it
     */
    public static function of(string $code, array $steps): array
    {
        $beginnings = self::BESIDE[$code] ?? null;
        $cures = function (BuildStep $step) use ($code, $beginnings): bool {
            foreach ($beginnings ?? [] as $beginning) {
                if ($step->code === $beginning || (str_ends_with($beginning, '-') && str_starts_with($step->code, $beginning))) {
                    return true;
                }
            }

            return $beginnings === null && $step->code === $code;
        };

        return array_values(array_filter($steps, $cures));
    }
}
