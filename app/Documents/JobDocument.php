<?php

declare(strict_types=1);

namespace App\Documents;

use App\Bench\BracingChoice;
use App\Bench\Findings;
use App\Bench\RidingChoice;
use App\Models\Job;
use App\Models\Kit;
use App\Models\Lead;
use App\Models\Motor;
use App\Models\Run;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Document\JobReader;
use NeatSpindle\Core\Frame\FrameRouting;
use NeatSpindle\Core\Route\Stretch;
use NeatSpindle\Core\Survey\Spot;
use NeatSpindle\Core\Survey\SurveyPlan;

/** A job as the open document `neat-spindle/job`: the one thing the screens, the export and the command compute from. */
class JobDocument
{
    public function __construct(
        private readonly Job $job,
        private readonly Findings $findings,
        private readonly CatalogueDocument $catalogue,
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'format' => JobReader::FORMAT,
            'version' => JobReader::VERSION,
            'catalogue' => $this->catalogue->toArray(),
            'bike' => $this->bike(),
            'kit' => $this->kit(),
            'climb' => $this->climb(),
            'reaction' => $this->reaction(),
            'turns' => [],
            'routing' => $this->routing(null, null),
        ];
    }

    /**
     * With runs and leads, which only some screens need.
     *
     * @param  Collection<int, Run>  $runs
     * @param  Collection<int, Lead>  $leads
     * @return array<string, mixed>
     */
    public function withRouting(Collection $runs, Collection $leads): array
    {
        return ['routing' => $this->routing($runs, $leads)] + $this->toArray();
    }

    /** @return array<string, mixed> */
    public function shell(): array
    {
        return array_filter([
            'width_mm' => $this->width(),
            'bore_mm' => $this->measured('shell_bore'),
            'threaded' => match ($this->findings->answer('shell_threaded')) {
                'yes' => true,
                'no' => false,
                default => null,
            },
            'thread_pitch_mm' => $this->measured('thread_pitch'),
            'drive_cup_loosens' => $this->findings->answer('drive_cup_loosens'),
            'guide_depth_mm' => $this->findings->guideRemedy()->leavesNothing() ? 0 : $this->measured('guide_depth'),
        ], fn (mixed $value) => $value !== null);
    }

    /** @return array<string, mixed> */
    private function bike(): array
    {
        return array_filter([
            'kind' => $this->job->bike->kind->value,
            'frame_material' => $this->job->bike->frame_material->value,
            'shell' => (object) $this->shell(),
            'chainstay' => ['profile' => $this->profile()],
            'rear' => (object) $this->rear(),
            'wheel_circumference_mm' => $this->findings->mm('wheel'),
            'twin_plate_measures' => $this->plates(),
        ], fn (mixed $value) => $value !== null);
    }

    /** @return list<array<string, mixed>> */
    private function profile(): array
    {
        $profile = [];
        foreach (SurveyPlan::STAY_RADII as $radius) {
            $outboard = $this->measured("stay_{$radius}");
            if ($outboard !== null) {
                $profile[] = ['radius_mm' => $radius, 'outboard_mm' => $outboard];
            }
        }

        return $profile;
    }

    /** What is measured with the plates hung; null unless the motor needs it. */
    private function plates(): ?object
    {
        return $this->motor()?->mount !== Mount::TwinPlate ? null : (object) [
            'ring_to_plate_mm' => $this->measured('ring_to_plate'),
            'pinion_to_face_mm' => $this->measured('pinion_to_face'),
            'crank_gap_mm' => $this->measured('crank_gap'),
        ];
    }

    /** The motor that is computed with: the chosen one or, until it can be, a sleeve motor that stands in so that matching can. */
    private function motor(): ?Motor
    {
        return $this->isStandIn() ? $this->catalogue->motors->firstWhere('mount', Mount::Sleeve) : $this->chosen();
    }

    private function chosen(): ?Motor
    {
        return $this->catalogue->motors->firstWhere('id', $this->job->kit?->motor_id);
    }

    /** Whether another motor stands in: none is chosen, or the chosen one waits for measures of its own. */
    public function isStandIn(): bool
    {
        return $this->chosen() === null || $this->missingPlates() !== [];
    }

    /** @return list<Spot> what is still to be measured for a twin-plate motor */
    public function missingPlates(): array
    {
        return $this->chosen()?->mount !== Mount::TwinPlate ? [] : array_values(array_filter(
            SurveyPlan::plates(),
            fn (Spot $spot) => $spot->isEssential && ! $this->findings->has($spot->code),
        ));
    }

    /** @return list<Spot> what the contract lets be left out, though no bike does without: the step between several cogs */
    public function leftOut(): array
    {
        $pitch = SurveyPlan::spotAt('/bike/rear/cog_pitch_mm');

        return $pitch === null || $this->findings->isOneCog() || $this->findings->has($pitch->code) ? [] : [$pitch];
    }

    /** @return array<string, mixed> */
    private function rear(): array
    {
        return array_filter([
            'chainstay_length_mm' => $this->measured('chainstay_length'),
            'old_mm' => $this->findings->mm('over_locknuts'),
            'smallest_cog_inset_mm' => $this->findings->mm('cog_inset'),
            'cogs' => $this->findings->teeth('cogs'),
            'cog_pitch_mm' => $this->findings->mm('cog_pitch'),
            'use' => $this->findings->weights(),
            'hub_ratios' => $this->findings->ratios(),
            'chain_path_mm' => $this->measured('chain_path'),
            'old_chain_links' => $this->findings->count('old_chain_links'),
            'chain_12_links_mm' => $this->measured('chain_twelve'),
        ], fn (mixed $value) => $value !== null);
    }

    /**
     * What is chosen; where nothing is yet, the first of the catalogue stands in, so that matching can be computed.
     *
     * @return array<string, mixed>
     */
    private function kit(): array
    {
        /** @var Kit $kit */
        $kit = $this->job->kit;

        return array_filter([
            'motor' => $this->motor()?->code,
            'ring' => $this->ringCode($kit),
            'insert' => $this->catalogue->inserts->firstWhere('id', $kit->insert_id)?->code,
            'spacers' => $kit->by_hand === [] || $this->isStandIn() ? null : (object) $kit->by_hand,
        ], fn (mixed $value) => $value !== null);
    }

    /**
     * @param  Collection<int, Run>|null  $runs
     * @param  Collection<int, Lead>|null  $leads
     * @return array<string, mixed>|null null while the frame's stretches are not measured
     */
    private function routing(?Collection $runs, ?Collection $leads): ?array
    {
        $measures = $this->findings->lengths();
        if ($runs === null || $leads === null || array_diff(FrameRouting::NEEDS, array_keys($measures)) !== []) {
            return null;
        }

        return [
            'rest' => 'frame',
            'edges' => array_map(fn (Stretch $stretch) => [
                'from' => $stretch->from, 'to' => $stretch->to, 'length_mm' => $stretch->length, 'tags' => $stretch->tags,
            ], FrameRouting::stretches($measures)),
            'runs' => array_values($runs->map(fn (Run $run) => array_filter([
                'run' => $run->name, 'kind' => $run->kind, 'from' => $run->from_place, 'to' => $run->to_place,
                'supply_mm' => $run->supply_mm, 'connector' => $run->connector,
                'current_a' => $run->current_a, 'area_mm2' => $run->area_mm2,
            ], fn (mixed $value) => $value !== null))->all()),
            'extensions' => array_values($leads->map(fn (Lead $lead) => [
                'connector' => $lead->connector, 'length_mm' => $lead->length_mm, 'quantity' => $lead->quantity,
            ])->all()),
        ];
    }

    private function ringCode(Kit $kit): ?string
    {
        $ring = $this->catalogue->rings->firstWhere('id', $kit->ring_id) ?? $this->catalogue->rings->first();

        return isset($ring?->mountings($this->catalogue->spiders)[$kit->ring_mounting]) ? $ring->mountedCode($kit->ring_mounting) : $ring?->code;
    }

    /** @return array<string, mixed> */
    private function climb(): array
    {
        $hill = RidingChoice::of($this->job->kit, $this->job->bike->kind)->hill();

        return [
            'grade_percent' => $hill->gradePercent,
            'mass_kg' => $hill->load->mass,
            'rider_w' => $hill->load->riderW,
            'rider_torque_nm' => $hill->load->riderTorque,
            'crr' => $hill->load->rolling,
            'cda_m2' => $hill->load->dragArea,
        ];
    }

    /** @return array<string, mixed>|null */
    private function reaction(): ?array
    {
        $motor = $this->motor();
        if ($motor?->mount !== Mount::Sleeve || $this->isStandIn()) {
            return null;
        }
        $torquing = BracingChoice::of($this->job->kit, $motor)->torquing();

        return array_filter([
            'nut_torque_nm' => $torquing->nutTorque,
            'thread_state' => $torquing->threadState->value,
            'shell_face' => $torquing->face->value,
            'shell_outer_mm' => $torquing->faceOuter,
            'shell_inner_mm' => $torquing->faceInner,
            'rest_radius_mm' => $torquing->restRadius,
        ], fn (mixed $value) => $value !== null);
    }

    /** @return array<string, mixed>|null */
    private function width(): ?array
    {
        $early = $this->findings->isWidthEarly() ? $this->findings->shellWidth() : null;

        return $early === null ? $this->measured('shell_width') : ['value' => $early->value, 'plus_minus' => $early->plusMinus];
    }

    /** @return array<string, mixed>|null */
    private function measured(string $spot): ?array
    {
        $measurement = $this->findings->measurement($spot);

        return match (true) {
            $measurement === null => null,
            $measurement->readings === [] => ['value' => $measurement->value, 'plus_minus' => $measurement->plusMinus],
            default => ['readings' => $measurement->readings, 'instrument' => $this->findings->instrumentMm($spot)],
        };
    }
}
