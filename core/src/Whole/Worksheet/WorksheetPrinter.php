<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Worksheet;

use NeatSpindle\Core\Choosing\Fit\MotorMatch;
use NeatSpindle\Core\Choosing\Hill\Climb;
use NeatSpindle\Core\Choosing\Hill\GearOnHill;
use NeatSpindle\Core\Donor\Shell\Evidence;
use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Fitting\Battery\PackFit;
use NeatSpindle\Core\Fitting\Route\RoutePlan;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Ground\Measure\Rounding;
use NeatSpindle\Core\Ground\Turn\Turn;
use NeatSpindle\Core\Holding\Mount\Note;
use NeatSpindle\Core\Holding\Mount\Reach;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Holding\Reaction\Reaction;
use NeatSpindle\Core\Parts\Drawer\Spacers;
use NeatSpindle\Core\Sums\Gearing\Gear;
use NeatSpindle\Core\Sums\Line\Chain;
use NeatSpindle\Core\Sums\Line\Chainline;
use NeatSpindle\Core\Sums\Line\CogLine;
use NeatSpindle\Core\Sums\Margin\Margin;

use function is_array;
use function is_float;

/**
 * A worksheet as the plain data of the contract (`neat-spindle/worksheet`, version 1), rounded here and
 * nowhere else.
 */
final class WorksheetPrinter
{
    /** @return array<string, mixed> */
    public static function toArray(Worksheet $sheet): array
    {
        return [
            'format' => 'neat-spindle/worksheet',
            'version' => 1,
            'shell' => self::shell($sheet->identification),
            'match' => array_map(self::match(...), $sheet->match()),
            'stack' => self::stack($sheet->stack),
            'chainline' => self::chainline($sheet->chainline),
            'reach' => self::reach($sheet->reach),
            'gears' => self::gears($sheet),
            'chain' => self::chain($sheet->chain),
            'climb' => self::climb($sheet->climb),
            'reaction' => self::reaction($sheet->reaction),
            'turns' => array_map(self::turn(...), $sheet->job->turns),
            'routes' => self::routes($sheet),
            'battery' => self::battery($sheet->pack),
        ];
    }

    /** @return array<string, mixed> */
    private static function shell(Identification $identification): array
    {
        $ruledOut = [];
        foreach ($identification->ruledOut as $code => $reasons) {
            $ruledOut[] = ['code' => $code, 'ruled_out_by' => array_map(fn (Evidence $reason) => $reason->value, $reasons)];
        }

        return [
            'candidates' => array_map(fn (ShellStandard $standard) => $standard->value, $identification->candidates),
            'ruled_out' => $ruledOut,
            'identified' => $identification->identified?->value,
            'nominal_width_mm' => $identification->nominalWidth(),
            'next_measurement' => $identification->next?->value,
            'width_mm' => Rounding::halfAway($identification->shell->width->value),
            'width_plus_minus_mm' => Rounding::halfAway($identification->shell->width->plusMinus),
        ];
    }

    /** @return array<string, mixed> */
    private static function match(MotorMatch $row): array
    {
        return [
            'motor' => $row->motor->code,
            'insert' => $row->insert?->code,
            'verdict' => $row->verdict()->value,
            'limited_by' => $row->limitedBy(),
            'weighted_offset_mm' => $row->weightedOffset === null ? null : Rounding::halfAway($row->weightedOffset),
        ];
    }

    /** @return array<array-key, mixed> */
    private static function stack(Stack $stack): array
    {
        return [
            'mount' => $stack->mount->code(),
            'verdict' => $stack->verdict->value,
            ...($stack->unsolved === null ? [] : ['unsolved' => $stack->unsolved->value]),
            'notes' => array_map(fn (Note $note) => $note->value, $stack->notes),
            ...self::rounded($stack->base),
            'needed_mm' => self::rounded($stack->needed),
            ...($stack->arrangement === null ? [] : ['spacers' => array_map(fn (?Spacers $spacers) => $spacers?->pieces, $stack->spacers)]),
            ...self::rounded($stack->arrangement?->figures() ?? []),
            'margins' => array_map(self::margin(...), $stack->margins),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $figures
     * @return array<array-key, mixed> every figure to 0.01, whole numbers as given
     */
    private static function rounded(array $figures): array
    {
        return array_map(fn (mixed $figure) => match (true) {
            is_float($figure) => Rounding::halfAway($figure),
            is_array($figure) => self::rounded($figure),
            default => $figure,
        }, $figures);
    }

    /** @return array<string, mixed> */
    private static function margin(Margin $margin): array
    {
        return [
            'name' => $margin->name->value,
            'value_mm' => Rounding::halfAway($margin->value),
            'plus_minus_mm' => Rounding::halfAway($margin->plusMinus),
            'limit_mm' => $margin->limit,
            'verdict' => $margin->verdict->value,
        ];
    }

    /** @return array<string, mixed>|null */
    private static function chainline(?Chainline $line): ?array
    {
        return $line === null ? null : [
            'front_mm' => Rounding::halfAway($line->front),
            'rear_centre_mm' => Rounding::halfAway($line->rearCentre),
            'cogs' => array_map(fn (CogLine $cog) => [
                'cog' => $cog->teeth,
                'position_mm' => Rounding::halfAway($cog->position),
                'offset_mm' => Rounding::halfAway($cog->offset),
                'plus_minus_mm' => Rounding::halfAway($cog->plusMinus),
                'angle_deg' => Rounding::halfAway($cog->angle),
                'verdict' => $cog->verdict->value,
                'settled' => $cog->isSettled,
            ], $line->cogs),
            'straightest_cog' => $line->straightest->teeth,
            'weighted_offset_mm' => Rounding::halfAway($line->weightedOffset),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function reach(?Reach $reach): ?array
    {
        return $reach === null ? null : [
            'needed_bore_mm' => Rounding::halfAway($reach->neededBore),
            'needed_depth_mm' => Rounding::halfAway($reach->neededDepth),
            'verdict' => $reach->verdict(),
        ];
    }

    /** @return array<string, mixed> */
    private static function chain(Chain $chain): array
    {
        return [
            'exact_pitches' => Rounding::halfAway($chain->exact),
            'links' => $chain->links,
            'change_from_old' => $chain->changeFromOld,
            'stretch_percent' => $chain->stretch === null ? null : Rounding::halfAway($chain->stretch),
            'replace' => $chain->replace,
            'wrap_teeth' => $chain->wrapTeeth,
        ];
    }

    /** @return array<string, mixed> */
    private static function gears(Worksheet $sheet): array
    {
        $motor = $sheet->job->kit->motor;

        return [
            'gears' => array_map(fn (Gear $gear) => [
                'cog' => $gear->cog,
                'hub_ratio' => $gear->hubRatio,
                'ratio' => Rounding::halfAway($gear->ratio, 3),
                'development_m' => Rounding::halfAway($gear->development),
                'kmh_at_60' => Rounding::halfAway($gear->speedAt(60.0)),
                'kmh_at_90' => Rounding::halfAway($gear->speedAt(90.0)),
                'kmh_at_motor_max' => Rounding::halfAway($gear->speedAt($motor->maxCrankRpm)),
            ], $sheet->gears->gears),
            'range_percent' => Rounding::halfAway($sheet->gears->rangePercent(), 0),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function climb(?Climb $climb): ?array
    {
        return $climb === null ? null : [
            'speed_kmh' => Rounding::halfAway($climb->speed * 3.6),
            'force_n' => Rounding::halfAway($climb->force, 1),
            'gears' => array_map(fn (GearOnHill $on) => [
                'cog' => $on->gear->cog,
                'hub_ratio' => $on->gear->hubRatio,
                'crank_rpm' => Rounding::halfAway($on->crankRpm, 1),
                'crank_torque_nm' => Rounding::halfAway($on->crankTorque, 1),
                'verdict' => $on->verdict->value,
            ], $climb->gears),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function reaction(?Reaction $reaction): ?array
    {
        return $reaction === null ? null : [
            'preload_n' => Rounding::halfAway($reaction->preload, 0),
            'friction_hold_nm' => Rounding::halfAway($reaction->hold, 1),
            'motor_torque_nm' => $reaction->motorTorque,
            'held_by_friction' => $reaction->isHeldByFriction(),
            'needs_rest' => ! $reaction->isHeldByFriction(),
            'rest_load_n' => $reaction->restLoad === null ? null : Rounding::halfAway($reaction->restLoad, 0),
            'torque_band' => $reaction->torqueBand,
            'gap' => $reaction->gap === null ? null : [
                'clearance_mm' => Rounding::halfAway($reaction->gap->clearance),
                'plus_minus_mm' => Rounding::halfAway($reaction->gap->plusMinus),
                'verdict' => $reaction->gap->verdict()->value,
            ],
        ];
    }

    /** @return array<string, string> */
    private static function turn(Turn $turn): array
    {
        return [
            'part' => $turn->part,
            'rotation' => $turn->rotation()->value,
            'handle_top_goes_to' => $turn->handleTopGoesTo()->value,
        ];
    }

    /** @return list<array<string, mixed>>|null */
    private static function routes(Worksheet $sheet): ?array
    {
        return $sheet->job->routing === null
            ? null
            : array_map(self::route(...), RoutePlan::of($sheet->job->routing)->routes);
    }

    /** @return array<string, mixed> */
    private static function route(RunRoute $route): array
    {
        $printed = [
            'run' => $route->run->name,
            'path' => $route->path,
            'needed_mm' => $route->needed === null ? null : Rounding::halfAway($route->needed, 0),
            'verdict' => $route->verdict->value,
        ];

        return $route->path === null ? $printed : $printed + [
            'extensions_mm' => $route->extensions,
            'surplus_mm' => $route->surplus === null ? null : Rounding::halfAway($route->surplus, 0),
            'voltage_drop_v' => $route->voltageDrop === null ? null : Rounding::halfAway($route->voltageDrop),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function battery(?PackFit $fit): ?array
    {
        return $fit === null ? null : [
            'fits' => $fit->misfit === null,
            'reason' => $fit->misfit?->value,
            ...($fit->room === null ? [] : ['room_mm' => Rounding::halfAway($fit->room, 0)]),
            ...($fit->start === null ? [] : ['start_from_front_mm' => Rounding::halfAway($fit->start, 0)]),
        ];
    }
}
