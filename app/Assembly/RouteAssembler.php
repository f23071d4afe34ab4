<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Lead as LeadRow;
use App\Models\Run as RunRow;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Frame\FrameRouting;
use NeatSpindle\Core\Route\Allowances;
use NeatSpindle\Core\Route\BodyHold;
use NeatSpindle\Core\Route\Lead;
use NeatSpindle\Core\Route\Routing;
use NeatSpindle\Core\Route\Run;
use NeatSpindle\Core\Route\RunKind;

/** The core's runs and leads from their rows, on the frame as it was measured. */
class RouteAssembler
{
    /**
     * Null while the frame's stretches are not measured.
     *
     * @param  Collection<int, RunRow>  $runs
     * @param  Collection<int, LeadRow>  $leads
     */
    public static function routing(Findings $findings, Collection $runs, Collection $leads): ?Routing
    {
        $lengths = $findings->lengths();

        return FrameRouting::missing($lengths) !== [] ? null : new Routing(
            BodyHold::Frame,
            Allowances::usual(),
            FrameRouting::edges($lengths),
            array_values($runs->map(fn (RunRow $run) => new Run(
                $run->name, RunKind::from($run->kind), $run->from_place, $run->to_place, $run->supply_mm, $run->connector, [], $run->current_a, $run->area_mm2,
            ))->all()),
            array_values($leads->map(fn (LeadRow $lead) => new Lead($lead->connector, $lead->length_mm, $lead->quantity))->all()),
        );
    }
}
