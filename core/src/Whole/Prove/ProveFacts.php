<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use NeatSpindle\Core\Fitting\Sensor\BrakeCut;

/** What of one bike decides which checks it gets. */
final readonly class ProveFacts
{
    /**
     * @param  ?float  $cutOff the speed at which the motor stops helping, as it was set, in km/h; null where it was not set
     * @param  ?float  $volts what the pack gives when it is full enough, in V; null where nobody has said
     * @param  ?bool  $throttleAtZero whether it shall drive at level zero, as was written down; null where nothing was
     * @param  ?int  $wheelMm the circumference that was written down; null where none was
     * @param  array<string, string>  $settings what was written down, in words, by its name
     * @param  ?string  $pack the battery's code; null where none is chosen
     * @param  bool  $isSeatedLow whether nobody stands up on it: a trike, a four-wheeler
     * @param  ?float  $rangeKm how far the pack takes it on its road, as computed; null where no road was ridden
     */
    public function __construct(
        public BrakeCut $brakes,
        public bool $hasThrottle = false,
        public bool $hasGearSensor = false,
        public bool $hasLamps = false,
        public ?float $cutOff = null,
        public ?float $volts = null,
        public ?bool $throttleAtZero = null,
        public ?int $wheelMm = null,
        public ?float $rangeKm = null,
        public array $settings = [],
        public ?string $pack = null,
        public bool $isSeatedLow = false,
    ) {}

    /** The same, with how far the pack takes it on its road, in km. */
    public function withRange(?float $rangeKm): self
    {
        return new self(
            brakes: $this->brakes,
            hasThrottle: $this->hasThrottle,
            hasGearSensor: $this->hasGearSensor,
            hasLamps: $this->hasLamps,
            cutOff: $this->cutOff,
            volts: $this->volts,
            throttleAtZero: $this->throttleAtZero,
            wheelMm: $this->wheelMm,
            rangeKm: $rangeKm,
            settings: $this->settings,
            pack: $this->pack,
            isSeatedLow: $this->isSeatedLow,
        );
    }

    /** @return list<SettingName> what has to be written down before it leaves, and is not */
    public function unwritten(): array
    {
        return array_values(array_filter(SettingName::BEFORE_IT_LEAVES, fn (SettingName $name) => ! isset($this->settings[$name->value])));
    }
}
