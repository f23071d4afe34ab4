<?php

declare(strict_types=1);

namespace App\Bench;

use App\Assembly\BikeAssembler;
use App\Assembly\BracingChoice;
use App\Assembly\Decisions;
use App\Assembly\Findings;
use App\Assembly\KnownMotor;
use App\Assembly\Records;
use App\Assembly\RidingChoice;
use App\Assembly\RouteAssembler;
use App\Assembly\WorkshopCatalogue;
use App\Models\Job;
use App\Models\OwnStretch;
use NeatSpindle\Core\Choosing\Fit\MotorMatch;
use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Fitting\Route\RoutePlan;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Mount\Mount;
use NeatSpindle\Core\Holding\Reaction\Bracing;
use NeatSpindle\Core\Measuring\Frame\BikeShape;
use NeatSpindle\Core\Measuring\Frame\Kind\KindWays;
use NeatSpindle\Core\Measuring\Frame\Kind\Shapes;
use NeatSpindle\Core\Measuring\Strip\StripPlan;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Measuring\Survey\Walk;
use NeatSpindle\Core\Parts\Part\Ring;
use NeatSpindle\Core\Whole\Job\Job as JobToCompute;
use NeatSpindle\Core\Whole\Job\Kit;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

use function array_diff_key;
use function array_flip;
use function array_key_exists;

/** A job opened on the bench: what was kept, and what the core makes of it. Each is worked out once, when it is asked for. */
class OpenJob
{
    /** What is worked out from what is recorded on the sheets; a test sees that nothing is missing. */
    public const OF_TICKS = ['walk', BuildState::class, Doubtful::class, Proving::class];

    public readonly Findings $findings;

    public readonly Records $records;

    public readonly Decisions $decisions;

    /** Whether the frame's own bracket can be said to stay. */
    public readonly bool $canBracketStay;

    private readonly BikeAssembler $assembler;

    /** @var array<string, mixed> */
    private array $known = [];

    public function __construct(public readonly Job $job, public readonly WorkshopCatalogue $catalogue)
    {
        $this->records = Records::of($job);
        $this->canBracketStay = StripProgress::canBracketStay($this);
        $this->findings = Findings::of($job, $this->canBracketStay);
        $this->decisions = Decisions::of($job);
        $this->assembler = new BikeAssembler($job->bike, $this->findings);
    }

    public static function of(Job $job): self
    {
        return new self($job, WorkshopCatalogue::forJob($job));
    }

    /** The same job after something was recorded on its sheets alone: what that cannot alter is not worked out again. */
    public function afterTicks(Job $job): self
    {
        $after = new self($job, $this->catalogue);
        $after->known = $after->canBracketStay !== $this->canBracketStay ? [] : array_diff_key($this->known, array_flip(self::OF_TICKS));

        return $after;
    }

    /** The chosen motor; null while none is chosen. */
    public function motor(): ?KnownMotor
    {
        return $this->once('motor', fn (): ?KnownMotor => $this->catalogue->motor($this->job->kit?->motor_id));
    }

    /** How the chosen motor is held; null while none is chosen. */
    public function mount(): ?Mount
    {
        return $this->motor()?->mount();
    }

    public function isKitChosen(): bool
    {
        return $this->motor() !== null && $this->job->kit?->ring_id !== null;
    }

    /** Null while something is missing without which no motor can be judged. */
    public function bike(): ?Bike
    {
        return $this->once('bike', fn (): ?Bike => $this->assembler->bike($this->mount()));
    }

    /** @return list<Spot> what is still to be measured before the job can be computed */
    public function missing(): array
    {
        return [...$this->assembler->missing(), ...$this->missingForTheMount()];
    }

    /** @return list<Spot> what is still to be measured for the chosen motor's mount alone */
    public function missingForTheMount(): array
    {
        return $this->assembler->missingFor($this->mount());
    }

    /** What the shell is known to be; null while its width is not measured. */
    public function identification(): ?Identification
    {
        return $this->once('identification', function (): ?Identification {
            $shell = $this->assembler->shell();

            return $shell === null ? null : Identification::of($shell);
        });
    }

    /** The ring motors are judged with: the chosen one, else the first of the catalogue; null when there is none. */
    public function ring(): ?Ring
    {
        $kit = $this->job->kit;

        return $this->catalogue->ring($kit?->ring_id, $kit->ring_mounting ?? '') ?? $this->catalogue->firstRing();
    }

    /** @return list<MotorMatch> every motor against this bike */
    public function matches(): array
    {
        return $this->once('matches', function (): array {
            [$bike, $shell, $ring] = [$this->bike(), $this->identification(), $this->ring()];

            return $bike === null || $shell === null || $ring === null ? [] : MotorMatch::all(
                $bike, $shell, $ring, $this->catalogue->core(),
            );
        });
    }

    /** All that follows once motor and ring are chosen; null until then, and while something for them is not measured. */
    public function worksheet(): ?Worksheet
    {
        return $this->once('worksheet', function (): ?Worksheet {
            $job = $this->toCompute();

            return $job === null ? null : Worksheet::of($job);
        });
    }

    /** The job as the core computes it. */
    public function toCompute(bool $withRouting = false): ?JobToCompute
    {
        [$bike, $motor, $ring, $kit] = [$this->bike(), $this->motor(), $this->ring(), $this->job->kit];

        $isReady = $this->isKitChosen() && $this->missingForTheMount() === [];

        return $bike === null || $motor === null || $ring === null || $kit === null || ! $isReady ? null : new JobToCompute(
            $this->catalogue->core(),
            $bike,
            new Kit($motor->part, $ring, $this->catalogue->insert($kit->insert_id)?->part, $kit->by_hand),
            routing: $withRouting ? $this->laying()->routing() : null,
            torquing: $motor->part->held->nut() === null ? null : BracingChoice::of($kit, $motor)->torquing(),
            hill: RidingChoice::of($kit, $this->job->bike->kind)->hill(),
            pack: $this->the(FittingOut::class)->packQuestion(),
            nutSocket: $this->catalogue->parts->nutSocket,
        );
    }

    /**
     * What stops the job, in words: a condition found, something soft where the body will press, a pack of another voltage,
     * a brake that does not cut the motor. Null when nothing does.
     */
    public function stop(): ?string
    {
        return $this->once(
            'stop', fn (): ?string => $this->job->stopped_for ?? $this->bracing()?->stop() ?? $this->the(FittingOut::class)->stop(),
        );
    }

    /** What keeps the body from turning, as far as it is decided; null until then. */
    public function bracing(): ?Bracing
    {
        return $this->once('bracing', function (): ?Bracing {
            $motor = $this->motor();
            $choice = $motor === null ? null : BracingChoice::of($this->job->kit, $motor);

            return $choice === null || ! $choice->isDecided() ? null : $choice->bracing(
                $this->worksheet()?->reaction, $this->job->bike->frame_material, $this->the(Surroundings::class)->inTheGap,
            );
        });
    }

    /** The walk round this bike: what is needed, what is open, what comes next. */
    public function walk(): Walk
    {
        return $this->once('walk', fn (): Walk => RoundOfSpots::of($this));
    }

    public function stripPlan(): StripPlan
    {
        return $this->once(
            'strip', fn () => StripPlan::for($this->findings->fitted(), $this->identification(), $this->the(JobHouse::class)->rules),
        );
    }

    public function shape(): BikeShape
    {
        return $this->once('shape', fn () => Shapes::of($this->job->bike->kind, $this->findings->lengths()));
    }

    public function routePlan(): ?RoutePlan
    {
        return $this->once('routes', function (): ?RoutePlan {
            $routing = $this->laying()->routing();

            return $routing === null ? null : RoutePlan::of($routing);
        });
    }

    /** What a build depends on beside the sums. */
    public function circumstances(): Circumstances
    {
        return $this->once('circumstances', fn () => CircumstancesAssembler::of($this));
    }

    public function buildSheet(): ?BuildSheet
    {
        return $this->once('build', fn () => $this->worksheet()?->buildSheet($this->circumstances()));
    }

    /**
     * Something that follows from the job.
     *
     * @template T of FromJob
     *
     * @param  class-string<T>  $class
     * @return T
     */
    public function the(string $class): FromJob
    {
        return $this->once($class, fn () => $class::of($this));
    }

    /** The ways on this frame, and which runs can be laid on them. */
    public function laying(): RouteAssembler
    {
        return $this->once('laying', fn () => new RouteAssembler(
            KindWays::of(
                $this->job->bike->kind, $this->findings->lengths(), $this->the(FittingOut::class)->onTheBar($this->job), $this->findings->isGuided(),
            )
                ->with(
                    array_values($this->job->ownStretches->map(fn (OwnStretch $row) => $row->way())->all()),
                ),
            $this->job->runs,
            fn () => $this->job->leads,
            $this->bracing()?->rest,
        ));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private function once(string $what, callable $work): mixed
    {
        if (! array_key_exists($what, $this->known)) {
            $this->known[$what] = $work();
        }

        /** @var T */
        return $this->known[$what];
    }
}
