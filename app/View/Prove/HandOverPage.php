<?php

declare(strict_types=1);

namespace App\View\Prove;

use App\Bench\Departure;
use App\Bench\FittingOut;
use App\Bench\JobHouse;
use App\Bench\Lacking;
use App\Bench\LineWatch;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Condition;
use App\Models\Decision;
use App\Models\HandOver as HandOverRow;
use App\Models\Setting;
use App\Models\Sheet;
use App\Models\SheetAddress;
use App\Models\Stage;
use App\Models\StandingRows;
use App\Models\StepRecord;
use App\Models\StepState;
use App\Models\Values\About;
use App\Models\Values\AboutKind;
use App\View\Job\JobPage;
use Illuminate\Support\Collection;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Fitting\Sensor\GearSensing;
use NeatSpindle\Core\Fitting\Sensor\SpeedSite;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Holding\Build\LackKind;
use NeatSpindle\Core\Whole\Prove\HandOver;

use function is_string;

/** Whether a bike may leave, and the sheet that leaves with it. */
class HandOverPage extends JobPage
{
    private const USUAL_DAYS = 14;

    /** What is shown of a job only here. */
    private const SHOWN = ['handOvers', 'rechecks', 'everyDecision', 'settingsLog', 'sheetAddresses'];

    public function __construct(OpenJob $opened)
    {
        parent::__construct($opened);
        StandingRows::also($this->job, self::SHOWN);
    }

    public function stage(): Stage
    {
        return Stage::Prove;
    }

    public function handedOver(): ?HandOverRow
    {
        return $this->opened->the(Departure::class)->handOver;
    }

    /** @return Collection<int, SheetAddress> addresses of the sheet that still open */
    public function addresses(): Collection
    {
        return $this->job->sheetAddresses;
    }

    public function handOver(): HandOver
    {
        return $this->opened->the(Proving::class)->handOver;
    }

    /** @return list<Lack> what the job goes without, and nobody answers for */
    public function lacks(): array
    {
        return $this->opened->the(Lacking::class)->open;
    }

    /** @return list<string> what else stands against it, in words */
    public function against(): array
    {
        return array_values(array_diff($this->handOver()->objections, array_map(fn (Lack $lack) => $lack->says, $this->lacks())));
    }

    /** @return array{string, string} the place where something that is wanting is put right, and what is done there */
    public function cureOf(Lack $lack): array
    {
        return match ($lack->kind) {
            LackKind::Margin => [route('job.stack', $this->job), 'See the stack'],
            LackKind::Lead => [route('job.route', $this->job), 'See Route'],
            LackKind::Part => [route('job.order', $this->job), 'What to get'],
            LackKind::Pack => [route('job.battery', $this->job), 'Choose it'],
            LackKind::Condition => [route('job.condition', $this->job), 'Look now'],
        };
    }

    public function mayDecide(): bool
    {
        return $this->user()->can('decide', $this->job);
    }

    public function usualRecheck(): string
    {
        return today()->addDays(self::USUAL_DAYS)->format('Y-m-d');
    }

    public function recheckOn(): string
    {
        return ($this->handedOver()->recheck_on ?? today()->addDays(self::USUAL_DAYS))->format('j F Y');
    }

    /** @return array<string, string> what was fitted, by what it is */
    public function fitted(): array
    {
        return array_filter([
            'Motor' => $this->opened->motor()?->name,
            'Ring' => $this->opened->ring()?->code,
            'Battery' => $this->battery(),
            'Brakes cut the motor' => implode('; ', array_filter(array_map($this->brake(...), BarSide::cases()))) ?: null,
            'Rests on' => $this->opened->bracing()?->rest?->label(),
        ]);
    }

    /** @return list<array{step: BuildStep, record: StepRecord}> every torque that was given, and what went by hand */
    public function torques(): array
    {
        $records = $this->opened->records->on(Sheet::Build);
        $given = [];
        foreach ($this->opened->buildSheet()->steps ?? [] as $step) {
            $record = $records[$step->code] ?? null;
            if ($step->fastener !== null && $record?->state === StepState::Done) {
                $given[] = ['step' => $step, 'record' => $record];
            }
        }

        return $given;
    }

    /** @return Collection<array-key, Setting> */
    public function settings(): Collection
    {
        return $this->opened->the(LineWatch::class)->settings;
    }

    /** @return Collection<int, Decision> every decision that was made with a reason, also those that another one took the place of */
    public function decisions(): Collection
    {
        return $this->job->everyDecision;
    }

    /** @return Collection<int, Setting> every limit that was taken away, also where one was set again */
    public function limitsTaken(): Collection
    {
        return $this->job->settingsLog->filter(fn (Setting $setting) => $setting->reason !== null)->values();
    }

    public function choice(Decision $decision): string
    {
        $about = About::read($decision->about);
        if ($about?->kind === AboutKind::Pass) {
            return 'A step that was held, '.lcfirst($this->opened->buildSheet()?->step($about->which)->title ?? $decision->about);
        }

        if ($about?->kind === AboutKind::Without) {
            return 'Left so';
        }

        return JobHouse::says($decision) ?? ($about?->label() ?? $decision->about).': '.lcfirst(
            BrakeSensing::tryFrom($decision->choice)?->label() ?? GearSensing::tryFrom($decision->choice)?->label()
                ?? SpeedSite::tryFrom($decision->choice)?->label() ?? $decision->choice,
        );
    }

    /** @return Collection<int, Condition> what was found and lifted, declined or is to be watched */
    public function conditions(): Collection
    {
        return $this->job->loadMissing('conditions.liftedBy')->conditions
            ->filter(fn (Condition $condition) => $condition->note !== null || $condition->lifted_at !== null || $condition->declined_by !== null)->values();
    }

    /** @return array<string, string> where what came off lies, by what it is; it goes with the bike or waits here */
    public function kept(): array
    {
        return collect($this->opened->records->on(Sheet::Strip))->whereNotNull('lies_in')
            ->mapWithKeys(fn (StepRecord $record) => [self::titleOf($record) => (string) $record->lies_in])->all();
    }

    private function battery(): ?string
    {
        $fitting = $this->opened->the(FittingOut::class);
        $pack = $fitting->pack;

        return $pack === null ? null : "{$pack->name}, {$pack->volts} V, ".lcfirst((string) $fitting->batteryWish->site?->label());
    }

    private function brake(BarSide $side): string
    {
        $sensing = $this->opened->the(FittingOut::class)->brakeCut()->of($side);

        return $sensing === null ? '' : "{$side->value}: ".lcfirst($sensing->label());
    }

    private static function titleOf(StepRecord $record): string
    {
        $title = $record->asked['title'] ?? null;

        return is_string($title) ? $title : $record->step;
    }
}
