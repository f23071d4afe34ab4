<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Longest;
use App\Models\Values\About;
use BackedEnum;
use Illuminate\Validation\Rule;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Fitting\Sensor\GearSensing;
use NeatSpindle\Core\Fitting\Sensor\SpeedSite;

/** How brake levers and gear cable tell the motor, and where the speed sensor sits; what is left off has its reason. */
class DecideSensorsRequest extends VersionedRequest
{
    public function rules(): array
    {
        $known = 'array:'.implode(',', array_keys(self::subjects()));
        $rules = parent::rules() + ['choices' => ['required', $known], 'reasons' => ['nullable', $known]];
        foreach (self::subjects() as $about => $choices) {
            $rules["choices.{$about}"] = ["required_with:reasons.{$about}", 'nullable', 'string', Rule::enum($choices)];
            $rules["reasons.{$about}"] = ["required_if:choices.{$about},left-off", 'nullable', 'string', 'max:'.Longest::REASON];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'choices.required' => 'Nothing was chosen yet.',
            'choices.*.required_with' => 'Choose first what the reason is for.',
            'choices.*' => 'Choose one of them.',
            'reasons.*.required_if' => 'Left off is a decision: say why. It stays on the hand-over sheet.',
        ];
    }

    /** @return array<string, string> what was chosen, by what is decided */
    public function choices(): array
    {
        $choices = [];
        foreach (array_keys(self::subjects()) as $about) {
            $choice = $this->string("choices.{$about}")->value();
            $choice === '' ?: $choices[$about] = $choice;
        }

        return $choices;
    }

    /** @return array<string, ?string> by what is decided */
    public function reasons(): array
    {
        $of = fn (string $about): ?string => $this->string("reasons.{$about}")->trim()->value() ?: null;

        return array_combine(array_keys(self::subjects()), array_map($of, array_keys(self::subjects())));
    }

    /** @return array<string, class-string<BackedEnum>> what it may be, by what is decided */
    private static function subjects(): array
    {
        $brakes = array_map(fn (BarSide $side) => About::brakeSensor($side)->kept(), BarSide::cases());

        return [
            ...array_fill_keys($brakes, BrakeSensing::class),
            About::gearSensor()->kept() => GearSensing::class, About::speedSensor()->kept() => SpeedSite::class,
        ];
    }
}
