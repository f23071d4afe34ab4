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

/** How one brake lever, or the gear cable, tells the motor; one that is left off has its reason. */
class DecideSensorRequest extends VersionedRequest
{
    public function rules(): array
    {
        return parent::rules() + [
            'about' => ['required', 'string', Rule::in(self::subjects())],
            'choice' => ['required', 'string', Rule::enum($this->choices())],
            'reason' => ['required_if:choice,left-off', 'nullable', 'string', 'max:'.Longest::REASON],
        ];
    }

    /** @return class-string<BackedEnum> */
    private function choices(): string
    {
        return match ($this->input('about')) {
            About::gearSensor()->kept() => GearSensing::class,
            About::speedSensor()->kept() => SpeedSite::class,
            default => BrakeSensing::class,
        };
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'choice.*' => 'Choose one of them.',
            'reason.required_if' => 'Left off is a decision: say why. It stays on the hand-over sheet.',
        ];
    }

    public function about(): About
    {
        return About::read($this->string('about')->value()) ?? abort(422);
    }

    public function choice(): string
    {
        return $this->string('choice')->value();
    }

    public function reason(): ?string
    {
        return $this->string('reason')->trim()->value() ?: null;
    }

    /** @return list<string> */
    private static function subjects(): array
    {
        return [...array_map(fn (BarSide $side) => About::brakeSensor($side)->kept(), BarSide::cases()), About::gearSensor()->kept(), About::speedSensor()->kept()];
    }
}
