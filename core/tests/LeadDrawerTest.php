<?php

declare(strict_types=1);

use NeatSpindle\Core\Fitting\Route\Lead;
use NeatSpindle\Core\Fitting\Route\LeadDrawer;

/**
 * Every set of one to three leads, judged by the rule as it is written.
 *
 * @param  list<float>  $leads
 * @return list<float>|null
 */
function everySetOfLeads(array $leads, float $missing): ?array
{
    $sets = [];
    foreach ($leads as $i => $a) {
        $sets[] = [$a];
        foreach (array_slice($leads, $i + 1, null, true) as $j => $b) {
            $sets[] = [$a, $b];
            foreach (array_slice($leads, $j + 1) as $c) {
                $sets[] = [$a, $b, $c];
            }
        }
    }
    $sets = array_filter($sets, fn (array $set) => array_sum($set) >= $missing);
    array_walk($sets, rsort(...));
    usort($sets, fn (array $a, array $b) => [count($a), array_sum($a)] <=> [count($b), array_sum($b)] ?: $b <=> $a);

    return $sets[0] ?? null;
}

it('takes what trying every set of leads would take', function (): void {
    mt_srand(31);
    for ($i = 0; $i < 400; $i++) {
        $rows = array_map(fn () => new Lead('c', 50.0 * mt_rand(1, 9), mt_rand(0, 3)), range(1, mt_rand(1, 5)));
        $leads = array_merge(...array_map(fn (Lead $lead) => array_fill(0, $lead->quantity, $lead->length), $rows));
        $missing = mt_rand(1, 1500);

        expect((new LeadDrawer($rows))->take('c', $missing))->toBe(everySetOfLeads($leads, $missing));
    }
});

it('uses leads up run by run', function (): void {
    $drawer = new LeadDrawer([new Lead('c', 200.0, 1), new Lead('c', 300.0, 1), new Lead('d', 100.0, 9)]);

    expect($drawer->take('c', 150.0))->toBe([200.0])
        ->and($drawer->take('c', 150.0))->toBe([300.0])
        ->and($drawer->take('c', 150.0))->toBeNull();
});
