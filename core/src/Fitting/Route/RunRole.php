<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use function in_array;

/** What a run is there for, where that is one of the usual things; a run of one's own has a name alone. */
enum RunRole: string
{
    case MainHarness = 'main-harness';
    case SpeedSensor = 'speed-sensor';
    case BatteryLead = 'battery-lead';
    case Throttle = 'throttle';
    case Keypad = 'keypad';
    case BrakeSensorLeft = 'brake-sensor-left';
    case BrakeSensorRight = 'brake-sensor-right';
    case Display = 'display';
    case GearSensor = 'gear-sensor';
    case FrontLamp = 'front-lamp';
    case RearLamp = 'rear-lamp';
    case RearBrakeHose = 'rear-brake-hose';
    case GearCable = 'gear-cable';

    /** What every job starts with, as most motors are supplied. */
    public const AT_START = [self::MainHarness, self::SpeedSensor, self::BatteryLead];

    /** @return list<self> what else is laid on many bikes */
    public static function offered(): array
    {
        return array_values(array_filter(self::cases(), fn (self $role) => ! in_array($role, self::AT_START, true)));
    }

    public function label(): string
    {
        return match ($this) {
            self::BrakeSensorLeft => 'brake sensor, left',
            self::BrakeSensorRight => 'brake sensor, right',
            default => str_replace('-', ' ', $this->value),
        };
    }

    /** As most are supplied: display, keypad, throttle and levers join the main lead on the bar. Lengths in mm. */
    public function usual(): Run
    {
        return match ($this) {
            self::MainHarness => $this->signal('bar', 'motor', 1050.0, 'eight'),
            self::SpeedSensor => $this->signal('motor', 'stay', 420.0, 'three'),
            self::BatteryLead => $this->power('battery', 'motor', 450.0, 'power', 20.0, 2.5),
            self::Throttle => $this->signal('throttle', 'bar', 350.0, 'three'),
            self::Keypad => $this->signal('keypad', 'bar', 400.0, 'five'),
            self::Display => $this->signal('display', 'bar', 250.0, 'five'),
            self::BrakeSensorLeft => $this->signal('lever-left', 'bar', 400.0, 'two'),
            self::BrakeSensorRight => $this->signal('lever-right', 'bar', 400.0, 'two'),
            self::GearSensor => $this->signal('motor', 'stay', 500.0, 'three'),
            self::FrontLamp => $this->power('motor', 'lamp-front', 1100.0, 'lamp', 1.0, 0.5),
            self::RearLamp => $this->power('motor', 'rack', 900.0, 'lamp', 1.0, 0.5),
            self::RearBrakeHose => new Run($this->label(), RunKind::Hydraulic, 'bar', 'stay', 1700.0, 'hose'),
            self::GearCable => new Run($this->label(), RunKind::Mechanical, 'bar', 'stay', 2100.0, 'inner'),
        };
    }

    private function signal(string $from, string $to, float $supply, string $connector): Run
    {
        return new Run($this->label(), RunKind::Signal, $from, $to, $supply, $connector);
    }

    private function power(string $from, string $to, float $supply, string $connector, float $currentA, float $areaMm2): Run
    {
        return new Run($this->label(), RunKind::Power, $from, $to, $supply, $connector, currentA: $currentA, areaMm2: $areaMm2);
    }
}
