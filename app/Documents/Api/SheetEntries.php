<?php

declare(strict_types=1);

namespace App\Documents\Api;

use App\Bench\BuildState;
use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Sheet;
use App\Models\StepRecord;
use NeatSpindle\Core\Ground\Turn\Posture;
use NeatSpindle\Core\Ground\Turn\Turn;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Measuring\Strip\StripStep;
use NeatSpindle\Core\Parts\Fastening\Band;
use NeatSpindle\Core\Whole\Prove\Check;

use function array_map;

/** The sheets of a job step by step: what each asks for, what holds it, which way it turns, and what was done. Torque in N·m. */
final readonly class SheetEntries
{
    private function __construct(private OpenJob $open, private Sheet $sheet) {}

    /** @return list<array<string, mixed>> */
    public static function strip(OpenJob $open): array
    {
        $entries = new self($open, Sheet::Strip);

        return array_map(fn (StripStep $step) => $entries->entry($step->code, $step->title, $step->how, [
            'tool' => $step->tool, 'turns' => self::turns($step->turn), 'looks' => $step->look, 'caution' => $step->caution,
            'on_the_floor' => $step->onTheFloor,
        ]), $open->stripPlan()->steps);
    }

    /** @return list<array<string, mixed>> none while nothing is chosen */
    public static function build(OpenJob $open): array
    {
        $entries = new self($open, Sheet::Build);
        $state = $open->the(BuildState::class);

        return array_map(fn (BuildStep $step) => $entries->entry($step->code, $step->title, $step->how, [
            'chapter' => $step->chapter, 'needs' => $step->after, 'held_by' => $state->gate?->hold($step)?->says,
            'posture' => $step->posture->value,
            'stands' => $step->stands, 'tool' => $step->tool, 'turns' => self::turns($step->turn?->in($step->posture)),
            'torque' => self::torque($step->band),
            'is_tightened' => $step->fastener !== null, 'compound' => $step->compound?->value, 'looks' => $step->look,
            'caution' => $step->caution,
            'closes_off' => $step->closesOff, 'takes' => (object) $step->takes,
        ], $state->ticks->isDone($step->code)), $state->sheet->steps ?? []);
    }

    /** @return list<array<string, mixed>> */
    public static function prove(OpenJob $open): array
    {
        $entries = new self($open, Sheet::Prove);
        $proving = $open->the(Proving::class);

        return array_map(fn (Check $check) => $entries->entry($check->code, $check->title, $check->how, [
            'chapter' => $check->chapter, 'needs' => $check->after, 'held_by' => $proving->holdOn($check)?->says,
            'expects' => $check->expects,
            'caution' => $check->caution, 'figure' => $check->figure === null ? null : [
                'unit' => $check->figure->unit, 'least' => $check->figure->least, 'most' => $check->figure->most,
            ],
        ], $proving->isRight($check)), $proving->plan->checks);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function entry(string $code, string $title, string $how, array $more, ?bool $isDone = null): array
    {
        $record = $this->open->records->at($this->sheet, $code);
        $asks = [
            'chapter' => null, 'needs' => [], 'held_by' => null, 'posture' => Posture::Upright->value, 'stands' => null,
            'on_the_floor' => false, 'tool' => null,
            'turns' => null, 'is_tightened' => false, 'torque' => null, 'compound' => null, 'looks' => null, 'expects' => null,
            'figure' => null, 'caution' => null,
            'closes_off' => null, 'takes' => (object) [],
        ];

        return ['code' => $code, 'title' => $title, 'how' => $how, ...$asks, ...$more,
            'is_done' => $isDone ?? $this->open->records->isDone($this->sheet, $code), 'done' => self::done($record)];
    }

    /** @return array<string, mixed>|null */
    private static function done(?StepRecord $record): ?array
    {
        return $record === null ? null : [
            'record' => $record->id, 'state' => $record->state->value, 'by' => $record->user->name,
            'at' => $record->recorded_at->toIso8601ZuluString(),
            'torque_nm' => $record->torque_nm, 'figure' => $record->figure, 'by_hand' => $record->by_hand, 'note' => $record->note,
            'lies_in' => $record->lies_in,
        ];
    }

    /** @return array<string, string>|null */
    private static function turns(?Turn $turn): ?array
    {
        return $turn === null ? null : [
            'part' => $turn->part, 'stand_on' => $turn->side->value, 'thread' => $turn->hand->value, 'does' => $turn->action->value,
            'rotation' => $turn->rotation()->value, 'handle_top_goes_to' => $turn->handleTopGoesTo()->value,
        ];
    }

    /** @return array<string, mixed>|null */
    private static function torque(?Band $band): ?array
    {
        return $band === null ? null : ['low_nm' => $band->torque->low, 'high_nm' => $band->torque->high, 'limit_nm' => $band->limit,
            'source' => $band->source];
    }
}
