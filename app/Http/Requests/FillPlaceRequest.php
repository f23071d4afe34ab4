<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Catalogue\Mount;
use NeatSpindle\Core\Measure\CannotReadQuantity;
use NeatSpindle\Core\Measure\LengthText;
use NeatSpindle\Core\Measure\LengthUnit;
use NeatSpindle\Core\Stack\Place;

use function count;

/** The pieces for one place of the stack, as a hand wants them; or the place given back to the drawer. */
class FillPlaceRequest extends JobChangeRequest
{
    private const MOST_PIECES = 60;

    private const MOST_MM = 200.0;

    /** @var list<float> */
    private array $pieces = [];

    public function rules(): array
    {
        return parent::rules() + [
            'place' => ['required', Rule::in(array_map(fn (Place $place) => $place->value, Mount::Sleeve->places()))],
            'pieces' => ['nullable', 'string', 'max:500'],
            'add' => ['nullable', 'string', 'max:20'],
            'drop' => ['nullable', 'integer', 'min:0', 'max:60'],
            'to_drawer' => ['nullable', 'boolean'],
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty() || $this->isToDrawer()) {
                return;
            }
            try {
                $this->pieces = $this->read();
                $this->expectPlausible($validator);
            } catch (CannotReadQuantity $e) {
                $validator->errors()->add($this->place()->value, $e->getMessage());
            }
        }];
    }

    public function place(): Place
    {
        return Place::from($this->string('place')->value());
    }

    public function isToDrawer(): bool
    {
        return $this->boolean('to_drawer');
    }

    /** @return list<float>|null in mm; null gives the place back to the drawer */
    public function pieces(): ?array
    {
        return $this->isToDrawer() ? null : $this->pieces;
    }

    /**
     * What stands there, less the piece dropped, plus the piece added.
     *
     * @return list<float>
     */
    private function read(): array
    {
        $text = new LengthText($this->user()->length_unit ?? LengthUnit::Millimetre);
        $typed = $this->string('pieces')->replace('+', ';')->trim(" ;\t")->value();
        $pieces = $typed === '' ? [] : $text->several($typed);
        rsort($pieces);
        if ($this->filled('drop')) {
            unset($pieces[$this->integer('drop')]);
        }
        if ($this->filled('add')) {
            $pieces[] = $text->mm($this->string('add')->value());
        }
        rsort($pieces);

        return $pieces;
    }

    private function expectPlausible(Validator $validator): void
    {
        if (count($this->pieces) > self::MOST_PIECES) {
            $validator->errors()->add($this->place()->value, 'At most 60 pieces go into one place.');
        }
        foreach ($this->pieces as $piece) {
            if ($piece <= 0 || $piece > self::MOST_MM) {
                $validator->errors()->add($this->place()->value, 'A spacer is thicker than 0 and at most 200 mm.');

                return;
            }
        }
    }
}
