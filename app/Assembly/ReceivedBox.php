<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\BoxRecord;
use App\Models\Job;
use NeatSpindle\Core\Parts\Box\Packed;
use NeatSpindle\Core\Parts\Box\Piece;

/** The box of a job's motor: what its maker lists, and what of it came. */
class ReceivedBox
{
    /** @param  list<Piece>  $contents */
    private function __construct(public readonly array $contents, private readonly Job $job) {}

    public static function of(Job $job, ?KnownMotor $motor): self
    {
        return new self($motor->papers->contents ?? [], $job);
    }

    /** What stands recorded of a piece, not of another that stood there before the list was read in anew; null while nobody has looked. */
    public function record(int $position): ?BoxRecord
    {
        $motor = $this->job->kit?->motor_id;

        return $this->job->boxRecords->first(
            fn (BoxRecord $record) => $record->position === $position && $record->what === ($this->contents[$position]->what ?? null)
                && (int) $record->getAttribute('motor_id') === $motor,
        );
    }

    /** What is there, less what was put away as left over. */
    public function packed(): Packed
    {
        [$pieces, $expected] = [[], []];
        foreach ($this->contents as $position => $piece) {
            $record = $this->record($position);
            if ($record?->state->isThere() === true) {
                $pieces[$position] = $piece->less($record->left_over ?? 0);
            } elseif ($record === null) {
                $expected[] = $piece->kind;
            }
        }

        return new Packed($pieces, $expected);
    }

    /** @return list<Piece> what is missing or wrong */
    public function astray(): array
    {
        return array_values(array_filter(
            $this->contents, fn (int $position) => $this->record($position)?->state->isThere() === false, ARRAY_FILTER_USE_KEY,
        ));
    }
}
