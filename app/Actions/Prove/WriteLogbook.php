<?php

declare(strict_types=1);

namespace App\Actions\Prove;

use App\Bench\OpenJob;
use App\Models\BoxRecord;
use App\Models\BoxState;
use App\Models\LogbookEntry;
use App\Models\Recheck;
use App\Models\Reservation;
use App\Models\ReservationState;
use NeatSpindle\Core\Whole\Logbook\Likeness;
use NeatSpindle\Core\Whole\Prove\RecheckPlan;

/** Writes a job into the logbook as it was done: what was fitted, what was got for nothing, what was found twice. Asked inside the change that ends it. */
class WriteLogbook
{
    public function __invoke(OpenJob $open): void
    {
        LogbookEntry::query()->updateOrCreate(['job_id' => $open->job->id], [
            'workshop_id' => $open->job->workshop_id, 'kind' => $open->job->bike->kind, 'mount' => $open->mount()?->code(),
            'motor' => $open->motor()?->part->code, 'motor_name' => $open->motor()?->name, 'ring' => $open->job->kit?->ring_id === null ? null : $open->ring()?->label(),
            'measures' => array_intersect_key($open->findings->lengths(), array_flip(Likeness::spots())),
            'pieces' => array_map(fn ($spacers): array => $spacers->pieces ?? [], $open->worksheet()->stack->spacers ?? []),
            'left_over' => self::leftOver($open), 'found' => self::found($open), 'written_at' => now(),
        ]);
    }

    /** Adds what was found when it came back, and leaves the rest as it was written when it left. */
    public function again(OpenJob $open): void
    {
        $entry = LogbookEntry::query()->where('job_id', $open->job->id)->first();
        $entry === null ? $this($open) : $entry->update(['found' => self::found($open), 'written_at' => now()]);
    }

    /** @return list<string> */
    private static function leftOver(OpenJob $open): array
    {
        $back = Reservation::query()->with('spacer')->where('job_id', $open->job->id)->where('state', ReservationState::Returned)->get();
        $box = $open->job->boxRecords->filter(fn (BoxRecord $record) => $record->left_over > 0 || $record->state->isAtTheEnd());

        return [
            ...$back->map(fn (Reservation $one) => sprintf('%d × spacer %.2f mm, given back to the drawer', $one->quantity, $one->spacer->thickness_mm)),
            ...$box->map(self::fromTheBox(...)),
        ];
    }

    private static function fromTheBox(BoxRecord $one): string
    {
        $what = ($one->left_over > 0 ? "{$one->left_over} of " : '').lcfirst($one->what);

        return "{$what}, from the box".($one->state === BoxState::ToBag ? ', to the bag' : '');
    }

    /** @return array<string, string> */
    private static function found(OpenJob $open): array
    {
        $rechecks = $open->job->load('rechecks.items')->rechecks;

        return array_map(
            fn (array $one) => "{$one[0]->label()}, found {$one[1]} times",
            RecheckPlan::findings(array_values($rechecks->map(fn (Recheck $recheck) => $recheck->found())->all())),
        );
    }
}
