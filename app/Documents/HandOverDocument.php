<?php

declare(strict_types=1);

namespace App\Documents;

use App\Bench\Departure;
use App\Bench\FittingOut;
use App\Bench\JobHouse;
use App\Bench\LineWatch;
use App\Bench\OpenJob;
use App\Models\Condition;
use App\Models\Decision;
use App\Models\HandOver;
use App\Models\Job;
use App\Models\Picture;
use App\Models\Setting;
use App\Models\Sheet;
use App\Models\SheetAddress;
use App\Models\StandingRows;
use App\Models\StepRecord;
use App\Models\StepState;
use App\Models\User;
use App\Models\Values\About;
use App\Models\Values\AboutKind;
use App\Models\Values\HandOverSheet;
use Illuminate\Support\Carbon;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Fitting\Sensor\GearSensing;
use NeatSpindle\Core\Fitting\Sensor\SpeedSite;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Whole\Prove\RecheckPlan;

use function array_filter;
use function array_map;
use function array_values;

/** The sheet that leaves with a bike, written from the job as it stands; once it has left, the one that was kept is read. */
final readonly class HandOverDocument
{
    private const USUAL_DAYS = 14;

    private const DAY = 'j F Y';

    private function __construct(private OpenJob $open, private TorqueUnit $unit) {}

    /** As it was kept when the bike left; a draft of it before. One that left before sheets were kept is written from its job. */
    public static function of(OpenJob $open, User $reader): HandOverSheet
    {
        $left = $open->the(Departure::class)->handOver;

        return $left->sheet ?? (new self($open, $reader->torque_unit))->written($left);
    }

    /** What an address opens: null while the bike has not left. */
    public static function given(SheetAddress $address): ?HandOverSheet
    {
        $job = StandingRows::read(Job::query()->whereNotNull('handed_over_at'), $address->job_id);

        return $job === null ? null : self::of(OpenJob::of($job), $address->user);
    }

    /**
     * Everything that was decided, as a table: a sheet on paper has room for so much of it.
     *
     * @return list<list<string>> the heading first
     */
    public static function decidedRows(HandOverSheet $sheet): array
    {
        return [['decided'], ...array_map(fn (string $decided) => [$decided], $sheet->decided)];
    }

    /** To be kept with a hand-over that is about to be written. */
    public static function toKeep(OpenJob $open, User $by, HandOver $handOver): HandOverSheet
    {
        return (new self($open, $by->torque_unit))->written($handOver);
    }

    private function written(?HandOver $left): HandOverSheet
    {
        $job = $this->open->job;
        StandingRows::also($job, ['everyDecision', 'settingsLog', 'pictures']);
        $workshop = $job->workshop()->firstOrFail();

        return new HandOverSheet(
            bike: "{$job->number}: {$job->bike->label}",
            customer: $job->customer_name,
            workshop: "{$workshop->name}, {$workshop->place}",
            handed: $left === null ? null : "{$left->handed_at->format(self::DAY)} by {$left->user->name}",
            note: $left?->note,
            recheckOn: ($left->recheck_on ?? Carbon::today()->addDays(self::USUAL_DAYS))->format(self::DAY),
            fitted: $this->fitted(),
            set: $this->open->the(LineWatch::class)->settings->mapWithKeys(fn (Setting $setting) => [$setting->name->label() => self::isSet($setting)])->all(),
            torques: $this->torques(),
            decided: $this->decided(),
            found: $this->found(),
            liesIn: $this->liesIn(),
            comesBack: RecheckPlan::of($this->open->buildSheet()->steps ?? [])->items,
            pictures: $job->pictures->where('on_sheet', true)->mapWithKeys(fn (Picture $picture) => [$picture->id => $picture->says()])->all(),
        );
    }

    /** @return array<string, string> */
    private function fitted(): array
    {
        return array_filter([
            'Motor' => $this->open->motor()?->name,
            'Ring' => $this->open->job->kit?->ring_id === null ? null : $this->open->ring()?->label(),
            'Battery' => $this->battery(),
            'Brakes cut the motor' => implode('; ', array_filter(array_map($this->brake(...), BarSide::cases()))) ?: null,
            'Rests on' => $this->open->bracing()?->rest?->label(),
        ]);
    }

    private function battery(): ?string
    {
        $fitting = $this->open->the(FittingOut::class);
        $pack = $fitting->pack;

        return $pack === null ? null : "{$pack->name}, {$pack->volts} V, ".lcfirst((string) $fitting->batteryWish->site?->label());
    }

    private function brake(BarSide $side): string
    {
        $sensing = $this->open->the(FittingOut::class)->brakeCut()->of($side);

        return $sensing === null ? '' : "{$side->value}: ".lcfirst($sensing->label());
    }

    private static function isSet(Setting $setting): string
    {
        return $setting->name->says($setting->value).(
            $setting->reason === null ? '' : ". Decided by {$setting->set_by_name}: {$setting->reason}"
        )
            .($setting->law === null ? '' : " “{$setting->law}”");
    }

    /** @return list<array{string, string, string}> every torque that was given, and what went by hand */
    private function torques(): array
    {
        $done = array_filter($this->open->records->on(Sheet::Build), fn (StepRecord $record) => $record->state === StepState::Done);
        $fastened = array_filter(
            $this->open->buildSheet()->steps ?? [], fn (BuildStep $step) => $step->fastener !== null && isset($done[$step->code]),
        );

        return array_values(array_map(fn (BuildStep $step) => [
            $step->title,
            $step->band === null ? 'no band known'
                : "{$this->unit->figure($step->band->torque->low)} to {$this->unit->show($step->band->torque->high)}, {$step->band->source}",
            trim(($done[$step->code]->torque_nm === null ? 'by hand: ' : $this->unit->show($done[$step->code]->torque_nm).' ').$done[$step->code]->note),
        ], $fastened));
    }

    /** @return list<string> what stands first, then what was decided otherwise since */
    private function decided(): array
    {
        $limits = $this->open->job->settingsLog->whereNotNull('reason');
        $told = fn (bool $stands): array => [
            ...$this->open->job->everyDecision->filter(fn (Decision $one) => ($one->superseded_at === null) === $stands)
                ->map($this->decision(...)),
            ...$limits->filter(fn (Setting $one) => ($one->superseded_at === null) === $stands)->map(self::limit(...)),
        ];

        return [...$told(true), ...$told(false)];
    }

    private function decision(Decision $one): string
    {
        return "{$this->choice($one)}. {$one->made_by_name}, {$one->made_at->format(self::DAY)}: “{$one->reason}”"
            .($one->superseded_at === null ? '' : " Decided otherwise on {$one->superseded_at->format(self::DAY)}.")
            .($one->allowed_at === null ? '' : " Answered for by {$one->allowed_by_name}: “{$one->allowed_because}”");
    }

    private static function limit(Setting $one): string
    {
        return "{$one->name->label()}: {$one->name->says($one->value)}. {$one->set_by_name}, {$one->set_at->format(self::DAY)}: “{$one->reason}”"
            .($one->superseded_at === null ? '' : " Set otherwise on {$one->superseded_at->format(self::DAY)}.");
    }

    private function choice(Decision $decision): string
    {
        $about = About::read($decision->about);
        $isOf = fn (AboutKind $kind): bool => $about?->kind === $kind;

        return match (true) {
            $isOf(AboutKind::Pass) => 'A step that was held, '.lcfirst(
                $this->open->buildSheet()?->step((string) $about?->which)->title ?? $decision->about,
            ),
            $isOf(AboutKind::Without) => 'Left so',
            default => JobHouse::says($decision) ?? ($about?->label() ?? $decision->about).': '.lcfirst(
                BrakeSensing::tryFrom($decision->choice)?->label() ?? GearSensing::tryFrom($decision->choice)?->label()
                    ?? SpeedSite::tryFrom($decision->choice)?->label() ?? $decision->choice,
            ),
        };
    }

    /** @return list<string> what was found and lifted, declined or is to be watched */
    private function found(): array
    {
        $told = $this->open->job->loadMissing('conditions.liftedBy')->conditions
            ->filter(fn (Condition $one) => $one->note !== null || $one->lifted_at !== null || $one->declined_by !== null);

        return array_values($told->map(fn (Condition $one) => "{$one->subject->label()}: ".lcfirst($one->severity->label())
            .($one->declined_by === null ? '' : ", to be mended and declined by {$one->declined_by}")
            .($one->note === null ? '' : ", {$one->note}")
            .($one->lifted_at === null ? '' : ". Gone on with by {$one->liftedBy?->name}: “{$one->lifted_because}”"))->all());
    }

    /** @return list<string> parts that came off, and no looks: at those nothing is kept */
    private function liesIn(): array
    {
        $records = $this->open->records->on(Sheet::Strip);
        uasort($records, fn (StepRecord $one, StepRecord $other) => $one->id <=> $other->id);
        $liesIn = [];
        foreach ($records as $code => $record) {
            $part = $record->partThen() ?? $this->open->stripPlan()->step($code)?->keep;
            if ($record->lies_in !== null && $part !== null) {
                $liesIn[] = "{$part}: {$record->lies_in}";
            }
        }

        return $liesIn;
    }
}
