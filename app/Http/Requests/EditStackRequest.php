<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use InvalidArgumentException;
use NeatSpindle\Core\Ground\Measure\CannotReadQuantity;
use NeatSpindle\Core\Ground\Measure\LengthText;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Parts\Drawer\HandEdit;
use NeatSpindle\Core\Parts\Drawer\Place;

use function count;

/**
 * One edit of the stack by hand. `op` says which: `drop:0`, `swap:0:2.5`, `move:0:plate`, `add:3`, `fill` with
 * what was typed, or `drawer`; figures in it are in mm. `seen` is what the person saw in each place.
 */
class EditStackRequest extends VersionedRequest
{
    private const MOST_PIECES = 60;

    private const MOST_MM = 200.0;

    private ?HandEdit $edit = null;

    public function rules(): array
    {
        return parent::rules() + [
            'place' => ['required', Rule::enum(Place::class)],
            'op' => ['required', 'string', 'regex:/^(drop:\d{1,2}|swap:\d{1,2}:[\d.]{1,8}|move:\d{1,2}:('.self::anyPlace().')|add:[\d.]{1,8}|fill|drawer)$/'],
            'seen' => ['array'],
            'seen.*' => ['nullable', 'string', 'max:700'],
            'typed' => ['nullable', 'string', 'max:'.Longest::FIGURES],
        ];
    }

    private static function anyPlace(): string
    {
        return implode('|', array_column(Place::cases(), 'value'));
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                $this->edit = $this->read();
                $this->expectPlausible($this->edit, $validator);
            } catch (CannotReadQuantity|InvalidArgumentException $e) {
                $validator->errors()->add($this->place()->value, $e->getMessage());
            }
        }];
    }

    public function place(): Place
    {
        return Place::from($this->string('place')->value());
    }

    public function edit(): HandEdit
    {
        return $this->edit ?? abort(422);
    }

    /** Where the hand is afterwards: at the place a piece was moved to, else at the one it worked in. */
    public function hand(): Place
    {
        $touched = $this->edit()->touched();

        return $touched[count($touched) - 1];
    }

    private function read(): HandEdit
    {
        [$op, $first, $second] = [...explode(':', $this->string('op')->value()), '', ''];
        $place = $this->place();
        $seen = $this->seenIn($place);

        return match ($op) {
            'add' => HandEdit::add($place, $seen, (float) $first),
            'drop' => HandEdit::drop($place, $seen, (int) $first),
            'swap' => HandEdit::swap($place, $seen, (int) $first, (float) $second),
            'move' => HandEdit::move($place, $seen, (int) $first, Place::from($second), $this->seenIn(Place::from($second))),
            'fill' => HandEdit::fill($place, $this->typed()),
            default => HandEdit::leaveToTheDrawer($place),
        };
    }

    /** @return list<float> thickest first */
    private function seenIn(Place $place): array
    {
        $seen = (string) $this->string("seen.{$place->value}");
        $pieces = $seen === '' ? [] : array_map(floatval(...), explode(' ', $seen));
        rsort($pieces);

        return $pieces;
    }

    /** @return list<float> */
    private function typed(): array
    {
        $typed = $this->string('typed')->replace('+', ';')->trim(" ;\t")->value();

        return $typed === '' ? [] : (new LengthText($this->user()->length_unit ?? LengthUnit::Millimetre))->several($typed);
    }

    private function expectPlausible(HandEdit $edit, Validator $validator): void
    {
        foreach ($edit->filled() as $pieces) {
            if (count($pieces) > self::MOST_PIECES) {
                $validator->errors()->add($this->place()->value, 'At most 60 pieces go into one place.');
            }
            if (array_filter($pieces, fn (float $piece) => $piece <= 0 || $piece > self::MOST_MM) !== []) {
                $validator->errors()->add($this->place()->value, 'A spacer is thicker than 0 and at most 200 mm.');
            }
        }
    }
}
