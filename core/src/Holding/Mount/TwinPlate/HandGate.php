<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\TwinPlate;

use NeatSpindle\Core\Measuring\Survey\Spot;

/** What a hand finds at a twin plate before any torque, and what follows from what it found. */
final readonly class HandGate
{
    /**
     * @param  ?string  $said  what was found; null while nobody has tried
     * @param  string  $verdict  in a word or two, told first; empty where there is nothing to cure
     */
    private function __construct(public Spot $spot, public string $title, public ?string $said, public string $verdict, public string $text) {}

    /**
     * In the order of the hand.
     *
     * @param  array<string, string>  $answers  by the spot's code
     * @return list<self>
     */
    public static function all(array $answers, float $minBoltTurns): array
    {
        $said = fn (Spot $spot): ?string => $answers[$spot->value] ?? null;

        return [
            self::chain($said(Spot::DriveChain)), self::bearings($said(Spot::BearingFeel)),
            self::bolt($said(Spot::CrankBoltTurns), $minBoltTurns), self::arm($said(Spot::TensionerArm)),
        ];
    }

    private static function chain(?string $said): self
    {
        return new self(Spot::DriveChain, 'Which chain the motor drives', $said, '', match ($said) {
            'bikes' => 'Over cog, arm’s pulley, pinion and ring: no sag rule, but the arm must swing.',
            'own' => 'Its sag and its tensioner are asked below.',
            default => 'The sheet follows from it.',
        });
    }

    private static function bearings(?string $said): self
    {
        [$verdict, $text] = match ($said) {
            'play' => ['Too few shims.', 'Add one at the bearings or cups, never under the crank, and turn again. Split rings lie with their gaps opposite.'],
            'drag' => ['Too many shims.', 'Take one from the bearings or cups, never from under the crank, and turn again. Never torque against a drag.'],
            'free' => ['', 'Right so: bearings sit on the spindle’s ground part over their whole width.'],
            default => ['', 'Too few shims give play, too many give drag.'],
        };

        return new self(Spot::BearingFeel, 'Spindle turned by hand', $said, $verdict, $text);
    }

    private static function bolt(?string $said, float $least): self
    {
        [$verdict, $text] = match (true) {
            $said === null => ['', "At least {$least} before it is trusted with torque."],
            (float) $said < $least => ['Stop:', "{$said} of at least {$least}. Thinner spacers under the crank, or a longer bolt; no torque until then."],
            default => ['', "Enough: {$said} of at least {$least}."],
        };

        return new self(Spot::CrankBoltTurns, 'Full turns of the crank bolt, by hand', $said, $verdict, $text);
    }

    private static function arm(?string $said): self
    {
        [$verdict, $text] = match ($said) {
            'end' => ['Not yet:', 'a link more or less in the first chain, then look again.'],
            'touches' => ['Not yet:', 'drive spacers off line, or the ring too large: see “First chain off line” below.'],
            'free' => ['', 'Right so.'],
            default => ['', 'Ring, pulley and pinion in one plane; the arm free to swing both ways and not at its end.'],
        };

        return new self(Spot::TensionerArm, 'Tensioner’s arm, chain on the smallest cog', $said, $verdict, $text);
    }
}
