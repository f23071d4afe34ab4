<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

use function array_slice;
use function in_array;

/** The walk round one bike: what of its spots is needed, for what, what is open, and what comes next. */
final readonly class Walk
{
    /**
     * @param  list<Spot>  $spots in walking order
     * @param  list<Spot>  $known measured, answered, or no question on this bike
     * @param  bool  $isStripped whether the bare shell can be reached
     * @param  list<Spot>  $raised what this very bike asks for besides: what would tell the shell apart best, what is done about a guide in the way
     * @param  bool  $isChosen whether motor and ring are chosen, so that leads have something to go to
     * @param  list<Spot>  $forLeads what runs wait for on this kind of frame
     */
    public function __construct(
        public array $spots,
        private array $known,
        private bool $isStripped,
        private array $raised = [],
        private bool $isChosen = false,
        private array $forLeads = [],
    ) {}

    /** What a spot is needed for on this bike; null where it is only offered. */
    public function need(Spot $spot): ?Need
    {
        $isRaised = in_array($spot, $this->raised, true) || ($spot->sitting() === Sitting::AfterTheStrip && $this->isKnown($spot));

        return $isRaised ? Need::Stack : Need::of($spot) ?? (in_array($spot, $this->forLeads, true) ? Need::Route : null);
    }

    public function isKnown(Spot $spot): bool
    {
        return in_array($spot, $this->known, true);
    }

    /** Whether it can be measured with what is still on the bike. */
    public function isReachable(Spot $spot): bool
    {
        return $this->isStripped || ! in_array($spot->sitting(), [Sitting::AfterTheStrip, Sitting::DryFitted], true);
    }

    /** Whether it is needed, can be reached now, and nobody has given it; leads need nothing before there is something they go to. */
    public function isOpen(Spot $spot): bool
    {
        $need = $this->need($spot);

        return $need !== null && ($need !== Need::Route || $this->isChosen) && ! $this->isKnown($spot) && $this->isReachable($spot);
    }

    /** The next open spot, in walking order, from one on and then round; null when there is none. */
    public function next(?Spot $after = null): ?Spot
    {
        $at = $after === null ? 0 : (int) array_search($after, $this->spots, true) + 1;
        $round = [...array_slice($this->spots, $at), ...array_slice($this->spots, 0, $at)];
        foreach ([true, false] as $isFirst) {
            foreach (Sitting::cases() as $sitting) {
                foreach ($round as $spot) {
                    if ($spot->sitting() === $sitting && $this->isOpen($spot) && $this->need($spot)?->comesFirst() === $isFirst) {
                        return $spot;
                    }
                }
            }
        }

        return null;
    }

    /** After one that is only offered: the next that nobody has given, in the same region. */
    public function nextBeside(Spot $spot): ?Spot
    {
        $at = (int) array_search($spot, $this->spots, true) + 1;
        foreach (array_slice($this->spots, $at) as $one) {
            if (Region::of($one) === Region::of($spot) && ! $this->isKnown($one) && $this->isReachable($one)) {
                return $one;
            }
        }

        return null;
    }

    /** The spot that is up once one has been given; null when nothing is left to give. */
    public function after(Spot $spot): ?Spot
    {
        return ($this->need($spot) === null ? $this->nextBeside($spot) : null) ?? $this->next($spot);
    }

    /** @return list<Region> those with a spot, in walking order */
    public function regions(): array
    {
        $here = array_map(Region::of(...), $this->spots);

        return array_values(array_filter(Region::cases(), fn (Region $region) => in_array($region, $here, true)));
    }

    /** @return list<Spot> in walking order */
    public function in(Region $region): array
    {
        return array_values(array_filter($this->spots, fn (Spot $spot) => Region::of($spot) === $region));
    }
}
