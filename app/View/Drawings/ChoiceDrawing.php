<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Survey\Spot;

use function cos;
use function implode;
use function sin;
use function sprintf;

/**
 * A small drawing of one answer, on paper 72 wide and 48 high: cranks seen from the end of their spindle, brackets cut along
 * the axis with the drive side right, brakes seen from the side. What is looked at is filled, what it sits in is pale.
 */
final readonly class ChoiceDrawing
{
    public const PALE = 'pale';

    public const PART = 'part-drawn';

    public const LINE = 'line-drawn';

    /** @param  list<array{string, string}>  $shapes  the class and the path of each, the lowest first */
    public function __construct(public array $shapes) {}

    /** Null where an answer needs no picture, or has none. */
    public static function of(Spot $spot, string $value): ?self
    {
        $shapes = match ($spot) {
            Spot::CrankKind => self::crank($value),
            Spot::BracketKind => self::bracket($value),
            Spot::BrakeFront, Spot::BrakeRear => self::brake($value),
            default => [],
        };

        return $shapes === [] ? null : new self($shapes);
    }

    /** What keeps a body from turning: seen from the drive side, front to the right; the body is filled. */
    public static function ofRest(Rest $rest): self
    {
        $downTube = [self::PALE, 'M66 2 L70 8 L28 36 L24 30 Z'.self::circle(20, 34, 7)];
        $seatTube = [self::PALE, 'M20 2 H30 V46 H20 Z'];

        return new self(match ($rest) {
            Rest::Frame => [$downTube, [self::PART, self::circle(50, 31, 8)]],
            Rest::Block => [$downTube, [self::PART, self::circle(55, 37, 8)], [self::LINE, 'M45 26 L52 21 L56 28 L49 32 Z']],
            Rest::TubeBand => [
                $downTube, [self::PART, self::circle(50, 31, 8)], [self::LINE, 'M38 24 C32 14 44 4 53 9 L60 28 C62 42 46 44 42 36 Z'],
            ],
            Rest::Strut => [$downTube, [self::PART, self::circle(56, 38, 8)], [self::LINE, 'M56 38 L38 20'.self::circle(56, 38, 3).self::circle(38, 21, 3)]],
            Rest::BoomClamp => [
                [self::PALE, 'M2 12 H70 V22 H2 Z'], [self::PART, self::circle(37, 38, 8)], [
                    self::LINE, 'M28 8 H46 V26 H28 Z M31 26 V34 M43 26 V34',
                ],
            ],
            Rest::SeatTubeClamp => [$seatTube, [self::PART, self::circle(56, 26, 8)], [self::LINE, 'M16 18 H34 V34 H16 Z M34 26 H48']],
            Rest::StayClamp => [
                [self::PALE, 'M2 16 H60 V21 H2 Z M2 31 H60 V36 H2 Z'], [self::PART, self::circle(58, 26, 8)], [self::LINE, 'M24 12 H34 V40 H24 Z M34 26 H50'],
            ],
            Rest::SeatPad => [$seatTube, [self::PART, self::circle(45, 26, 9)], [self::LINE, 'M30 18 H36 V34 H30 Z']],
        });
    }

    /** @return list<array{string, string}> */
    private static function crank(string $value): array
    {
        $arm = [[self::PALE, 'M24 10 A14 14 0 1 0 24 38 L58 46 L62 38 L36 14 A14 14 0 0 0 24 10 Z']];

        return match ($value) {
            'square-taper' => [...$arm, [self::PART, 'M16 16 H32 V32 H16 Z'], [self::LINE, self::circle(24, 24, 3)]],
            'splined' => [...$arm, [self::PART, self::star(24, 24, 11, 8.5, 10)], [self::LINE, self::circle(24, 24, 3)]],
            'self-extracting' => [...$arm, [self::PART, self::circle(24, 24, 12)], [self::LINE, self::circle(24, 24, 8).self::star(24, 24, 4.5, 4.5, 3)]],
            'two-piece' => [
                ...$arm, [self::PART, self::circle(24, 24, 11)], [self::PALE, self::circle(24, 24, 8)],
                [self::LINE, 'M35 24 H56 M42 20 V28 M50 21 V27'.self::circle(42, 30, 3).self::circle(50, 30, 3)],
            ],
            'one-piece' => [[self::PART, 'M6 8 L14 4 L30 20 H44 L66 40 L58 44 L41 28 H27 Z']],
            'cottered' => [...$arm, [self::PART, self::circle(24, 24, 10)], [self::LINE, 'M8 14 L42 17 L42 13 L8 10 Z']],
            default => [],
        };
    }

    /** @return list<array{string, string}> */
    private static function bracket(string $value): array
    {
        $shell = [[self::PALE, 'M16 6 H56 V12 H16 Z M16 36 H56 V42 H16 Z']];
        $spindle = [self::LINE, 'M4 24 H68'];
        [$left, $drive] = [self::thread(16), self::thread(46)];

        return match ($value) {
            'threaded' => [...$shell, [self::PART, 'M12 8 H16 V12 H56 V8 H60 V40 H56 V36 H16 V40 H12 Z'], [self::LINE, $left.$drive], $spindle],
            'plain-left' => [...$shell, [self::PART, 'M16 14 H56 V8 H60 V40 H56 V34 H16 Z'], [self::LINE, $drive], $spindle],
            'plain-drive' => [...$shell, [self::PART, 'M12 8 H16 V14 H56 V34 H16 V40 H12 Z'], [self::LINE, $left], $spindle],
            'loose-ball' => [
                ...$shell, [self::PART, 'M12 10 H24 V16 H18 V32 H24 V38 H12 Z M60 10 H48 V16 H54 V32 H48 V38 H60 Z M6 12 H10 V36 H6 Z'],
                [self::LINE, self::circle(24, 19, 3).self::circle(24, 29, 3).self::circle(48, 19, 3).self::circle(48, 29, 3)], $spindle,
            ],
            'external' => [...$shell, [self::PART, 'M4 8 H16 V40 H4 Z M56 8 H68 V40 H56 Z'], [self::LINE, 'M16 20 H56 M16 28 H56']],
            'press-fit' => [...$shell, [self::PART, 'M16 12 H28 V36 H16 Z M44 12 H56 V36 H44 Z'], [self::LINE, 'M28 19 H44 M28 29 H44'], $spindle],
            default => [],
        };
    }

    /** @return list<array{string, string}> */
    private static function brake(string $value): array
    {
        $disc = [[self::PALE, self::circle(32, 26, 18)], [self::LINE, self::circle(32, 26, 14).self::circle(32, 26, 4)], [self::PART, 'M44 4 L58 12 L50 26 L40 16 Z']];

        return match ($value) {
            'rim' => [[self::PALE, 'M26 0 H46 V48 H26 Z'], [self::LINE, 'M36 0 V48'], [self::PART, 'M14 18 H26 V30 H14 Z M46 18 H58 V30 H46 Z']],
            'disc-cable' => [...$disc, [self::LINE, 'M54 8 L70 2 M58 14 L70 8']],
            'disc-hydraulic' => [...$disc, [self::PART, 'M52 6 C60 0 64 2 70 0 L71 4 C64 6 60 6 55 9 Z']],
            'drum' => [[self::PALE, self::circle(32, 24, 18)], [self::PART, self::circle(32, 24, 11)], [self::LINE, 'M32 24 L66 34'.self::circle(32, 24, 3)]],
            'coaster' => [
                [self::PALE, self::circle(32, 24, 18)], [self::PART, self::star(32, 24, 12, 9.5, 12)],
                [self::LINE, 'M54 10 A24 24 0 0 1 54 38 M54 38 L48 34 M54 38 L59 33'],
            ],
            'none' => [[self::PALE, self::circle(36, 24, 18)], [self::LINE, self::circle(36, 24, 4)]],
            default => [],
        };
    }

    public static function circle(float $x, float $y, float $r): string
    {
        return sprintf('M%1$s %2$s a%3$s %3$s 0 1 0 %4$s 0 a%3$s %3$s 0 1 0 -%4$s 0 Z', $x - $r, $y, $r, 2 * $r);
    }

    /** Teeth round a middle, as many as are asked for, from one radius to another. */
    private static function star(float $x, float $y, float $outer, float $inner, int $teeth): string
    {
        $points = [];
        for ($i = 0; $i < 2 * $teeth; $i++) {
            $r = $i % 2 === 0 ? $outer : $inner;
            $points[] = sprintf('%.2f %.2f', $x + $r * cos($i * \M_PI / $teeth), $y + $r * sin($i * \M_PI / $teeth));
        }

        return 'M'.implode(' L', $points).' Z';
    }

    /** The crests of a thread, ten long, on both walls of a shell. */
    private static function thread(int $x): string
    {
        $crests = implode(' ', array_map(fn (int $i) => 'L'.($x + $i * 2).' '.($i % 2 === 0 ? 12 : 15), range(1, 5)));

        return "M{$x} 12 {$crests} M{$x} 36 ".implode(
            ' ', array_map(fn (int $i) => 'L'.($x + $i * 2).' '.($i % 2 === 0 ? 36 : 33), range(1, 5)),
        );
    }
}
