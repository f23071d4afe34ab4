<?php

declare(strict_types=1);

namespace App\Actions\Catalogue;

use App\Actions\StandsOtherwise;
use App\Actions\Submission;
use App\Actions\WorkshopAction;
use App\Documents\CatalogueDocument;
use App\Models\MeasuredPart;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Validation\ValidationException;
use NeatSpindle\Core\Whole\Measured\MeasuredPart as Measured;
use NeatSpindle\Core\Whole\Measured\NutFigures;
use NeatSpindle\Core\Whole\Measured\PartFigure;
use NeatSpindle\Core\Whole\Measured\PartKind;

use function is_string;

/** Keeps what is measured of a part so far; once nothing is missing it stands in the catalogue, marked as measured here. */
class KeepPart extends WorkshopAction
{
    public function __construct(Gate $gate, Submission $submission, private readonly CatalogueRows $rows)
    {
        parent::__construct($gate, $submission);
    }

    /**
     * @param  array<string, mixed>  $values  as a catalogue holds them, by the figure's code
     * @param  string  $seen  the mark of the figures the person saw
     *
     * @throws ValidationException
     */
    public function __invoke(User $by, MeasuredPart $row, array $values, string $seen): MeasuredPart
    {
        return $this->change($by, 'measureParts', function (Workshop $workshop) use ($by, $row, $values, $seen): MeasuredPart {
            $row = $workshop->measuredParts()->with('user')->lockForUpdate()->findOrFail($row->id);
            $part = Measured::of($row->kind, $values);
            if ($row->mark() !== $seen) {
                throw StandsOtherwise::told("{$row->user->firstName()} has measured it too", 'part');
            }
            if ($row->in_catalogue_at !== null && ! $part->isWhole()) {
                throw ValidationException::withMessages(array_fill_keys(
                    array_map(
                        fn (PartFigure $figure) => "figures.{$figure->field()}", $part->missing(),
                    ), 'It stands in the catalogue with this: type what it is now.',
                ));
            }
            $row->fill(['figures' => $part->values, 'user_id' => $by->id]);
            if ($part->isWhole()) {
                $this->putIn($workshop, $by, $row, $part);
                $row->in_catalogue_at = now();
            }
            $row->save();

            return $row;
        });
    }

    /** @throws ValidationException where figures go ill together, at the figure */
    private function putIn(Workshop $workshop, User $by, MeasuredPart $row, Measured $part): void
    {
        $motor = $part->values[NutFigures::FOR_MOTOR] ?? null;
        $base = $row->kind === PartKind::Nut && is_string($motor) ? $workshop->motors()->where('code', $motor)->firstOrFail()->document() : [];
        $entry = $part->entry(now()->toDateString(), $base);
        $faults = $part->faults($row->code, $entry);
        if ($faults !== []) {
            throw ValidationException::withMessages(array_combine(
                array_map(fn (string $code) => 'figures.'.$row->kind->figure($code)?->field(), array_keys($faults)), $faults,
            ));
        }
        $this->rows->keep(
            $workshop, $by, CatalogueDocument::read(json_encode(
                Measured::document($row->kind, $row->code, $entry), JSON_THROW_ON_ERROR,
            )), 'part',
        );
    }
}
