<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Actions\ChangeJob;
use App\Actions\Jobs\StartJob;
use App\Actions\Kit\AnswerForLack;
use App\Actions\Kit\BraceBody;
use App\Actions\Kit\ChooseMotor;
use App\Actions\Kit\ChooseRing;
use App\Actions\Kit\DecideSensors;
use App\Actions\Kit\NoteArrivals;
use App\Actions\Prove\KeepSetting;
use App\Actions\Prove\RecordProveCheck;
use App\Actions\Steps\RecordBuildStep;
use App\Actions\Survey\FindRestFine;
use App\Actions\Survey\GiveAnswer;
use App\Actions\Survey\KeepReading;
use App\Bench\BuildState;
use App\Bench\Lacking;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Documents\CatalogueDocument;
use App\Models\Job;
use App\Models\Role;
use App\Models\Sheet;
use App\Models\StepRecord;
use App\Models\StepState;
use App\Models\User;
use App\Models\Values\About;
use App\Models\Values\BracingDecision;
use App\Models\Workshop;
use Database\Factories\UserFactory;
use Illuminate\Support\Facades\Auth;
use LogicException;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Ground\Measure\LengthText;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Whole\Prove\SettingName;

/** Made-up workshops with people, a catalogue and a hardtail, for the tests. */
final class Workshops
{
    public const PASSWORD = UserFactory::PASSWORD;

    /** Everything a hardtail with a 73 mm shell shows. */
    public const READINGS = [
        'room_base' => '560', 'room_front' => '520', 'room_rear' => '420', 'cups_width' => '77', 'cup_flange' => '2', 'wheelbase' => '1130',
        'chainstay_length' => '438', 'over_locknuts' => '135', 'cog_inset' => '5.2', 'cog_pitch' => '4.34', 'wheel' => '2180',
        'stay_45' => '-4', 'stay_64' => '3.2', 'stay_80' => '4.1', 'stay_112' => '9.5',
        'shell_width' => '73.04 72.96 73.08', 'shell_bore' => '33.7', 'thread_pitch' => '1.06', 'guide_depth' => '3.6',
        'down_tube' => '650', 'bar_to_head' => '250', 'sensor_gap' => '4',
    ];

    public const ANSWERS = [
        'crank_kind' => 'square-taper', 'bracket_kind' => 'threaded', 'front_mech' => 'yes', 'chain_kept' => 'no', 'kickstand' => 'no',
        'guide_remedy' => 'stays',
        'shell_threaded' => 'yes', 'drive_cup_loosens' => 'clockwise', 'cogs' => '11 13 15 17 20 23 26 30 34', 'old_chain_links' => '108',
    ];

    public static function person(Role $role = Role::Owner, ?Workshop $workshop = null, ?string $name = null): User
    {
        return User::factory()->in($workshop ?? Workshop::factory()->createOne(), $role)
            ->createOne($name === null ? [] : ['name' => $name]);
    }

    /** A person whose workshop has the demo's catalogue. */
    public static function stocked(Role $role = Role::Owner): User
    {
        return self::asNobody(function () use ($role): User {
            $person = self::person($role);
            $owner = $role === Role::Owner ? $person : self::person(Role::Owner, $person->workshop()->firstOrFail());
            app(ReadCatalogueIn::class)($owner, CatalogueDocument::read((string) file_get_contents(database_path('demo/catalogue.json'))));

            return $person->refresh()->load('workshop');
        });
    }

    public static function job(User $by, string $bike = 'Grey hardtail'): Job
    {
        return self::asNobody(function () use ($by, $bike): Job {
            return self::fresh(
                app(StartJob::class)(
                    $by, ['customer' => 'A. Rider', 'bike' => $bike, 'kind' => 'diamond', 'frame_material' => 'aluminium'],
                ),
            );
        });
    }

    /** @param  array<string, string>  $readings */
    public static function measured(User $by, array $readings = self::READINGS): Job
    {
        return self::asNobody(fn (): Job => JobCopy::of('measured '.json_encode($readings), $by, function () use ($by, $readings): Job {
            $job = self::job($by);
            app(ChangeJob::class)->inOneGo($job, function () use ($job, $by, $readings): void {
                foreach ($readings as $code => $typed) {
                    self::read($job, $by, Spot::from($code), $typed);
                }
                foreach (self::ANSWERS as $question => $value) {
                    app(GiveAnswer::class)($job, $by, Spot::from($question), $value);
                }
            });

            return self::fresh($job);
        }));
    }

    public static function read(Job $job, User $by, Spot $spot, string $typed): void
    {
        self::asNobody(function () use ($job, $by, $spot, $typed): void {
            $instrument = $spot->instrument() ?? Instrument::Tape;
            $measured = (new LengthText(LengthUnit::Millimetre))->measurement($typed, $instrument->doubtMm());
            app(KeepReading::class)($job, $by, $spot, $measured, $instrument, $typed, isSure: true);
        });
    }

    public static function kitted(User $by, string $motor = 'heron-73', string $ring = 'deep-40'): Job
    {
        return self::asNobody(fn (): Job => JobCopy::of("kitted {$motor} {$ring}", $by, function () use ($by, $motor, $ring): Job {
            $job = self::measured($by);
            $workshop = $by->workshop()->firstOrFail();
            app(ChooseMotor::class)($job, $by, $job->version, (int) $workshop->motors()->where('code', $motor)->value('id'), null);
            app(ChooseRing::class)($job, $by, $job->version, (int) $workshop->rings()->where('code', $ring)->value('id'));

            app(BraceBody::class)(
                $job, $by, $job->version,
                new BracingDecision(position: BodyPosition::Below, rest: Rest::Frame, restRadius: 120.0, gap: GapContents::Nothing),
            );

            return self::fresh($job);
        }));
    }

    /** Its stack as it stands. */
    public static function stack(Job $job): Stack
    {
        return OpenJob::of(self::fresh($job))->worksheet()->stack ?? throw new LogicException('This job has no stack.');
    }

    public static function fresh(Job $job): Job
    {
        return self::asNobody(function () use ($job): Job {
            return Job::opened($job->id);
        });
    }

    /** Everything is here and looked at; for what is still wanting its owner answers. */
    public static function ready(Job $job): Job
    {
        return self::asNobody(function () use ($job): Job {
            $owner = User::query()->where('workshop_id', $job->workshop_id)->where('role', Role::Owner)->firstOrFail();
            app(FindRestFine::class)($job, $owner, Subject::cases());
            app(NoteArrivals::class)($job, $owner, $job->version, null);
            foreach (OpenJob::of(self::fresh($job))->the(Lacking::class)->open as $lack) {
                app(AnswerForLack::class)($job, $owner, $lack->code, $lack->mark(), 'A test wants it so');
            }

            return self::fresh($job);
        });
    }

    /** Ticks every step of the build that comes before one; all of them when none is named. */
    public static function built(Job $job, User $by, ?string $before = null): Job
    {
        return self::asNobody(fn (): Job => JobCopy::after("built {$before}", $job, $by, function () use ($job, $by, $before): void {
            $job = self::ready(self::fresh($job));
            app(ChangeJob::class)->inOneGo($job, fn () => self::tickUntil($job, $by, $before));
        }));
    }

    /** Built, its settings written down, and every check right: it may leave. */
    public static function proved(Job $job, User $by): Job
    {
        return self::asNobody(fn (): Job => JobCopy::after('proved', $job, $by, function () use ($job, $by): void {
            foreach (['left' => BrakeSensing::StickOn, 'right' => BrakeSensing::NoLever] as $side => $sensing) {
                app(DecideSensors::class)(
                    $job, $by, self::fresh($job)->version, [About::brakeSensor(BarSide::from($side))->kept() => $sensing->value], [],
                );
            }
            $job = self::built($job, $by);
            app(ChangeJob::class)->inOneGo($job, fn () => self::prove($job, $by));
        }));
    }

    /** Whatever is open on the sheet and among the checks, done once more. */
    public static function provedAgain(Job $job, User $by): Job
    {
        return self::asNobody(function () use ($job, $by): Job {
            foreach (OpenJob::of(self::fresh($job))->the(BuildState::class)->open as $step) {
                app(RecordBuildStep::class)($job, $by, $step->code, [
                    'state' => StepState::Done, 'torque_nm' => $step->band?->torque
                        ->middle(), 'by_hand' => $step->fastener !== null && $step->band === null, 'compound' => null,
                    'note' => $step->fastener !== null && $step->band === null ? 'by hand: no paper' : null,
                ], self::standing($job, Sheet::Build, $step->code));
            }
            foreach (OpenJob::of(self::fresh($job))->the(Proving::class)->openChecks() as $check) {
                app(RecordProveCheck::class)($job, $by, $check->code, [
                    'state' => StepState::Done, 'figure' => $check->figure === null ? null : (
                        $check->figure->least + $check->figure->most
                    ) / 2, 'note' => null,
                ], self::standing($job, Sheet::Prove, $check->code));
            }

            return self::fresh($job);
        });
    }

    /** The record that stands at a step or a check; 0 where none does. */
    private static function standing(Job $job, Sheet $sheet, string $code): int
    {
        return (int) StepRecord::query()->where('job_id', $job->id)->where('sheet', $sheet)->where('step', $code)
            ->whereNull('superseded_at')->max('id');
    }

    private static function prove(Job $job, User $by): void
    {
        foreach (['units' => 'km', 'wheel_mm' => '2180', 'cut_off_kmh' => '25', 'levels' => '5'] as $name => $value) {
            app(KeepSetting::class)($job, $by, SettingName::from($name), $value, null, null);
        }
        foreach (OpenJob::of(self::fresh($job))->the(Proving::class)->plan->checks as $check) {
            app(RecordProveCheck::class)($job, $by, $check->code, [
                'state' => StepState::Done, 'figure' => $check->figure === null ? null : (
                    $check->figure->least + $check->figure->most
                ) / 2, 'note' => null,
            ]);
        }
    }

    private static function tickUntil(Job $job, User $by, ?string $before): void
    {
        foreach (OpenJob::of(self::fresh($job))->buildSheet()->steps ?? [] as $step) {
            if ($step->code === $before) {
                return;
            }
            app(RecordBuildStep::class)($job, $by, $step->code, [
                'state' => StepState::Done, 'torque_nm' => $step->band?->torque
                    ->middle(), 'by_hand' => $step->fastener !== null && $step->band === null, 'compound' => null,
                'note' => $step->fastener !== null && $step->band === null ? 'by hand: no paper' : null,
            ]);
        }
    }

    /**
     * Whoever is signed in sees their own workshop only; what tests set up may lie in any.
     *
     * @template T
     *
     * @param  callable(): T  $setUp
     * @return T
     */
    private static function asNobody(callable $setUp): mixed
    {
        $user = Auth::hasUser() ? Auth::user() : null;
        Auth::forgetUser();
        try {
            return $setUp();
        } finally {
            $user === null || Auth::setUser($user);
        }
    }
}
