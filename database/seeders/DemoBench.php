<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\ChangeJob;
use App\Actions\Drawer\ReservePieces;
use App\Actions\Jobs\StartJob;
use App\Actions\Kit\BraceBody;
use App\Actions\Kit\ChooseBattery;
use App\Actions\Kit\ChooseMotor;
use App\Actions\Kit\ChooseRing;
use App\Actions\Kit\DecideSensors;
use App\Actions\Kit\KeepCockpit;
use App\Actions\Kit\NoteArrivals;
use App\Actions\Kit\SetBattery;
use App\Actions\Prove\HandBikeOver;
use App\Actions\Prove\KeepRecheck;
use App\Actions\Prove\KeepSetting;
use App\Actions\Prove\RecordProveCheck;
use App\Actions\Road\KeepRoad;
use App\Actions\Road\SetRiding;
use App\Actions\Steps\RecordBuildStep;
use App\Actions\Steps\RecordStripStep;
use App\Actions\Survey\GiveAnswer;
use App\Actions\Survey\KeepReading;
use App\Actions\Survey\RecordCondition;
use App\Actions\Survey\WeighCogs;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Documents\GpxFile;
use App\Models\Job;
use App\Models\StepState;
use App\Models\User;
use App\Models\Values\BatteryWish;
use App\Models\Values\BracingDecision;
use App\Models\Values\CockpitWish;
use App\Models\Values\RidingWish;
use Closure;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Choosing\Ride\Profile;
use NeatSpindle\Core\Ground\Measure\LengthText;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Measuring\Survey\Severity;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Whole\Calendar\WorkKind;
use NeatSpindle\Core\Whole\Prove\Found;
use NeatSpindle\Core\Whole\Prove\SettingName;

use function array_slice;

/**
 * Works a made-up bike through the same doors as at the bench, by a clock of its own.
 *
 * @phpstan-type DemoJob array{
 *     customer: string, bike: string, kind: string, frame_material: string, by: string, days_ago: int, promised_in?: int,
 *     readings?: array<string, string>, answers?: array<string, string>,
 *     condition?: array<string, array{severity: string, remedy?: string, declined_by?: string, note?: string}>,
 *     strip?: int, motor?: string, insert?: string, ring?: string, by_hand?: array<string, list<float>>,
 *     battery?: array<string, mixed>, cockpit?: array<string, mixed>, sensors?: array<string, array{string, ?string}>,
 *     settings?: array<string, string>, proved?: int, rechecks?: list<array{days: int, kilometres: int, note: ?string, found: array<string, array{string, ?float}>}>,
 *     bracing?: array<string, mixed>, riding?: array<string, mixed>, road?: bool, reserve?: bool, build?: int,
 * }
 */
final class DemoBench
{
    /** @param  Closure(WorkKind): void  $tick  moves the clock on by what a piece of such work took */
    public function __construct(private readonly ChangeJob $change, private readonly Closure $tick) {}

    /** @param  DemoJob  $demo */
    public function job(User $by, User $chooser, array $demo): Job
    {
        $job = app(StartJob::class)($by, [
            ...array_intersect_key($demo, array_flip(['customer', 'bike', 'kind', 'frame_material'])),
            'promised_on' => isset($demo['promised_in']) ? Carbon::today()->addDays($demo['promised_in'])->format('Y-m-d') : null,
        ]);
        $this->change->inOneGo($job, fn () => $this->work($job, $by, $chooser, $demo));

        return $job;
    }

    /** @param  DemoJob  $demo */
    private function work(Job $job, User $by, User $chooser, array $demo): void
    {
        foreach ($demo['readings'] ?? [] as $spot => $typed) {
            $this->read($job, $by, $spot, $typed);
        }
        foreach ($demo['answers'] ?? [] as $question => $value) {
            $this->tick(WorkKind::Survey);
            Spot::tryFrom($question) === null
                ? app(WeighCogs::class)($job, $by, array_map(floatval(...), explode(' ', $value)))
                : app(GiveAnswer::class)($job, $by, Spot::from($question), $value);
        }
        foreach ($demo['condition'] ?? [] as $subject => $found) {
            $this->tick(WorkKind::Survey);
            app(RecordCondition::class)($job, $by, Subject::from($subject), [
                'severity' => Severity::from($found['severity']), 'remedy' => Remedy::tryFrom($found['remedy'] ?? ''),
                'declined_by' => $found['declined_by'] ?? null, 'note' => $found['note'] ?? null,
            ]);
        }
        $this->strip($job, $by, $demo['strip'] ?? 0);
        $this->choose($job, $chooser, $demo);
        $this->brace($job, $chooser, $demo);
        $this->fitOut($job, $chooser, $demo);
        $this->build($job, $by, $demo['build'] ?? 0);
        $this->prove($job, $chooser, $demo);
    }

    /** @param  DemoJob  $demo */
    private function prove(Job $job, User $by, array $demo): void
    {
        foreach ($demo['settings'] ?? [] as $name => $value) {
            $this->tick(WorkKind::Stand);
            app(KeepSetting::class)($job, $by, SettingName::from($name), $value, null, null);
        }
        $checks = isset($demo['rechecks']) || isset($demo['proved']) ? $this->open($job)->the(Proving::class)->plan->checks : [];
        foreach (array_slice($checks, 0, $demo['proved'] ?? null) as $check) {
            $this->tick(WorkKind::ofCheck($check));
            $figure = $check->figure === null ? null : round(($check->figure->least + $check->figure->most) / 2, 1);
            app(RecordProveCheck::class)($job, $by, $check->code, ['state' => StepState::Done, 'figure' => $figure, 'note' => null]);
        }
        if (isset($demo['rechecks'])) {
            app(HandBikeOver::class)($job, $by, $job->version, Carbon::today()->addDays(14), 'Charger and key are in the bag.');
        }
        foreach ($demo['rechecks'] ?? [] as $recheck) {
            Carbon::setTestNow(now()->addDays($recheck['days']));
            app(KeepRecheck::class)($job, $by, $recheck['kilometres'], Carbon::today()->addDays(90), $recheck['note'], array_map(
                fn (array $item) => ['found' => Found::from($item[0]), 'torque_nm' => $item[1], 'note' => null], $recheck['found'],
            ));
        }
    }

    private function read(Job $job, User $by, string $code, string $typed): void
    {
        $spot = Spot::from($code);
        $instrument = $spot->instrument() ?? Instrument::Tape;
        $this->tick(WorkKind::Survey);
        $measured = (new LengthText(LengthUnit::Millimetre))->measurement($typed, $instrument->doubtMm());
        app(KeepReading::class)($job, $by, $spot, $measured, $instrument, $typed, isSure: true);
    }

    private function strip(Job $job, User $by, int $count): void
    {
        foreach (array_slice($this->open($job)->stripPlan()->steps, 0, $count) as $step) {
            $this->tick(WorkKind::Strip);
            app(RecordStripStep::class)($job, $by, $step->code, [
                'state' => StepState::Done,
                'note' => $step->notesBolts ? 'Two M6 × 20 with washers, one M5 × 12: all to the same tab' : null,
                'lies_in' => $step->keep === null ? null : "box {$job->number}",
            ]);
        }
    }

    /** @param  DemoJob  $demo */
    private function choose(Job $job, User $by, array $demo): void
    {
        if (! isset($demo['motor'])) {
            return;
        }
        $workshop = $by->workshop()->firstOrFail();
        $insert = isset($demo['insert']) ? $workshop->inserts()->where('code', $demo['insert'])->value('id') : null;
        $this->tick(WorkKind::Choose);
        $motor = $workshop->motors()->where('code', $demo['motor'])->sole();
        app(ChooseMotor::class)($job, $by, $job->version, $motor->id, is_numeric($insert) ? (int) $insert : null);
        if (isset($demo['ring'])) {
            app(ChooseRing::class)($job, $by, $job->version, $workshop->rings()->where('code', $demo['ring'])->sole()->id);
        }
    }

    /** @param  DemoJob  $demo */
    private function brace(Job $job, User $by, array $demo): void
    {
        if (isset($demo['bracing'])) {
            $this->tick(WorkKind::Choose);
            app(BraceBody::class)($job, $by, $job->version, BracingDecision::fromArray($demo['bracing']));
        }
        if (isset($demo['riding'])) {
            $this->tick(WorkKind::Choose);
            app(SetRiding::class)($job, $by, $job->version, RidingWish::fromArray($demo['riding']));
        }
        if ($demo['road'] ?? false) {
            $road = GpxFile::read(database_path('demo/road.gpx'));
            app(KeepRoad::class)($job, $by, (string) $road->name(), Profile::of($road->track()), $road->remarks());
        }
        if ($demo['reserve'] ?? false) {
            app(ReservePieces::class)($job, $by, $job->version);
        }
    }

    /** @param  DemoJob  $demo */
    private function fitOut(Job $job, User $by, array $demo): void
    {
        $battery = BatteryWish::fromArray($demo['battery'] ?? []);
        if ($battery->pack !== null) {
            $this->tick(WorkKind::Choose);
            app(ChooseBattery::class)($job, $by, $job->version, $battery->pack, $battery->site);
            app(SetBattery::class)($job, $by, $job->version, [
                'at' => $battery->at, 'move' => 0, 'fixing' => $battery->fixing, 'floor' => $battery->floors[$battery->site->value ?? ''] ?? [], 'seen' => $battery->seen,
            ]);
        }
        if (isset($demo['cockpit'])) {
            $this->tick(WorkKind::Choose);
            app(KeepCockpit::class)($job, $by, $job->version, CockpitWish::fromArray($demo['cockpit']));
        }
        foreach ($demo['sensors'] ?? [] as $about => [$choice, $reason]) {
            $this->tick(WorkKind::Choose);
            app(DecideSensors::class)($job, $by, $job->version, [$about => $choice], [$about => $reason]);
        }
    }

    public function build(Job $job, User $by, int $count): void
    {
        $count === 0 ?: app(NoteArrivals::class)($job, $by, $job->version, null);
        $sheet = $count === 0 ? null : $this->open($job)->buildSheet();
        foreach (array_slice($sheet->steps ?? [], 0, $count) as $step) {
            $this->tick(WorkKind::ofStep($step));
            app(RecordBuildStep::class)($job, $by, $step->code, [
                'state' => StepState::Done,
                'torque_nm' => $step->band?->torque->middle(),
                'by_hand' => $step->fastener !== null && $step->band === null,
                'compound' => $step->compound?->value,
                'note' => $step->fastener !== null && $step->band === null ? 'Its paper names no torque: by hand, with the short key.' : null,
            ]);
        }
    }

    private function open(Job $job): OpenJob
    {
        return OpenJob::of(Job::opened($job->id));
    }

    private function tick(WorkKind $work): void
    {
        ($this->tick)($work);
    }
}
