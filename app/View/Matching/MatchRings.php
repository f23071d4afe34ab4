<?php

declare(strict_types=1);

namespace App\View\Matching;

use App\Assembly\KnownMotor;
use App\Assembly\MountedRing;
use App\Bench\Kept;
use App\Bench\OpenJob;
use NeatSpindle\Core\Choosing\Fit\MotorMatch;
use NeatSpindle\Core\Choosing\Fit\RingFor;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function array_filter;
use function array_map;
use function hash;
use function serialize;

/** Which ring goes with which motor, so that both are chosen in one go. */
class MatchRings
{
    private ?RingFor $ringFor = null;

    /** @var array<array-key, array{string, string}|null>|null code of the ring and its verdict, by the motor's code */
    private ?array $best = null;

    /** @param  list<MotorMatch>  $rows  the motors that are shown */
    public function __construct(private readonly OpenJob $open, private readonly array $rows) {}

    /** The ring of this list does not bolt to the motor; null where it does, as far as anybody has said. */
    public function objection(MotorMatch $row): ?string
    {
        $ring = $this->open->ring();
        $mounted = $this->open->catalogue->parts->mounted[$ring->code ?? ''] ?? null;

        return $mounted === null || $mounted->boltsTo($this->motorOf($row)) ? null : "Ring {$ring?->label()} does not bolt to it: choose another on Line.";
    }

    /** The ring to choose with it; null where the chosen one does. */
    public function too(MotorMatch $row): ?MountedRing
    {
        return $this->isChosenGood($row) ? null : $this->best($row)['ring'] ?? null;
    }

    private function isChosenGood(MotorMatch $row): bool
    {
        return $this->open->job->kit?->ring_id !== null && $this->objection($row) === null && $row->verdict() !== Verdict::Fails;
    }

    /** A ring with which a motor goes that does not go as it is listed; null where none helps, or none is needed. */
    public function thatHelps(MotorMatch $row): ?MountedRing
    {
        $best = $row->verdict() === Verdict::Fails && $row->stack !== null ? $this->best($row) : null;

        return $best === null || $best['verdict'] === Verdict::Fails ? null : $best['ring'];
    }

    /** The first ring of the catalogue, for a motor no ring is judged with, while none is chosen. */
    public function any(): ?MountedRing
    {
        return $this->open->job->kit?->ring_id !== null ? null : $this->open->catalogue->parts->mounted[$this->open->ring()->code ?? ''] ?? null;
    }

    /** @return array{ring: MountedRing, verdict: Verdict}|null the ring it goes with best, of those that bolt to it */
    private function best(MotorMatch $row): ?array
    {
        $shown = array_map(fn (MotorMatch $one) => $one->motor->code, $this->rows);
        $this->best ??= Kept::of($this->open, 'rings '.hash('xxh128', serialize($shown)), $this->allBest(...));
        $best = $this->best[$row->motor->code] ?? null;

        return $best === null ? null : ['ring' => $this->open->catalogue->parts->mounted[$best[0]], 'verdict' => Verdict::from($best[1])];
    }

    /** @return array<array-key, array{string, string}|null> */
    private function allBest(): array
    {
        $all = [];
        foreach (array_filter($this->rows, fn (MotorMatch $row) => ! $this->isChosenGood($row)) as $row) {
            $best = $this->findBest($row);
            $all[$row->motor->code] = $best === null ? null : [$best['ring']->part->code, $best['verdict']->value];
        }

        return $all;
    }

    /** @return array{ring: MountedRing, verdict: Verdict}|null without a spider, where that is clear too */
    private function findBest(MotorMatch $row): ?array
    {
        $bike = $this->open->bike();
        $mounted = array_filter($this->open->catalogue->parts->mounted, fn (MountedRing $one) => $one->boltsTo($this->motorOf($row)));
        if ($bike === null || $mounted === []) {
            return null;
        }
        $this->ringFor ??= new RingFor($bike, $this->open->identification()?->identified, $this->open->catalogue->core()->drawer);
        $plain = $this->bestOf($row, array_filter($mounted, fn (MountedRing $one) => $one->mounting->spider === null));

        return $plain !== null && $plain['verdict'] === Verdict::Clear ? $plain : $this->bestOf($row, $mounted);
    }

    /**
     * @param  array<array-key, MountedRing>  $mounted  by code
     * @return array{ring: MountedRing, verdict: Verdict}|null
     */
    private function bestOf(MotorMatch $row, array $mounted): ?array
    {
        $rings = array_map(fn (MountedRing $one) => $one->part, $mounted);
        $best = $this->ringFor?->best($row, $rings, $this->open->ring()->teeth ?? 0);

        return $best === null ? null : ['ring' => $mounted[$best[0]->code], 'verdict' => $best[1]->verdict];
    }

    private function motorOf(MotorMatch $row): KnownMotor
    {
        return $this->open->catalogue->parts->motorCalled($row->motor->code) ?? abort(404);
    }
}
