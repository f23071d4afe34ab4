<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Strip;

use NeatSpindle\Core\Shell\Identification;

/** The order of taking off what is fitted. */
final readonly class StripPlan
{
    /** What to try on a stuck part, in this order, each with its wait; after the last, more force is no answer. */
    public const LADDER = [
        'Check the direction once more, against the picture.',
        'Clean the thread; penetrating oil; wait 20 minutes.',
        'Hold the tool captive with the crank bolt or a clamp; longer lever, wheels on the floor, not in the stand.',
        'Shock instead of more bend: a few sharp taps on the lever.',
        'Heat, on metal frames only, away from paint, seals and cells; let it soak 5 minutes.',
        'Stop. Take it to someone with a vice, a slotted cutter or a welder. Write down what was tried.',
    ];

    /** @param  list<StripStep>  $steps */
    private function __construct(public Fitted $fitted, public array $steps) {}

    /** @param  ?Identification  $shell  what the shell is known to be; the drive cup's direction follows from it */
    public static function for(Fitted $fitted, ?Identification $shell): self
    {
        return new self($fitted, [
            new StripStep('power', 'Power off, battery out', 'If the bike already carries a motor or a battery: off, out, and away from the bench.',
                caution: 'Fingers get pinched in the ring and behind the nut when a motor starts.'),
            ...self::outOfTheWay($fitted),
            ...CrankSteps::pedals(),
            self::chain($fitted),
            ...self::frontMech($fitted),
            ...CrankSteps::for($fitted->crank),
            ...($fitted->crank === CrankKind::OnePiece ? BracketSteps::pressedCups() : BracketSteps::for($fitted->bracket, $shell)),
            new StripStep('look-inside', 'Look inside the shell', 'Lamp in. Plastic sleeve out, burrs off, screw heads that stand proud gone or shortened, drain hole open, faces flat and free of thick paint.', 'Lamp, deburring blade, rag',
                keep: 'The cable guide’s screw', look: 'Bore, thread, faces, guide underneath: then measure them'),
        ]);
    }

    public function step(string $code): ?StripStep
    {
        foreach ($this->steps as $step) {
            if ($step->code === $code) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<StripStep> */
    private static function outOfTheWay(Fitted $fitted): array
    {
        return [
            ...($fitted->hasKickstand ? [new StripStep('kickstand', 'Kickstand off', 'It sits where the motor’s body swings. Bike in the stand first.', '6 or 8 mm key',
                keep: 'Kickstand and bolt: it goes back behind the wheel or not at all')] : []),
            ...($fitted->hasGuard ? [new StripStep('guard', 'Chain guard or guide open', 'Photograph it first. Only as far as the cranks need.', 'Screwdriver, 4 mm key',
                keep: 'Guard, clips and screws: it goes back on')] : []),
        ];
    }

    private static function chain(Fitted $fitted): StripStep
    {
        return $fitted->keepsChain
            ? new StripStep('chain', 'Chain off the ring, kept whole', 'Lift it off the ring and hang it clear; it stays in its guide.', 'A hook and a rag', look: 'It can be moved aside far enough for the motor')
            : new StripStep('chain', 'Chain off', 'Open the joining link if there is one, else push a pin. Count the links before it goes into the bin.', 'Link pliers or chain tool', keep: 'The old chain, for comparing link by link');
    }

    /** @return list<StripStep> */
    private static function frontMech(Fitted $fitted): array
    {
        return ! $fitted->hasFrontMech ? [] : [
            new StripStep('front-mech', 'Front mech, cable and shifter off', 'It goes: the motor has one ring.', '5 mm key, cable cutter', keep: 'The cable stop and its screw'),
        ];
    }
}
