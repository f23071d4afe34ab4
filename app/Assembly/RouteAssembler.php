<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Lead as LeadRow;
use App\Models\Run as RunRow;
use Closure;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Fitting\Route\Allowances;
use NeatSpindle\Core\Fitting\Route\BodyHold;
use NeatSpindle\Core\Fitting\Route\FrameGraph;
use NeatSpindle\Core\Fitting\Route\Lead;
use NeatSpindle\Core\Fitting\Route\Routing;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Frame\Ways;
use NeatSpindle\Core\Measuring\Survey\Spot;

/** The core's runs and leads from their rows, on the frame as far as it was measured. */
class RouteAssembler
{
    private ?FrameGraph $graph = null;

    /** @var Collection<int, RunRow> those with something on their plugs */
    private readonly Collection $used;

    /** @var list<RunRow> those that wait for no measure */
    public readonly array $laid;

    /**
     * @param  Collection<int, RunRow>  $runs
     * @param  Closure(): Collection<int, LeadRow>  $leads  asked for once something is laid
     */
    public function __construct(
        public readonly Ways $ways, private readonly Collection $runs, private readonly Closure $leads, private readonly ?Rest $rest,
    ) {
        $this->used = $runs->reject(fn (RunRow $run) => $run->is_unused);
        $this->laid = array_values(
            $this->used->filter(fn (RunRow $run) => $ways->holds($run->toLay()) && $ways->missingFor($run->toLay()) === [])->all(),
        );
    }

    /** @return list<RunRow> those that wait for a measure, or for which this frame has no place */
    public function waiting(): array
    {
        return array_values($this->used->diff($this->laid)->all());
    }

    /** @return array<int, RunRow> plugs with nothing on them, by their numbers */
    public function unused(): array
    {
        return $this->runs->filter(fn (RunRow $run) => $run->is_unused)->keyBy('position')->all();
    }

    /** @return list<Spot> what runs wait for */
    public function missing(): array
    {
        return array_values(array_unique(array_merge(...array_values($this->used->map(fn (RunRow $run) => $this->ways->missingFor($run->toLay()))->all()), ...[[]]), SORT_REGULAR));
    }

    /** Whether there is an allowed way for a run as it is moved now; null where what is measured does not tell. */
    public function wayOf(RunRow $run): ?bool
    {
        $toLay = $run->toLay();

        return $this->ways->holds($toLay) ? (new FrameGraph($this->ways->edges(), Allowances::usual()))->way($toLay, $toLay->kind->keepsOff($this->hold())) !== null : null;
    }

    /** How long a pack's lead from a place to the motor has to be, in mm, dressed; null where there is no allowed way, or it is not measured. */
    public function powerLead(string $from): ?float
    {
        $this->graph ??= new FrameGraph($this->ways->edges(), Allowances::usual());
        $way = $this->graph->shortest($from, 'motor', RunKind::Power->keepsOff($this->hold()));

        return $way === null ? null : Allowances::usual()->dressed($way[1]);
    }

    private function hold(): BodyHold
    {
        return $this->rest?->closesThePinch() === false ? BodyHold::Clamped : BodyHold::Frame;
    }

    /** Null while no run can be laid. */
    public function routing(): ?Routing
    {
        return $this->laid === [] ? null : new Routing(
            $this->hold(),
            Allowances::usual(),
            $this->ways->edges(),
            array_map(fn (RunRow $run) => $run->toLay(), $this->laid),
            array_values(($this->leads)()->map(fn (LeadRow $lead) => new Lead($lead->connector, $lead->length_mm, $lead->quantity))->all()),
        );
    }
}
