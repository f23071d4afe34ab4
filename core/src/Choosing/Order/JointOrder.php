<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Order;

use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\SpacerRow;

use function array_filter;
use function array_slice;
use function array_values;
use function count;

/**
 * One order for several jobs that serves them all, whatever the doubtful readings of each turn out to be.
 *
 * They are served one after the other. Each is ordered what survives its own doubt from what the ones before leave in the worst
 * case; then the most of each kind that it can take in any truth is set aside for it. What it never takes changes no choice of
 * its, so what is set aside builds it by itself, and no truth of one job can take a piece from another.
 */
final readonly class JointOrder
{
    /** @param  list<Share>  $shares  in the order in which they are served */
    private function __construct(public array $shares) {}

    /**
     * @param  list<Asking>  $jobs  the first served first
     * @param  Drawer  $drawer  what is nobody's yet, what is on its way already among it
     */
    public static function of(array $jobs, Drawer $drawer): self
    {
        $free = $drawer->left();
        $shares = [];
        foreach ($jobs as $job) {
            [$shares[], $free] = self::serve($job, $free);
        }

        return new self($shares);
    }

    /**
     * @param  list<SpacerRow>  $free
     * @return array{Share, list<SpacerRow>} what it has, and what is left for the others
     */
    private static function serve(Asking $job, array $free): array
    {
        $there = [...$job->own, ...$free];
        $order = SurvivingOrder::of($job->recipe, new Drawer($there));
        if ($order->pieces === null) {
            return [new Share($job->job, $order, []), $free];
        }
        $all = [...$there, ...$order->pieces];
        $most = (new Proof($job->recipe))->most(new Drawer($all));
        $mayTake = array_map(fn (SpacerRow $row, int $count) => new SpacerRow($row->hundredths, $count, $row->uses), $all, $most);
        $left = array_map(fn (SpacerRow $row, int $count) => $row->withLess($count), $all, $most);

        return [
            new Share($job->job, $order, array_values(array_filter($mayTake, fn (SpacerRow $row) => $row->quantity > 0))),
            array_slice($left, count($job->own)),
        ];
    }

    /** @return list<Share> those for which something is to be ordered */
    public function toOrder(): array
    {
        return array_values(array_filter($this->shares, fn (Share $share) => ($share->order->pieces ?? []) !== []));
    }

    /** @return list<Share> those that no order helps */
    public function beyondHelp(): array
    {
        return array_values(array_filter($this->shares, fn (Share $share) => $share->order->pieces === null));
    }
}
