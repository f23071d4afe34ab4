<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Hold;

use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Sums\Margin\Verdict;
use SplPriorityQueue;

use function count;

/**
 * How few pieces make one job clear, were there any number of each kind. What a place asks for follows from the sums of the places
 * before it alone, so sums are tried, not sets: those that take fewest pieces first.
 */
final readonly class FewestPieces
{
    private const TRIES = 500;

    /**
     * @param  int  $atLeast  fewer do not
     * @param  array<int, int>|null  $set  that does, counted by kind; null where none was found
     * @param  bool  $isSettled  whether every sum there is was tried
     */
    private function __construct(public int $atLeast, public ?array $set, public bool $isSettled) {}

    public static function of(Recipe $recipe, Kinds $kinds): self
    {
        $queue = new SplPriorityQueue;
        $queue->insert([[], [], 0], [0, 0]);
        $pieces = 0;
        for ($tries = self::TRIES; ! $queue->isEmpty(); $tries--) {
            /** @var array{list<list<int>>, array<int, int>, int} $begun */
            $begun = $queue->extract();
            [$sets, $used, $pieces] = $begun;
            if ($tries <= 0) {
                return new self($pieces, null, false);
            }
            $probe = new Probe($sets);
            $stack = $recipe->solve($probe);
            $next = $probe->next();
            if ($next === null) {
                if ($stack->verdict === Verdict::Clear) {
                    return new self($pieces, $used, true);
                }

                continue;
            }
            [$place, $span] = $next;
            $sums = $kinds->sums($place->use(), $span->high);
            foreach ($span->low > $span->high ? [] : $sums->within($span->low, $span->high) as $sum) {
                $filling = $sums->pieces($sum) ?? [];
                $with = $pieces + count($filling);
                $queue->insert([[...$sets, $filling], $kinds->adding($used, $filling, $place->use()), $with], [-$with, count($sets)]);
            }
        }

        return new self($pieces, null, true);
    }
}
