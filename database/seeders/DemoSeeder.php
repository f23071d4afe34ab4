<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Actions\ChangeJob;
use App\Actions\Drawer\KeepNutSocket;
use App\Actions\Drawer\ReservePieces;
use App\Actions\House\ChooseSchool;
use App\Actions\Jobs\StartJob;
use App\Actions\Kit\BraceBody;
use App\Actions\Kit\ChooseBattery;
use App\Actions\Kit\ChooseMotor;
use App\Actions\Kit\ChooseRing;
use App\Actions\Kit\DecideSensor;
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
use App\Documents\CatalogueDocument;
use App\Documents\GpxFile;
use App\Models\Job;
use App\Models\Role;
use App\Models\StepState;
use App\Models\User;
use App\Models\Values\About;
use App\Models\Values\BatteryWish;
use App\Models\Values\BracingDecision;
use App\Models\Values\CockpitWish;
use App\Models\Values\RidingWish;
use App\Models\Workshop;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use LogicException;
use NeatSpindle\Core\Choosing\Ride\Profile;
use NeatSpindle\Core\Ground\House\School;
use NeatSpindle\Core\Ground\Measure\LengthText;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Measuring\Survey\Severity;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Parts\Part\NutSocket;
use NeatSpindle\Core\Whole\Prove\Found;
use NeatSpindle\Core\Whole\Prove\SettingName;

use function array_slice;
use function chr;

/**
 * A week in a made-up workshop, from `database/demo`: everything goes through the same doors as at the bench.
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
class DemoSeeder extends Seeder
{
    /** Counts the ticks, so that entries are minutes apart. */
    private int $minutes = 0;

    public function __construct(private readonly ChangeJob $change) {}

    public function run(): void
    {
        $workshop = Workshop::query()->create(['name' => 'Tollgate Yard', 'place' => 'Upper Withen', 'first_number' => 241]);
        $maren = $this->person($workshop, 'Maren Quillon', 'maren', Role::Owner);
        $dov = $this->person($workshop, 'Dov Larrish', 'dov', Role::Installer);
        $ines = $this->person($workshop, 'Ines Pellow', 'ines', Role::Apprentice);
        app(ReadCatalogueIn::class)($maren, CatalogueDocument::read((string) file_get_contents(database_path('demo/catalogue.json'))));
        $this->drawerPlaces($workshop);
        app(KeepNutSocket::class)($maren, new NutSocket(26.0, 58.0));
        foreach ([['eight', 200, 2], ['eight', 400, 1], ['three', 150, 2], ['three', 600, 1], ['power', 300, 2]] as [$connector, $length, $quantity]) {
            $workshop->leads()->create(['connector' => $connector, 'length_mm' => $length, 'quantity' => $quantity]);
        }
        $this->rule($maren, 60, School::CrankGreased, 'Dry tapers creaked twice in wet winters; a thin film, and the wrench again after five kilometres.');
        foreach ($this->jobs() as $job) {
            $by = ['maren' => $maren, 'dov' => $dov, 'ines' => $ines][$job['by']];
            Carbon::setTestNow(now()->subDays($job['days_ago'])->setTime(9, 10));
            $this->job($by, $by->role === Role::Apprentice ? $maren : $by, $job);
            Carbon::setTestNow();
        }
        $this->rule($maren, 0, School::CupDrive, 'The drive-side one is what sticks here; better to know it while the shell is stiff.');
    }

    private function rule(User $by, int $daysAgo, School $school, string $why): void
    {
        Carbon::setTestNow(now()->subDays($daysAgo)->setTime(8, 40));
        app(ChooseSchool::class)($by, $school, $why, 0);
        Carbon::setTestNow();
    }

    private function person(Workshop $workshop, string $name, string $address, Role $role): User
    {
        return $workshop->users()->create([
            'name' => $name, 'email' => "{$address}@tollgate.example", 'password' => 'bench-demo', 'role' => $role,
        ]);
    }

    private function drawerPlaces(Workshop $workshop): void
    {
        foreach ($workshop->spacers()->get() as $i => $spacer) {
            $spacer->update(['lies_in' => 'tray '.chr(65 + intdiv($i, 4)).', cup '.($i % 4 + 1)]);
        }
    }

    /** @param  DemoJob  $demo */
    private function job(User $by, User $chooser, array $demo): void
    {
        $job = app(StartJob::class)($by, [
            ...array_intersect_key($demo, array_flip(['customer', 'bike', 'kind', 'frame_material'])),
            'promised_on' => isset($demo['promised_in']) ? Carbon::today()->addDays($demo['promised_in'])->format('Y-m-d') : null,
        ]);
        $this->change->inOneGo($job, fn () => $this->work($job, $by, $chooser, $demo));
    }

    /** @param  DemoJob  $demo */
    private function work(Job $job, User $by, User $chooser, array $demo): void
    {
        foreach ($demo['readings'] ?? [] as $spot => $typed) {
            $this->read($job, $by, $spot, $typed);
        }
        foreach ($demo['answers'] ?? [] as $question => $value) {
            $this->tick();
            Spot::tryFrom($question) === null
                ? app(WeighCogs::class)($job, $by, array_map(floatval(...), explode(' ', $value)))
                : app(GiveAnswer::class)($job, $by, Spot::from($question), $value);
        }
        foreach ($demo['condition'] ?? [] as $subject => $found) {
            $this->tick();
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
            $this->tick();
            app(KeepSetting::class)($job, $by, SettingName::from($name), $value, null, null);
        }
        $checks = isset($demo['rechecks']) || isset($demo['proved']) ? $this->open($job)->the(Proving::class)->plan->checks : [];
        foreach (array_slice($checks, 0, $demo['proved'] ?? null) as $check) {
            $this->tick();
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
        $this->tick();
        $measured = (new LengthText(LengthUnit::Millimetre))->measurement($typed, $instrument->doubtMm());
        app(KeepReading::class)($job, $by, $spot, $measured, $instrument, $typed, isSure: true);
    }

    private function strip(Job $job, User $by, int $count): void
    {
        foreach (array_slice($this->open($job)->stripPlan()->steps, 0, $count) as $step) {
            $this->tick();
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
        $this->tick();
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
            $this->tick();
            app(BraceBody::class)($job, $by, $job->version, BracingDecision::fromArray($demo['bracing']));
        }
        if (isset($demo['riding'])) {
            $this->tick();
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
            $this->tick();
            app(ChooseBattery::class)($job, $by, $job->version, $battery->pack, $battery->site);
            app(SetBattery::class)($job, $by, $job->version, [
                'at' => $battery->at, 'move' => 0, 'fixing' => $battery->fixing, 'floor' => $battery->floors[$battery->site->value ?? ''] ?? [], 'seen' => $battery->seen,
            ]);
        }
        if (isset($demo['cockpit'])) {
            $this->tick();
            app(KeepCockpit::class)($job, $by, $job->version, CockpitWish::fromArray($demo['cockpit']));
        }
        foreach ($demo['sensors'] ?? [] as $about => [$choice, $reason]) {
            $this->tick();
            app(DecideSensor::class)($job, $by, $job->version, About::read($about) ?? throw new LogicException("Nothing is decided about {$about}."), $choice, $reason);
        }
    }

    private function build(Job $job, User $by, int $count): void
    {
        $count === 0 ?: app(NoteArrivals::class)($job, $by, $job->version, null);
        $sheet = $count === 0 ? null : $this->open($job)->buildSheet();
        foreach (array_slice($sheet->steps ?? [], 0, $count) as $step) {
            $this->tick();
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

    private function tick(): void
    {
        Carbon::setTestNow(now()->addMinutes(1 + ++$this->minutes % 4));
    }

    /** @return list<DemoJob> the workshop's jobs, in the order they came in */
    private function jobs(): array
    {
        /** @var list<DemoJob> */
        return json_decode((string) file_get_contents(database_path('demo/jobs.json')), true, flags: JSON_THROW_ON_ERROR);
    }
}
