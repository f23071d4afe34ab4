<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\MeasuredPart;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use NeatSpindle\Core\Ground\Measure\CannotReadQuantity;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Whole\Measured\FigureKind;
use NeatSpindle\Core\Whole\Measured\PartFigure;
use NeatSpindle\Core\Whole\Measured\PartText;

use function array_filter;
use function array_map;
use function is_string;
use function strlen;

/** The figures of a part as far as they are typed; what is left empty is not measured yet. */
class PartRequest extends FormRequest
{
    /** @var array<string, mixed> by the figure's code */
    private array $values = [];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['figures' => ['nullable', 'array'], 'choices' => ['nullable', 'array'], 'seen' => ['required', 'string', 'size:32']];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach ($this->faultsOfFigures() as $field => $message) {
                $validator->errors()->add("figures.{$field}", $message);
            }
        }];
    }

    /** @return array<string, mixed> as a catalogue holds them, by the figure's code; what could not be read is not among them */
    public function values(): array
    {
        $this->values === [] && $this->faultsOfFigures();

        return $this->values;
    }

    public function seen(): string
    {
        return $this->string('seen')->value();
    }

    /** @return array<string, string> messages by field */
    private function faultsOfFigures(): array
    {
        $text = new PartText($this->user()->length_unit ?? LengthUnit::Millimetre, $this->user()->torque_unit ?? TorqueUnit::NewtonMetre);
        $faults = [];
        foreach ($this->row()->kind->figures() as $figure) {
            try {
                $this->values[$figure->code] = $text->read($figure, $this->typed($figure), $this->row()->choices($figure));
            } catch (CannotReadQuantity $cannot) {
                $faults[$figure->field()] = $cannot->getMessage();
            }
        }
        $this->values = array_filter($this->values, fn (mixed $value) => $value !== null);

        return $faults;
    }

    /** @return string|list<string> */
    private function typed(PartFigure $figure): string|array
    {
        if ($figure->kind !== FigureKind::Choices) {
            return $this->string("figures.{$figure->field()}")->value();
        }
        $chosen = array_filter(
            array_filter((array) $this->input('choices'), is_string(...)),
            fn (string $one) => str_starts_with($one, "{$figure->field()} "),
        );

        return array_values(array_map(fn (string $one) => substr($one, strlen($figure->field()) + 1), $chosen));
    }

    private function row(): MeasuredPart
    {
        $row = $this->route('part');

        return $row instanceof MeasuredPart ? $row : abort(404);
    }
}
