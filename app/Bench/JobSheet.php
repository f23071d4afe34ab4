<?php

declare(strict_types=1);

namespace App\Bench;

use App\Documents\CatalogueDocument;
use App\Documents\JobDocument;
use App\Models\Job;
use App\Models\Lead;
use App\Models\StepRecord;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Document\InvalidDocument;
use NeatSpindle\Core\Document\JobReader;
use NeatSpindle\Core\Fit\MotorMatch;
use NeatSpindle\Core\Frame\BikeShape;
use NeatSpindle\Core\Line\RingChoice;
use NeatSpindle\Core\Order\Alternative;
use NeatSpindle\Core\Order\Alternatives;
use NeatSpindle\Core\Reaction\Bracing;
use NeatSpindle\Core\Route\RoutePlan;
use NeatSpindle\Core\Sheet\BuildSheet;
use NeatSpindle\Core\Shell\Identification;
use NeatSpindle\Core\Strip\StripPlan;
use NeatSpindle\Core\Survey\Spot;
use NeatSpindle\Core\Survey\SurveyPlan;
use NeatSpindle\Core\Worksheet\Worksheet;

/** A job opened on the bench: what was kept, and what the core makes of it. */
class JobSheet
{
    /**
     * @param  ?Worksheet  $worksheet  null while something essential is missing
     * @param  list<Spot>  $missing  the spots it is missing at
     * @param  array<string, mixed>  $written  the job document all of it was computed from
     */
    private function __construct(
        public readonly Job $job,
        public readonly Findings $findings,
        public readonly CatalogueDocument $catalogue,
        public readonly JobDocument $document,
        public readonly ?Worksheet $worksheet,
        public readonly array $missing,
        public readonly array $written,
    ) {}

    public static function open(Job $job): self
    {
        return self::read($job, fn (JobDocument $document) => $document->toArray());
    }

    /** Against a catalogue that was read already, with the drawer as it is for everybody. */
    public static function openWith(Job $job, CatalogueDocument $catalogue): self
    {
        return self::read($job, fn (JobDocument $document) => $document->toArray(), $catalogue);
    }

    /** With runs and leads, for the screens that route. */
    public static function openWithRoutes(Job $job): self
    {
        return self::read($job, self::writingRoutes($job));
    }

    /** This one once more, with runs and leads. */
    public function withRoutes(): self
    {
        return self::read($this->job, self::writingRoutes($this->job), $this->catalogue);
    }

    /** @return callable(JobDocument): array<string, mixed> */
    private static function writingRoutes(Job $job): callable
    {
        $leads = Lead::query()->where('workshop_id', $job->workshop_id)->orderBy('connector')->orderBy('length_mm')->get();

        return fn (JobDocument $document) => $document->withRouting($job->loadMissing('runs')->runs, $leads);
    }

    /** @param  callable(JobDocument): array<string, mixed>  $write */
    private static function read(Job $job, callable $write, ?CatalogueDocument $catalogue = null): self
    {
        $findings = Findings::of($job);
        $catalogue ??= CatalogueDocument::forJob($job);
        $document = new JobDocument($job, $findings, $catalogue);
        $written = $write($document);
        try {
            $read = JobReader::fromJson(json_encode($written, JSON_THROW_ON_ERROR));
            $leftOut = $document->leftOut();

            return new self($job, $findings, $catalogue, $document, $leftOut === [] ? Worksheet::of($read) : null, [...$leftOut, ...$document->missingPlates()], $written);
        } catch (InvalidDocument $invalid) {
            return new self($job, $findings, $catalogue, $document, null, [...self::spotsAt($invalid, $catalogue), ...$document->leftOut()], $written);
        }
    }

    /**
     * @return list<Spot>
     *
     * @throws InvalidDocument when a fault is none that a reading or a catalogue could cure
     */
    private static function spotsAt(InvalidDocument $invalid, CatalogueDocument $catalogue): array
    {
        $spots = [];
        foreach ($invalid->faults as $fault) {
            $spot = SurveyPlan::spotAt($fault->path);
            $isForLackOfCatalogue = ! $catalogue->suffices() && str_starts_with($fault->path, '/kit');
            if ($spot === null && ! $isForLackOfCatalogue) {
                throw $invalid;
            }
            $spots[] = $spot;
        }

        return array_values(array_filter($spots));
    }

    /** How the chosen motor is held; null while none is chosen. */
    public function mount(): ?Mount
    {
        return $this->catalogue->motors->firstWhere('id', $this->job->kit?->motor_id)?->mount;
    }

    public function isKitChosen(): bool
    {
        return $this->job->kit?->motor_id !== null && $this->job->kit->ring_id !== null;
    }

    /** Every ring that can be had, in every way it bolts to the chosen motor; null before one is chosen. */
    public function ringChoice(): ?RingChoice
    {
        $worksheet = $this->chosenWorksheet();
        $motor = $this->catalogue->motors->firstWhere('id', $this->job->kit?->motor_id);

        return $worksheet === null || $motor === null
            ? null
            : RingChoice::of($worksheet, $this->catalogue->boltsOn($motor, $worksheet->job->kit->ring->code));
    }

    /** The worksheet once a motor and a ring are chosen for it. */
    public function chosenWorksheet(): ?Worksheet
    {
        return $this->isKitChosen() && ! $this->document->isStandIn() ? $this->worksheet : null;
    }

    /** What the shell is known to be; null while its width is not measured. */
    public function identification(): ?Identification
    {
        if ($this->worksheet !== null) {
            return $this->worksheet->identification;
        }
        $shell = $this->document->shell();

        return isset($shell['width_mm'])
            ? Identification::of(JobReader::shell((object) json_decode(json_encode($shell, JSON_THROW_ON_ERROR))))
            : null;
    }

    /** What stops the job, in words: a condition found, or something soft where the body will press. Null when nothing does. */
    public function stop(): ?string
    {
        return $this->job->stopped_for ?? $this->bracing()?->stop();
    }

    /** What keeps the body from turning, as far as it is decided; null until then. */
    public function bracing(): ?Bracing
    {
        $motor = $this->catalogue->motors->firstWhere('id', $this->job->kit?->motor_id);
        $choice = $motor === null ? null : BracingChoice::of($this->job->kit, $motor);

        return $choice === null || ! $choice->isDecided() ? null : new Bracing($this->chosenWorksheet()?->reaction, $choice->rest(), $choice->gap(), $choice->restRadius());
    }

    public function stripPlan(): StripPlan
    {
        return StripPlan::for($this->findings->fitted(), $this->identification());
    }

    /** @return list<MotorMatch> */
    public function matches(): array
    {
        return $this->worksheet === null ? [] : $this->worksheet->match();
    }

    /** @return list<Alternative> what else would work from the drawer */
    public function alternatives(): array
    {
        $worksheet = $this->chosenWorksheet();

        return $worksheet === null ? [] : Alternatives::of($worksheet);
    }

    public function shape(): BikeShape
    {
        return BikeShape::of($this->job->bike->kind, $this->findings->lengths());
    }

    public function routePlan(): ?RoutePlan
    {
        return $this->worksheet?->job->routing === null ? null : RoutePlan::of($this->worksheet->job->routing);
    }

    public function buildSheet(): ?BuildSheet
    {
        $worksheet = $this->chosenWorksheet();

        return $worksheet === null ? null : BuildSheet::of($worksheet, $this->routePlan()->routes ?? [], $this->findings->guideRemedy());
    }

    /** @return array<string, StepRecord> what stands recorded, by step */
    public function records(string $sheet): array
    {
        return $this->job->stepRecords->where('sheet', $sheet)->keyBy('step')->all();
    }
}
