<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Actions\ChangeJob;
use App\Actions\JobAction;
use App\Actions\StandsOtherwise;
use App\Actions\Stock\StockBook;
use App\Assembly\ReceivedBox;
use App\Bench\OpenJob;
use App\Models\BoxRecord;
use App\Models\BoxState;
use App\Models\Job;
use App\Models\Spacer;
use App\Models\User;
use App\Models\Workshop;
use NeatSpindle\Core\Parts\Box\Piece;
use NeatSpindle\Core\Parts\Drawer\Spacers;
use NeatSpindle\Core\Parts\Stock\Moved;

/** Writes down that a piece of the motor's box is here, missing or wrong, or where it went when it was left over. */
class NoteBoxPiece extends JobAction
{
    public function __construct(ChangeJob $change, private readonly StockBook $book)
    {
        parent::__construct($change);
    }

    /** @param  ?int  $seen  the record the person saw standing there, 0 where none did; null where nothing is said of it */
    public function __invoke(Job $job, User $by, int $position, BoxState $state, ?string $note, ?int $seen = null): void
    {
        ($this->change)($job, $by, 'work', null, function (OpenJob $open) use ($by, $position, $state, $note, $seen): void {
            $box = ReceivedBox::of($open->job, $open->motor());
            $piece = $box->contents[$position] ?? $this->refuse(
                'state', 'The list of this motor’s box has no such line any more: look at it again.',
            );
            $stands = $box->record($position);
            if ($stands?->state === $state && $stands->note === $note) {
                return;
            }
            if ($seen !== null && ($stands->id ?? 0) !== $seen) {
                throw StandsOtherwise::told("{$piece->what}: ".self::told($stands), 'state');
            }
            if ($stands?->state->isAtTheEnd() === true) {
                $this->refuse('state', "{$piece->what}: {$stands->state->label()} already.");
            }
            if ($state->isAtTheEnd() && $stands?->state !== BoxState::Here) {
                $this->refuse('state', "{$piece->what} is not noted as here, so nothing of it can be left over.");
            }
            $left = $state->isAtTheEnd() ? $this->leftOver($open, $piece, $position) : null;
            $stands?->update(['superseded_at' => now()]);
            BoxRecord::query()->create([
                'job_id' => $open->job->id, 'motor_id' => $open->job->kit?->motor_id, 'user_id' => $by->id,
                'position' => $position, 'what' => $piece->what, 'state' => $state, 'left_over' => $left, 'note' => $note, 'noted_at' => now(),
            ]);
            if ($left !== null && $state === BoxState::ToDrawer) {
                $this->putAway($open, $by, $piece, $left);
            }
        });
    }

    private static function told(?BoxRecord $stands): string
    {
        $stands?->loadMissing('user');

        return $stands === null ? 'what you saw noted is not noted any more'
            : "{$stands->user->firstName()} noted “".lcfirst($stands->state->label()).'”'.(
                $stands->note === null ? '' : " ({$stands->note})"
            );
    }

    /** How many of a spacer the stack did not take; null for what is none. */
    private function leftOver(OpenJob $open, Piece $piece, int $position): ?int
    {
        if ($piece->hundredths === null) {
            return null;
        }
        $stack = array_map(fn (?Spacers $spacers) => $spacers->pieces ?? [], $open->worksheet()->stack->spacers ?? []);
        $left = $piece->quantity - (ReceivedBox::of($open->job, $open->motor())->packed()->used($stack)[$position] ?? 0);

        return $left > 0 ? $left : $this->refuse('state', "{$piece->what}: the stack takes all of them, nothing is left over.");
    }

    private function putAway(OpenJob $open, User $by, Piece $piece, int $left): void
    {
        $workshop = Workshop::query()->whereKey($open->job->workshop_id)->lockForUpdate()->firstOrFail();
        $mm = (float) $piece->hundredths / 100;
        $row = Spacer::query()->where('workshop_id', $workshop->id)->where('thickness_mm', $mm)->where('uses_key', Spacer::usesKey($piece->uses))->first();
        if ($row === null) {
            Spacer::query()->insert(Spacer::rowOf($workshop, $mm, $piece->uses, 0));
            $row = Spacer::query()->where('workshop_id', $workshop->id)->where('thickness_mm', $mm)->where('uses_key', Spacer::usesKey($piece->uses))->firstOrFail();
        }
        $this->book->move($row, Moved::Received, $left, $by, $open->job, 'left over from a motor’s box', field: 'state');
    }
}
