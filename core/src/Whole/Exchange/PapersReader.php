<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Exchange;

use NeatSpindle\Core\Fitting\Battery\VoltageRange;
use NeatSpindle\Core\Fitting\Route\Harness;
use NeatSpindle\Core\Fitting\Route\Joint;
use NeatSpindle\Core\Fitting\Route\RunRole;
use NeatSpindle\Core\Fitting\Sensor\SpeedSensor;
use NeatSpindle\Core\Fitting\Sensor\StayFace;
use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Ground\Document\Faults;
use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Holding\Catalogue\MotorPapers;
use NeatSpindle\Core\Holding\Catalogue\RingPapers;
use NeatSpindle\Core\Parts\Box\Piece;
use NeatSpindle\Core\Parts\Box\PieceKind;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;
use NeatSpindle\Core\Parts\Fastening\Band;
use NeatSpindle\Core\Parts\Fastening\Bands;
use NeatSpindle\Core\Parts\Fastening\CrankSeat;
use NeatSpindle\Core\Parts\Fastening\Fastener;
use stdClass;

use function count;

/**
 * Reads what motors and rings of a catalogue carry of their papers: `fasteners`, `crank_seat`, `crank_compound`, `contents`;
 * `most_a`, `speed_sensor`, `harness`, `cup_hand`, `hanger`, `body_reach_mm`, `displays`; `bolts`, `bolt_torque_nm`, `bolt_source`.
 */
final class PapersReader
{
    private const MOST_LEADS = 40;

    private const MOST_PIECES = 200;

    private const MOST_OF_A_PIECE = 1_000;

    private const UNSAID = 'the catalogue, which names no paper';

    /**
     * What a motor's entry says.
     *
     * @param  array<string, mixed>  $figures
     *
     * @throws InvalidDocument with every fault; pointers start at the motor
     */
    public static function motorFrom(array $figures): MotorPapers
    {
        $faults = new Faults;
        $papers = self::motor(Cursor::root(self::object($figures), $faults));
        $faults->expectNone();

        return $papers;
    }

    /**
     * What a ring's entry says.
     *
     * @param  array<string, mixed>  $figures
     *
     * @throws InvalidDocument with every fault; pointers start at the ring
     */
    public static function ringFrom(array $figures): RingPapers
    {
        $faults = new Faults;
        $papers = self::ring(Cursor::root(self::object($figures), $faults));
        $faults->expectNone();

        return $papers;
    }

    public static function motor(Cursor $at): MotorPapers
    {
        $bands = Bands::none();
        foreach ($at->optionalObject('fasteners')?->entries() ?? [] as $entry) {
            $fastener = Fastener::tryFrom($entry->key());
            if ($fastener === null) {
                $entry->fault('Expected one of: '.implode(', ', array_column(Fastener::cases(), 'value')).'.');
            } elseif ($entry->expectObject()) {
                $bands = $bands->with($fastener, self::band($entry));
            }
        }

        return new MotorPapers(
            $bands,
            $at->optionalOneOf('crank_seat', CrankSeat::class) ?? CrankSeat::Taper,
            $at->optionalOneOf('crank_compound', Compound::class) ?? Compound::Grease,
            self::contents($at),
            $at->optionalPositive('most_a'),
            self::speedSensor($at->optionalObject('speed_sensor')),
            self::voltage($at),
            self::harness($at),
            cupHand: $at->optionalOneOf('cup_hand', Hand::class),
            hasHanger: $at->flag('hanger') === true,
            bodyReach: $at->optionalPositive('body_reach_mm'),
            displays: $at->has('displays') ? $at->texts('displays') : [],
        );
    }

    public static function ring(Cursor $at): RingPapers
    {
        $source = $at->has('bolt_source') ? $at->text('bolt_source') : self::UNSAID;

        return new RingPapers(
            $at->optionalWhole('bolts', 1, 12),
            $at->has('bolt_torque_nm') ? new Band($at->torqueBand('bolt_torque_nm'), $source) : null,
        );
    }

    /** The range where one is named, else the one voltage there is. */
    private static function voltage(Cursor $at): ?VoltageRange
    {
        $ends = array_map(fn (Cursor $end) => $end->here()->positive() ?? NAN, $at->optionalItems('voltage_range_v', 2, 2));
        if (count($ends) === 2 && $ends[0] > $ends[1]) {
            $at->faultAt('voltage_range_v', 'The lower voltage comes first.');
        }
        $one = $at->optionalPositive('voltage_v');

        return match (true) {
            count($ends) === 2 => new VoltageRange(...$ends),
            $one === null => null,
            default => VoltageRange::only($one),
        };
    }

    /** Lead by lead: what it is for, where it joins, how long it is from end to end, and its plug. */
    private static function harness(Cursor $at): ?Harness
    {
        if (! $at->has('harness')) {
            return null;
        }
        $harness = Harness::usual();
        foreach ($at->optionalItems('harness', 0, self::MOST_LEADS) as $lead) {
            if ($lead->expectObject()) {
                $harness = $harness->with(
                    $lead->oneOf('run', RunRole::class), $lead->oneOf('joins', Joint::class), $lead->length('length_mm'), $lead->text('connector'),
                );
            }
        }

        return $harness;
    }

    private static function speedSensor(?Cursor $at): ?SpeedSensor
    {
        if ($at === null) {
            return null;
        }
        [$low, $high] = [$at->length('gap_least_mm'), $at->length('gap_most_mm')];
        if ($at->isSound() && $low > $high) {
            $at->faultAt('gap_most_mm', 'The larger gap comes last.');
        }

        return new SpeedSensor($low, $high, $at->oneOf('face', StayFace::class));
    }

    /** @return list<Piece> */
    private static function contents(Cursor $at): array
    {
        $pieces = array_filter($at->optionalItems('contents', 0, self::MOST_PIECES), fn (Cursor $piece) => $piece->expectObject());

        return array_map(self::piece(...), array_values($pieces));
    }

    private static function band(Cursor $at): Band
    {
        return new Band(
            $at->torqueBand('torque_nm'), $at->has('source') ? $at->text('source') : self::UNSAID, $at->optionalPositive('limit_nm'),
        );
    }

    private static function piece(Cursor $at): Piece
    {
        $kind = $at->oneOf('kind', PieceKind::class);
        $thickness = $kind === PieceKind::Spacer ? $at->length('thickness_mm') : null;

        return new Piece(
            $kind,
            $at->text('what'),
            $at->whole('quantity', 1, self::MOST_OF_A_PIECE),
            $thickness === null ? null : max(1, (int) round($thickness * 100)),
            $kind === PieceKind::Spacer ? $at->listOf('use', SpacerUse::class) : [],
        );
    }

    /** @param  array<string, mixed>  $figures */
    private static function object(array $figures): stdClass
    {
        /** @var stdClass */
        return json_decode(json_encode((object) $figures, JSON_THROW_ON_ERROR), false, flags: JSON_THROW_ON_ERROR);
    }
}
