<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Tests;

use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Cockpit;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Cockpit\FixtureKind;
use NeatSpindle\Core\Fitting\Cockpit\Make;
use NeatSpindle\Core\Fitting\Route\Allowances;
use NeatSpindle\Core\Fitting\Route\BodyHold;
use NeatSpindle\Core\Fitting\Route\Edge;
use NeatSpindle\Core\Fitting\Route\RoutePlan;
use NeatSpindle\Core\Fitting\Route\Routing;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunKind;
use NeatSpindle\Core\Fitting\Route\RunRole;
use NeatSpindle\Core\Fitting\Sensor\BrakeCut;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Fitting\Sensor\SensorPlan;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Holding\Build\Cure;
use NeatSpindle\Core\Holding\Build\Fastenings;
use NeatSpindle\Core\Holding\Build\Found;
use NeatSpindle\Core\Holding\Build\Wiring;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Strip\BracketKind;
use NeatSpindle\Core\Measuring\Strip\Fitted;
use NeatSpindle\Core\Measuring\Survey\GuideRemedy;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Fastening\CrankSeat;
use NeatSpindle\Core\Parts\Part\RingFitting;
use NeatSpindle\Core\Parts\Part\RingMounting;
use NeatSpindle\Core\Parts\Part\Spider;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use stdClass;

use function count;
use function in_array;

/** Every sheet that can be made of the worked cases: each thing in turn as it can be. */
final class Sheets
{
    /** @var list<Wiring>|null the same for every bike */
    private static ?array $wiring = null;

    /** @return iterable<string, stdClass> the worked cases, with one cog and with several, with a lock ring and with one nut */
    private static function everyBike(): iterable
    {
        foreach (array_keys(Cases::names()) as $name) {
            foreach ([true, false] as $hasLockring) {
                foreach ([[11, 13, 15, 17], [18]] as $cogs) {
                    $document = Cases::document($name);
                    foreach ($hasLockring ? [] : (array) $document->catalogue->motors as $motor) {
                        unset($motor->lockring);
                    }
                    $document->bike->rear->cogs = $cogs;
                    $document->bike->rear->cog_pitch_mm = 4.3;
                    unset($document->bike->rear->use);
                    yield "{$name}, ".count($cogs).' cogs, '.($hasLockring ? 'lock ring' : 'one nut') => $document;
                }
            }
        }
    }

    /** @return list<Fitted> what bikes have, so that each thing is there and not there */
    private static function everyFitted(): array
    {
        $all = [];
        foreach (BracketKind::cases() as $bracket) {
            foreach ([true, false] as $keepsChain) {
                $all[] = new Fitted(
                    bracket: $bracket, keepsChain: $keepsChain, hasGuard: $keepsChain, hasKickstand: ! $keepsChain,
                    hasBucket: $bracket === BracketKind::External,
                );
            }
        }

        return [...$all, new Fitted(isBracketKept: true), new Fitted(isBracketKept: true, keepsChain: true)];
    }

    /** @return list<RingFitting> */
    private static function everyRing(): array
    {
        return [new RingFitting, ...array_map(
            fn (RingMounting $way) => new RingFitting($way, 5, $way->isTurned),
            RingMounting::all(true, 104.0, [new Spider('star', 104.0, 3.0, [])]),
        )];
    }

    /** @return list<Circumstances> each thing in turn as it can be, then some of them together */
    private static function everyCircumstance(Worksheet $worksheet): array
    {
        $routes = $worksheet->job->routing === null ? [] : RoutePlan::of($worksheet->job->routing)->routes;
        $all = [];
        foreach ([null, ...Rest::cases()] as $rest) {
            foreach (self::everyFitted() as $fitted) {
                foreach ([[], [Spot::DriveChain->value => 'bikes']] as $answers) {
                    $all[] = new Circumstances(
                        found: new Found(
                            fitted: $fitted, answers: $answers,
                            cures: $fitted->hasBucket ? [new Cure('cure-1', 'A tab filed off', 'With a file.')] : [],
                        ),
                        fastening: new Fastenings(rest: Rest::plan($rest)), wiring: new Wiring(routes: $routes),
                    );
                }
            }
            foreach (GuideRemedy::cases() as $remedy) {
                $all[] = new Circumstances(
                    found: new Found(guide: $remedy), fastening: new Fastenings(rest: Rest::plan($rest)),
                    wiring: new Wiring(routes: $routes),
                );
            }
        }
        foreach (self::$wiring ??= [...self::everyWiring()] as $wiring) {
            $all[] = new Circumstances(fastening: new Fastenings(rest: Rest::plan(Rest::Strut)), wiring: $wiring);
        }
        foreach ([Remedy::Mend, Remedy::Replace] as $remedy) {
            $all[] = new Circumstances(
                found: new Found(mending: ['pads' => $remedy, 'chain' => $remedy]),
                fastening: new Fastenings(rest: Rest::plan(Rest::Strut)),
            );
        }
        foreach (self::everyRing() as $ring) {
            foreach (CrankSeat::cases() as $seat) {
                foreach (Compound::cases() as $compound) {
                    $all[] = new Circumstances(
                        fastening: new Fastenings(
                            rest: Rest::plan(Rest::Strut), ringFitting: $ring, crankSeat: $seat, crankCompound: $compound,
                        ),
                    );
                }
            }
        }

        return $all;
    }

    /** @return iterable<Wiring> bars with this and that on them, their leads, and a pack or none */
    private static function everyWiring(): iterable
    {
        $edges = [
            new Edge('bar', 'battery', 600.0), new Edge('battery', 'motor', 300.0),
            ...array_map(fn (string $place) => new Edge($place, 'bar', 220.0), Run::ON_THE_BAR),
        ];
        foreach ([
            [], [RunRole::Keypad], [RunRole::Throttle, RunRole::Keypad, RunRole::BrakeSensorLeft],
            [RunRole::Display, RunRole::BrakeSensorRight, RunRole::FrontLamp],
        ] as $roles) {
            $runs = array_map(fn (RunRole $role) => $role->usual(), [RunRole::MainHarness, RunRole::BatteryLead, ...$roles]);
            foreach ([Make::Plain, Make::Hydraulic, Make::OwnSwitch, Make::HydraulicSwitch] as $make) {
                foreach (BrakeSensing::cases() as $sensing) {
                    $isNew = $make->hasSwitch();
                    $fixtures = [
                        new Fixture(FixtureKind::Grip, BarSide::Left, 120.0),
                        new Fixture(FixtureKind::BrakeLever, BarSide::Left, 16.0, $make, $isNew),
                    ];
                    foreach ([
                        RunRole::Keypad->value => FixtureKind::Keypad, RunRole::Throttle->value => FixtureKind::Throttle,
                    ] as $role => $kind) {
                        ! in_array(RunRole::from($role), $roles, true) ?: $fixtures[] = new Fixture(
                            $kind, BarSide::Right, 22.0, $kind->makes()[0], true,
                        );
                    }
                    yield new Wiring(
                        routes: RoutePlan::of(
                            new Routing(
                                BodyHold::Frame, Allowances::usual(), $edges,
                                array_values(array_filter($runs, fn (Run $run) => $run->kind !== RunKind::Power || $run->isFromPack())),
                            ),
                        )->routes,
                        cockpit: Cockpit::of($fixtures, null, null, null, null),
                        sensors: new SensorPlan(new BrakeCut(['left' => $sensing], [], false), $make === Make::Plain, null, null),
                    );
                }
            }
        }
    }

    /** @return iterable<string, array{BuildSheet, Worksheet, Circumstances}> */
    public static function every(): iterable
    {
        foreach (self::everyBike() as $name => $document) {
            $worksheet = Worksheet::of(JobReader::read($document));
            foreach (self::everyCircumstance($worksheet) as $i => $circumstances) {
                $sheet = $worksheet->buildSheet($circumstances);
                if ($sheet !== null) {
                    yield "{$name} {$i}" => [$sheet, $worksheet, $circumstances];
                }
            }
        }
    }

    /** @return list<Circumstances> some of those that can be, evenly over all */
    public static function circumstances(Worksheet $worksheet, int $howMany): array
    {
        $all = self::everyCircumstance($worksheet);

        return array_values(array_filter($all, fn (int $i) => $i % max(1, intdiv(count($all), $howMany)) === 0, ARRAY_FILTER_USE_KEY));
    }
}
