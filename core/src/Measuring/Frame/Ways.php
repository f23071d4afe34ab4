<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

use NeatSpindle\Core\Fitting\Route\Allowances;
use NeatSpindle\Core\Fitting\Route\BodyHold;
use NeatSpindle\Core\Fitting\Route\Edge;
use NeatSpindle\Core\Fitting\Route\FrameGraph;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Measuring\Survey\Spot;

use function array_slice;
use function in_array;

/** The ways runs can take on one frame: its places in the side view, and the stretches between them. In mm. It only remembers what was asked. */
final class Ways
{
    private ?FrameGraph $measured = null;

    private ?FrameGraph $whole = null;

    /** @var list<string>|null */
    private ?array $named = null;

    /**
     * @param  array<string, Point>  $places by name
     * @param  list<Stretch>  $stretches
     */
    public function __construct(public readonly array $places, public readonly array $stretches) {}

    /**
     * With what somebody has added. What hangs on nothing is left out.
     *
     * @param  list<OwnStretch>  $own in the order they were added
     */
    public function with(array $own): self
    {
        [$places, $stretches] = [$this->places, $this->stretches];
        foreach ($own as $one) {
            if (isset($places[$one->from])) {
                $places[$one->to] ??= $one->end($places[$one->from]);
                $stretches[] = $one->stretch();
            }
        }

        return $own === [] ? $this : new self($places, $stretches);
    }

    public function place(string $name): Point
    {
        return $this->places[$name] ?? new Point(0.0, 0.0);
    }

    /** @return list<Edge> those whose length is measured */
    public function edges(): array
    {
        return array_values(array_map(
            fn (Stretch $stretch) => $stretch->edge(),
            array_filter($this->stretches, fn (Stretch $stretch) => $stretch->needs === null),
        ));
    }

    /** Whether both ends of a run can be reached by what is measured. */
    public function holds(Run $run): bool
    {
        $this->named ??= array_merge(...array_map(fn (Edge $edge) => [$edge->from, $edge->to], $this->edges()), ...[[]]);

        return in_array($run->from, $this->named, true) && in_array($run->to, $this->named, true);
    }

    /**
     * What has to be measured before a run has a length.
     *
     * @return list<Spot> none where it has one, or where no measure would give it a way
     */
    public function missingFor(Run $run): array
    {
        $off = $run->kind->keepsOff(BodyHold::Clamped, $run->avoid);
        $this->measured ??= new FrameGraph($this->edges(), Allowances::usual());
        if ($this->measured->shortest($run->from, $run->to, $off) !== null) {
            return [];
        }
        $this->whole ??= new FrameGraph(array_map(fn (Stretch $stretch) => $stretch->edge(), $this->stretches), Allowances::usual());
        $way = $this->whole->shortest($run->from, $run->to, $off);
        $missing = [];
        foreach ($way === null ? [] : $this->along($way[0]) as $stretch) {
            if ($stretch->needs !== null && ! in_array($stretch->needs, $missing, true)) {
                $missing[] = $stretch->needs;
            }
        }

        return $missing;
    }

    /**
     * @param  list<string>  $path
     * @return list<Stretch>
     */
    private function along(array $path): array
    {
        $along = [];
        foreach (array_slice($path, 1) as $i => $to) {
            foreach ($this->stretches as $stretch) {
                if (in_array([$stretch->from, $stretch->to], [[$path[$i], $to], [$to, $path[$i]]], true)) {
                    $along[] = $stretch;

                    break;
                }
            }
        }

        return $along;
    }
}
