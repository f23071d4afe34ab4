<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

use function array_filter;
use function array_values;
use function mb_strtolower;
use function preg_match;

/** What riders say of a bike that comes back, told from their words, and what mostly is behind it. Ours, from the causes of the checks. */
enum Complaint: string
{
    case OnceATurn = 'once-a-turn';
    case Creak = 'creak';
    case Rubs = 'rubs';
    case ChainDrops = 'chain-drops';
    case CutsOut = 'cuts-out';
    case Rocks = 'rocks';
    case Fogs = 'fogs';
    case Weak = 'weak';
    case Broken = 'broken';

    /** In any of these words, as whole beginnings of words. */
    private const WORDS = [
        'once-a-turn' => '/\b(click|tick|knock|clunk|once a turn|every turn)/u',
        'creak' => '/\b(creak|squeak|groan)/u',
        'rubs' => '/\b(rub|scrape|scrap|grind|touch)/u',
        'chain-drops' => '/\b(drop|falls? off|jump|slip|came off|comes off)/u',
        'cuts-out' => '/\b(cuts?\b|dies|died|dead|stops?\b|switch|error|fault)/u',
        'rocks' => '/\b(rock|loose|moves|wobbl|play\b|rattl)/u',
        'fogs' => '/\b(fog|wet|water|damp|steam)/u',
        'broken' => '/\b(crack|split|bent\b|broke)/u',
        'weak' => '/\b(weak|slow|empty|no power|less power|less range|not as far|runs? out)/u',
    ];

    /** @return list<self> those whose words stand in what somebody said */
    public static function in(string $said): array
    {
        $words = mb_strtolower($said);

        return array_values(array_filter(self::cases(), fn (self $one) => preg_match(self::WORDS[$one->value], $words) === 1));
    }

    public function label(): string
    {
        return match ($this) {
            self::OnceATurn => 'Clicks or knocks, once a turn',
            self::Creak => 'Creaks',
            self::Rubs => 'Rubs',
            self::ChainDrops => 'The chain drops',
            self::CutsOut => 'The motor cuts out',
            self::Rocks => 'Something rocks or is loose',
            self::Fogs => 'Water gets in',
            self::Weak => 'Weak, or not as far as it should go',
            self::Broken => 'Something is cracked or bent',
        };
    }

    /** @return list<Cause> the commonest first */
    public function causes(): array
    {
        return match ($this) {
            self::OnceATurn => [
                new Cause('A crank has settled on its taper', 'crank-right'), new Cause('The left crank too', 'crank-left'),
                new Cause('A ring bolt', 'ring'), new Cause('A pedal in its arm', 'pedals'), new Cause('A stiff link, or the joining one', 'chain'),
            ],
            self::Creak => [
                new Cause('The nut has settled: torque again', 'nut-torque'), new Cause('A dry or loose crank', 'crank-right'), new Cause('Bolts at the plate', 'boss-bolts'),
                new Cause('The body works against its rest', 'set-rest'),
            ],
            self::Rubs => [
                new Cause(
                    'Ring near the chainstay: has the body moved?', 'ring-look',
                ), new Cause('A lead or tie that came loose', 'dress:main harness'),
                new Cause('The chain at guard or guide', 'chain'),
            ],
            self::ChainDrops => [
                new Cause('Chain too long, or worn', 'chain'), new Cause('Gears want indexing', 'gear-index'), new Cause('The ring sits wrong on its bolts', 'ring'),
            ],
            self::CutsOut => [
                new Cause('A plug not home', 'dress:main harness'), new Cause('A brake sensor sticks: its magnet has moved', null),
                new Cause('The pack moves on its rail', 'battery-rail'), new Cause('Speed sensor and magnet apart', 'speed-sensor'),
            ],
            self::Rocks => [
                new Cause('The nut', 'nut-torque'),
                new Cause('What the body rests on', 'set-rest'),
                new Cause('The rail of the pack', 'battery-rail'),
            ],
            self::Fogs => [
                new Cause('A plug without grease, or a seal not home', 'dress:main harness'),
                new Cause('A loop that lets water run to a plug', 'dress:main harness'),
            ],
            self::Broken => [
                new Cause('Nobody rides it before frame, fork and rest were looked at with a lamp: Condition', null),
                new Cause('What the body rests on', 'set-rest'),
            ],
            self::Weak => [
                new Cause('Cells cold, or not full', null),
                new Cause('A brake that drags', null),
                new Cause('Speed sensor and magnet apart', 'speed-sensor'),
            ],
        };
    }
}
