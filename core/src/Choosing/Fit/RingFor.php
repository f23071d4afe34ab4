<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Choosing\Fit;

use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Holding\Mount\Site;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\DrawerPicker;
use NeatSpindle\Core\Parts\Part\Ring;
use NeatSpindle\Core\Sums\Line\Chainline;
use NeatSpindle\Core\Sums\Margin\Verdict;

/** The ring with which a motor goes best on a bike: the better verdict, then the straighter line, then the smaller change of teeth. */
final class RingFor
{
    /** @var array<array-key, Site> by the ring's code */
    private array $sites = [];

    public function __construct(private readonly Bike $bike, private readonly ?ShellStandard $shell, private readonly Drawer $drawer) {}

    /**
     * @param  array<array-key, Ring>  $rings those that bolt to the motor
     * @return array{Ring, Stack, float}|null with its stack and how far its line is off, weighted, in mm; null when there is none
     */
    public function best(MotorMatch $match, array $rings, int $teeth): ?array
    {
        $best = null;
        $least = null;
        foreach ($rings as $ring) {
            $stack = $match->motor->on($this->site($ring), $this->shell, $match->insert)?->solve(new DrawerPicker($this->drawer));
            if ($stack === null) {
                continue;
            }
            $outboard = $stack->ringOutboard();
            $offset = $outboard === null ? INF : Chainline::weightedOffset($this->bike, $outboard);
            $rank = [match ($stack->verdict) {
                Verdict::Clear => 0,
                Verdict::Tight => 1,
                Verdict::Fails => 2,
            }, $offset, abs($ring->teeth - $teeth), $ring->code];
            if ($least === null || $rank < $least) {
                [$least, $best] = [$rank, [$ring, $stack, $offset]];
            }
        }

        return $best;
    }

    private function site(Ring $ring): Site
    {
        return $this->sites[$ring->code] ??= new Site($this->bike, $ring);
    }
}
