<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Parts\Fastening;

/** What is tightened to a figure in the course of a build. */
enum Fastener: string
{
    case Nut = 'nut';
    case Lockring = 'lockring';
    case PlateBolts = 'plate_bolts';
    case Cup = 'cup';
    case YokeScrews = 'yoke_screws';
    case CollarScrew = 'collar_screw';
    case ShellCup = 'shell_cup';
    case PlateScrews = 'plate_screws';
    case CrankBolt = 'crank_bolt';
    case RingBolts = 'ring_bolts';
    case Pedal = 'pedal';
    case Rest = 'rest';
    case Guard = 'guard';
    case Bucket = 'bucket';
    case Kickstand = 'kickstand';
    case BatteryRail = 'battery_rail';
    case Display = 'display';

    public function label(): string
    {
        return match ($this) {
            self::Nut => 'nut',
            self::Lockring => 'lock ring',
            self::PlateBolts => 'plate bolts',
            self::Cup => 'yoke’s cup',
            self::YokeScrews => 'yoke’s screws',
            self::CollarScrew => 'collar’s screw',
            self::ShellCup => 'shell’s cups',
            self::PlateScrews => 'plate screws',
            self::CrankBolt => 'crank bolts',
            self::RingBolts => 'ring bolts',
            self::Pedal => 'pedals',
            self::Rest => 'fastener of the rest',
            self::Guard => 'guard’s bolts',
            self::Bucket => 'bucket’s bolts',
            self::Kickstand => 'kickstand’s bolt',
            self::BatteryRail => 'battery’s rail',
            self::Display => 'display’s clamp',
        };
    }
}
