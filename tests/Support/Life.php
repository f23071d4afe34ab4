<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Actions\ChangedMeanwhile;
use App\Actions\House\DepartFromHouse;
use App\Actions\House\KeepInsistence;
use App\Actions\Kit\AllowDecision;
use App\Actions\Kit\AnswerForLack;
use App\Actions\Kit\BraceBody;
use App\Actions\Kit\ChooseBattery;
use App\Actions\Kit\ChooseMotor;
use App\Actions\Kit\ChooseRing;
use App\Actions\Kit\DecideSensors;
use App\Actions\Kit\KeepCockpit;
use App\Actions\Kit\NoteArrivals;
use App\Actions\Kit\SetSupply;
use App\Actions\Kit\SolveStack;
use App\Actions\People\ChangePerson;
use App\Actions\Prove\EndJob;
use App\Actions\Prove\HandBikeOver;
use App\Actions\Prove\KeepRecheck;
use App\Actions\Prove\KeepSetting;
use App\Actions\Prove\RecordProveCheck;
use App\Actions\Prove\TakeHandOverBack;
use App\Actions\Prove\TakeUpAgain;
use App\Actions\Steps\KeepBand;
use App\Actions\Steps\PassHold;
use App\Actions\Steps\RecordBuildStep;
use App\Actions\Survey\FindRestFine;
use App\Actions\Survey\GiveAnswer;
use App\Actions\Survey\KeepReading;
use App\Actions\Survey\LiftStop;
use App\Actions\Survey\RecordCondition;
use App\Assembly\Records;
use App\Bench\BuildState;
use App\Bench\Checks;
use App\Bench\FittingOut;
use App\Bench\Gathering;
use App\Bench\Lacking;
use App\Bench\LineWatch;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Documents\CatalogueDocument;
use App\Models\Condition;
use App\Models\Decision;
use App\Models\Job;
use App\Models\JobEnd;
use App\Models\Role;
use App\Models\Sheet;
use App\Models\StepState;
use App\Models\User;
use App\Models\Values\About;
use App\Models\Values\BracingDecision;
use App\Models\Values\CockpitWish;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use LogicException;
use NeatSpindle\Core\Fitting\Battery\PackSite;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Ground\House\Question;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Ground\Measure\TorqueBand;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\LackKind;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Severity;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Parts\Fastening\Fastener;
use NeatSpindle\Core\Whole\Prove\Check;
use NeatSpindle\Core\Whole\Prove\Found;
use NeatSpindle\Core\Whole\Prove\SettingName;
use Random\Engine\Mt19937;
use Random\Randomizer;

use function count;

/**
 * The life of a job as chance leads it: mostly a step forward, often one that somebody should not make. Whatever is
 * refused is refused; what comes through stands.
 */
final class Life
{
    private readonly Randomizer $random;

    /** @var list<string> reasons of all that was decided and came through, each of its own */
    public array $reasons = [];

    /** @var array<string, int> how often each move came through */
    public array $made = [];

    private int $count = 0;

    public function __construct(private readonly Job $job, private readonly User $by, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** One move; whether it came through. */
    public function move(): bool
    {
        $this->count++;
        $moves = $this->moves();
        $name = $this->oneOf(array_keys($moves));
        try {
            $moves[$name](Workshops::fresh($this->job));
            $this->made[$name] = ($this->made[$name] ?? 0) + 1;

            return true;
        } catch (ValidationException|AuthorizationException|ChangedMeanwhile) {
            return false;
        }
    }

    /** @return array<string, callable(Job): mixed> */
    private function moves(): array
    {
        $forward = [];
        for ($i = 0; $i < 60; $i++) {
            $forward["forward {$i}"] = $this->forward(...);
        }

        return $forward + [
            'finish' => $this->finish(...),
            'stale' => fn (Job $job) => $this->stale($job),
            'catalogue' => fn () => app(ReadCatalogueIn::class)($this->by, CatalogueDocument::read($this->catalogue())),
            'rename' => fn () => $this->rename(),
            'band' => fn (Job $job) => app(KeepBand::class)(
                $job, $this->by, $this->oneOf([Fastener::CrankBolt, Fastener::Pedal, Fastener::Nut]),
                new TorqueBand(38.0, $this->oneOf([44.0, 46.0])), 'a card',
            ),
            'other levels' => fn (Job $job) => app(KeepSetting::class)(
                $job, $this->by, SettingName::Levels, $this->oneOf(['3', '5', '9', '8e1']), null, null,
            ),
            'build' => fn (Job $job) => $this->build($job, $this->oneOf(OpenJob::of($job)->buildSheet()->steps ?? [])),
            'undo' => fn (Job $job) => app(RecordBuildStep::class)(
                $job, $this->by, $this->oneOf($job->stepRecords->where('sheet', 'build')->pluck('step')->all()), null,
            ),
            'check' => fn (Job $job) => $this
                ->check($job, $this->oneOf(OpenJob::of($job)->the(Proving::class)->plan->checks), $this->random->getInt(0, 9) > 0),
            'read' => fn (Job $job) => $this->read($job),
            'answer' => fn (Job $job) => app(GiveAnswer::class)($job, $this->by, Spot::ChainKept, $this->oneOf(['yes', 'no'])),
            'condition' => fn (Job $job) => app(RecordCondition::class)($job, $this->by, $this->oneOf(Subject::cases()), [
                'severity' => $this->oneOf([
                    Severity::Fine, Severity::Fine, Severity::cases()[count(Severity::cases()) - 1],
                ]), 'remedy' => null, 'declined_by' => null, 'note' => null,
            ], (int) Condition::query()->where('job_id', $job->id)->whereNull('superseded_at')->value('id')),
            'motor' => fn (Job $job) => app(ChooseMotor::class)(
                $job, $this->by, $job->version, $this->oneOf($job->motors()->pluck('id')->all()), null,
            ),
            'ring' => fn (Job $job) => app(ChooseRing::class)(
                $job, $this->by, $job->version, $this->oneOf($this->by->workshop->rings()->pluck('id')->all()),
            ),
            'solve' => fn (Job $job) => app(SolveStack::class)($job, $this->by, $job->version),
            'rest' => fn (Job $job) => app(BraceBody::class)(
                $job, $this->by, $job->version, new BracingDecision(rest: $this->oneOf(Rest::cases()), restRadius: 120.0),
            ),
            'battery' => fn (Job $job) => app(ChooseBattery::class)($job, $this->by, $job->version, ...$this->oneOf([
                [null, null], [$this->oneOf($this->by->workshop->packs()->pluck('code')->all()), $this->oneOf(PackSite::cases())],
            ])),
            'throttle' => fn (Job $job) => app(KeepCockpit::class)($job, $this->by, $job->version, $this->oneOf([
                CockpitWish::usual(), new CockpitWish(
                    [...CockpitWish::usual()->fixtures, new Fixture(FixtureKind::Throttle, BarSide::Right, 20.0)],
                ),
            ])),
            'sensor' => fn (Job $job) => $this->decide(fn (string $why) => app(DecideSensors::class)(
                $job, $this->by, $job->version, [
                    ($about = About::brakeSensor($this->oneOf(BarSide::cases()))->kept()) => $this->oneOf(BrakeSensing::cases())->value,
                ], [$about => $why],
            )),
            'allow' => fn (Job $job) => app(AllowDecision::class)(
                $job, $this->by, (int) Decision::query()->where('job_id', $job->id)->max('id'), 'I answer for it',
            ),
            'house' => fn (Job $job) => $this->decide(
                fn (string $why) => app(DepartFromHouse::class)(
                    $job, $this->by, $job->version, $this->oneOf($this->oneOf(Question::cases())->schools()), $why,
                ),
            ),
            'pass' => function (Job $job): void {
                $held = OpenJob::of($job)->the(BuildState::class)->gate?->held() ?? [];
                $code = $this->oneOf(array_keys($held));
                $this->decide(fn (string $why) => app(PassHold::class)($job, $this->by, $code, $held[$code]->mark(), $why));
            },
            'arrivals' => fn (Job $job) => app(NoteArrivals::class)(
                $job, $this->by, $job->version,
                $this->oneOf([null, [], [$this->oneOf(OpenJob::of($job)->the(Gathering::class)->needs)->mark()]]),
            ),
            'go without' => fn (Job $job) => $this->decide(function (string $why) use ($job): void {
                $lack = $this->oneOf(OpenJob::of($job)->the(Lacking::class)->open);
                app(AnswerForLack::class)($job, $this->by, $lack->code, $lack->mark(), $why);
            }),
            'shorten' => fn (Job $job) => app(SetSupply::class)(
                $job, $this->by, $job->version, $this->oneOf($job->runs->all()), ['supply_mm' => $this->oneOf([120.0, 1400.0])],
            ),
            'insist' => fn (Job $job) => $this
                ->decide(fn (string $why) => app(KeepInsistence::class)($job, $this->by, $job->version, 'battery', $why, 'A. Rider')),
            'limit' => fn (Job $job) => $this->decide(
                fn (string $why) => app(KeepSetting::class)(
                    $job, $this->by, SettingName::CutOff, SettingName::NO_LIMIT, $why, 'Section 4',
                ),
            ),
            'setting' => fn (Job $job) => app(KeepSetting::class)(
                $job, $this->by, SettingName::CutOff, $this->oneOf(['25', '32', 'fast']), null, null,
            ),
            'hand over' => fn (Job $job) => $this->handOver($job),
            'take back' => fn (Job $job) => app(TakeHandOverBack::class)($job, $this->by, 'A bolt was forgotten'),
            'come back' => fn (Job $job) => app(KeepRecheck::class)(
                $job, $this->by, 60, null, null,
                ['nut-torque' => ['found' => $this->oneOf(Found::cases()), 'torque_nm' => null, 'note' => null]],
            ),
            'end' => fn (Job $job) => $this->random
                ->getInt(0, 2) > 0 ?: app(EndJob::class)($job, $this->by, $this->oneOf(JobEnd::cases()), 'Given up'),
            'take up' => fn (Job $job) => app(TakeUpAgain::class)($job, $this->by),
        ];
    }

    /** What is next, as a careful person does it. */
    private function forward(Job $job): void
    {
        $open = OpenJob::of($job);
        $sheet = $open->buildSheet();
        $step = $open->the(BuildState::class)->open[0] ?? null;
        $proving = $open->the(Proving::class);
        $check = $proving->openChecks()[0] ?? null;
        match (true) {
            $job->ended_at !== null => app(TakeUpAgain::class)($job, $this->by),
            $job->handed_over_at !== null => app(TakeHandOverBack::class)($job, $this->by, 'Back once more'),
            $job->stopped_for !== null => $this->liftStops($job),
            $sheet === null || $open->the(Checks::class)->outlook?->standing() !== [] => $this->putRight($job),
            $open->the(Lacking::class)->open !== [] => $this->cure($job, $open),
            $step !== null => $this->build($job, $step),
            count($open->the(LineWatch::class)->settings) < 4 => $this->settle($job),
            $open->the(FittingOut::class)->brakeCut()->open() !== [] || $open->stop() !== null => $this->putRight($job),
            $check !== null => $this->check($job, $check, true),
            default => $this->handOver($job),
        };
    }

    /** All that is left, as a careful person does it, until the bike has left or something refuses. */
    private function finish(Job $job): void
    {
        for ($i = 0; $i < 150 && $job->handed_over_at === null; $i++) {
            $this->forward($job);
            $job = Workshops::fresh($job);
        }
    }

    /** A form that was open too long: refused, whatever it asks for. */
    private function stale(Job $job): void
    {
        $old = max(0, $job->version - $this->random->getInt(1, 5));
        $this->oneOf([
            fn () => app(ChooseRing::class)($job, $this->by, $old, $this->oneOf($this->by->workshop->rings()->pluck('id')->all())),
            fn () => app(SolveStack::class)($job, $this->by, $old),
            fn () => app(HandBikeOver::class)($job, $this->by, $old, Carbon::today()->addDays(14), null),
            fn () => app(KeepSetting::class)($job, $this->by, SettingName::Levels, '7', null, null, 999_999_999),
            fn () => app(KeepBand::class)($job, $this->by, Fastener::CrankBolt, new TorqueBand(1.0, 2.0), 'a stale card', 999_999_999),
        ])();
        throw new LogicException('A form that was open too long was taken.');
    }

    /** The demo's catalogue as somebody has changed it meanwhile: another band, another name, codes as long as may be. */
    private function catalogue(): string
    {
        $catalogue = json_decode((string) file_get_contents(database_path('demo/catalogue.json')), true, flags: JSON_THROW_ON_ERROR);
        $catalogue['motors']['heron-73']['nut']['torque_nm'] = $this->oneOf([[42, 50], [40, 52]]);
        $catalogue['motors']['heron-73']['name'] = $this->oneOf(['Heron, 73 sleeve', str_repeat('Heron ', 33)]);
        $catalogue['motors'][str_repeat('ö', 200)] = $catalogue['motors']['heron-73'];
        $catalogue['rings'][str_repeat('ü', 200)] = $catalogue['rings']['deep-40'];

        return json_encode($catalogue, JSON_THROW_ON_ERROR);
    }

    private function rename(): void
    {
        $name = 'Owner '.$this->oneOf(['Tester', 'Otherwise', str_repeat('Long ', 20)]);
        app(ChangePerson::class)($this->by, $this->by, trim($name), Role::Owner);
        $this->by->refresh();
    }

    private function putRight(Job $job): void
    {
        $workshop = $this->by->workshop;
        app(ChooseMotor::class)($job, $this->by, $job->version, (int) $workshop->motors()->where('code', 'heron-73')->value('id'), null);
        app(ChooseRing::class)($job, $this->by, $job->version, (int) $workshop->rings()->where('code', 'deep-40')->value('id'));
        app(SolveStack::class)($job, $this->by, $job->version);
        app(BraceBody::class)(
            $job, $this->by, $job->version,
            new BracingDecision(position: BodyPosition::Below, rest: Rest::Frame, restRadius: 120.0, gap: GapContents::Nothing),
        );
        app(ChooseBattery::class)($job, $this->by, $job->version, null, null);
        app(KeepCockpit::class)($job, $this->by, $job->version, CockpitWish::usual());
        foreach (['left' => BrakeSensing::StickOn, 'right' => BrakeSensing::NoLever] as $side => $sensing) {
            app(DecideSensors::class)(
                $job, $this->by, $job->version, [About::brakeSensor(BarSide::from($side))->kept() => $sensing->value], [],
            );
        }
        $this->read($job, '73.02');
    }

    /** What is wanting, one thing after the other; an owner answers for what is not there to be had. */
    private function cure(Job $job, OpenJob $open): void
    {
        $lack = $open->the(Lacking::class)->open[0];
        match ($lack->kind) {
            LackKind::Condition => app(FindRestFine::class)($job, $this->by, Subject::cases()),
            LackKind::Part => app(NoteArrivals::class)($job, $this->by, $job->version, null),
            default => $this->decide(fn (string $why) => app(AnswerForLack::class)($job, $this->by, $lack->code, $lack->mark(), $why)),
        };
    }

    private function settle(Job $job): void
    {
        foreach (['units' => 'km', 'levels' => '5', 'cut_off_kmh' => '25', 'wheel_mm' => '2180'] as $name => $value) {
            app(KeepSetting::class)($job, $this->by, SettingName::from($name), $value, null, null);
        }
    }

    private function liftStops(Job $job): void
    {
        $stop = Condition::query()->where('job_id', $job->id)->whereNull('superseded_at')->whereNull('lifted_at')->latest('id')
            ->firstOrFail();
        app(LiftStop::class)($job, $this->by, $stop, 'Seen by a frame builder');
    }

    private function build(Job $job, BuildStep $step): void
    {
        $isByHand = $step->fastener !== null && $step->band === null;
        $isFine = $this->random->getInt(0, 19) > 0;
        $torque = $step->band === null ? null : (
            $this->random->getInt(0, 9) > 0 ? $step->band->torque->middle() : $step->band->torque->low * 0.6
        );
        app(RecordBuildStep::class)($job, $this->by, $step->code, [
            'state' => $isFine
                ? StepState::Done
                : StepState::Stopped, 'torque_nm' => $torque, 'by_hand' => $isByHand, 'compound' => null, 'note' => 'by hand: no paper',
        ], (int) (Records::of($job)->at(Sheet::Build, $step->code)->id ?? 0));
    }

    private function check(Job $job, Check $check, bool $isRight): void
    {
        app(RecordProveCheck::class)($job, $this->by, $check->code, [
            'state' => $isRight ? StepState::Done : StepState::Stopped,
            'figure' => $check->figure === null ? null : ($check->figure->least + $check->figure->most) / 2, 'note' => 'as seen',
        ], (int) (Records::of($job)->at(Sheet::Prove, $check->code)->id ?? 0));
    }

    private function read(Job $job, ?string $typed = null): void
    {
        $mm = $typed ?? $this->oneOf(['73.02', '73.06', '72.4', '68.1']);
        app(KeepReading::class)(
            $job, $this->by, Spot::ShellWidth, Measurement::fromReadings([(float) $mm], 0.02), Instrument::Caliper, $mm, afresh: true,
            isSure: true,
        );
    }

    private function handOver(Job $job): void
    {
        app(HandBikeOver::class)($job, $this->by, $job->version, Carbon::today()->addDays(14), null);
        $this->made['handed over'] = ($this->made['handed over'] ?? 0) + 1;
    }

    /** @param  callable(string): mixed  $decide */
    private function decide(callable $decide): void
    {
        $why = "Because of reason {$this->count}.";
        $decide($why);
        $this->reasons[] = $why;
    }

    /**
     * @template T
     *
     * @param  array<array-key, T>  $of
     * @return T
     */
    private function oneOf(array $of): mixed
    {
        $of !== [] || throw ValidationException::withMessages(['move' => 'There is nothing to do it with.']);

        return array_values($of)[$this->random->getInt(0, count($of) - 1)];
    }
}
