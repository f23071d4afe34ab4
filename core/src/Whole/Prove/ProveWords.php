<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Prove;

/** What a person reads at every check: what to do, what is expected, and what is behind a miss, the quickest to look at first. */
final class ProveWords
{
    /** What reads otherwise where nobody stands up on the pedals and no stay runs beside the ring: a trike, a four-wheeler. */
    public const SEATED_LOW = [
        'turns-free' => [
            'causes' => [
                ['Ring touches the boom, its mast or a guard', 'ring-look'],
                ['A lead or tie reaches chain or crank', null],
                ['Chain too short, or caught at an idler, a tube or a guide', 'chain'],
            ],
        ],
        'sound-cockpit' => ['how' => 'Seated, pulling at the bars with both hands; then coasting over something rough.'],
        'sound-saddle' => [
            'title' => 'Sounds from the seat and what holds it',
            'how' => 'Leaning hard into the backrest, then lightly, with the same push at the pedals.',
            'expects' => 'Nothing that goes when the back is light',
            'causes' => [
                ['Seat’s clamps and stays', null],
                ['Seat on its frame, dry or loose', null],
                ['A battery beside or behind it that knocks', 'battery-rail'],
            ],
        ],
        'sound-cogs' => [
            'causes' => [
                ['Gears want indexing', 'gear-index'],
                ['An idler, or a chain tube that rubs', null],
                ['Magnet touches the sensor', 'speed-sensor'],
                ['A tie that reaches the spokes', null],
            ],
        ],
    ];

    /**
     * @return array{chapter: string, title: string, how: string, expects: string, causes: list<array{string, ?string}>, caution?: string}
     */
    public static function of(CheckName $name): array
    {
        return match ($name) {
            CheckName::TurnsFree => [
                'chapter' => Check::STAND, 'title' => 'Crank and wheel turn free by hand',
                'how' => 'Battery out, wheel off the ground: three turns of the crank both ways, the wheel by hand.',
                'expects' => 'Nothing rubs, clicks or drags at any place',
                'causes' => [
                    ['Ring touches the chainstay', 'ring-look'],
                    ['A lead or tie reaches chain or crank', null],
                    ['Chain too short, or caught at guard or guide', 'chain'],
                ],
                'caution' => 'Fingers out of ring and chain: battery out.',
            ],
            CheckName::LockToLock => [
                'chapter' => Check::STAND, 'title' => 'Steering lock to lock',
                'how' => 'Turn the bars slowly to both ends.',
                'expects' => 'No lead, hose or cable is pulled, pinched or rubs; the display stays readable',
                'causes' => [['A tie holds a moving lead to a fixed one', null], ['The loop at the head is too short', null]],
            ],
            CheckName::PackLocked => [
                'chapter' => Check::STAND, 'title' => 'The pack stays where it is',
                'how' => 'Battery in, locked, key out. Shake it, lift the bike by it a little.',
                'expects' => 'It does not move, and the lock is not reached by pedal or heel',
                'causes' => [['Not pushed home on its rail', null], ['Rail loose', 'battery-rail']],
            ],
            CheckName::Wakes => [
                'chapter' => Check::STAND, 'title' => 'The display wakes',
                'how' => 'Wheel off the ground, nobody near it. Switch the pack on, then the display.',
                'expects' => 'It wakes without an error, and shows the battery as charged as it is',
                'causes' => [
                    ['Pack switched off, or its fuse', null],
                    ['Harness not home at the motor', 'dress:main harness'],
                    ['A pin bent in the harness’s plug', 'dress:main harness'],
                    ['Polarity at the pack’s lead', 'join:battery lead'],
                ],
                'caution' => 'From here on the wheel may turn by itself: hands, hair and sleeves away from chain, ring and spokes.',
            ],
            CheckName::Set => [
                'chapter' => Check::STAND, 'title' => 'Units, wheel and limits set',
                'how' => 'In the display’s menu: units, wheel size as measured, speed limit, levels. Written down under Settings.',
                'expects' => 'What the display shows is what is written down',
                'causes' => [['The display has another name for it: its paper', null]],
            ],
            CheckName::ThrottleZero => [
                'chapter' => Check::STAND, 'title' => 'Throttle at level zero',
                'how' => 'Level zero, throttle gently. Many controllers keep it dead there.',
                'expects' => 'As this motor’s papers say for level zero',
                'causes' => [['The setting for level zero', null], ['Throttle’s plug not home', null]],
            ],
            CheckName::ThrottleOne => [
                'chapter' => Check::STAND, 'title' => 'Throttle at level one',
                'how' => 'Level one, throttle gently, then let go.',
                'expects' => 'The wheel turns forward, and stops pulling at once when the throttle is let go',
                'causes' => [
                    ['A brake sensor stuck: its lamp or the display’s mark', null],
                    ['Throttle’s plug not home', null],
                    ['Throttle caught by the grip', 'bar-on-right'],
                ],
                'caution' => 'If it does not stop when let go: pack out at once.',
            ],
            CheckName::Walk => [
                'chapter' => Check::STAND, 'title' => 'Walking help',
                'how' => 'Hold its key.',
                'expects' => 'The wheel turns slowly while the key is held, and no longer; or this motor has none',
                'causes' => [['Not allowed at level zero', null], ['A brake sensor stuck', null]],
            ],
            CheckName::Pedals => [
                'chapter' => Check::STAND, 'title' => 'Pedalling drives it',
                'how' => 'Level one, crank forward by hand.',
                'expects' => 'It joins in softly, and stops pulling when the crank stops',
                'causes' => [['Level zero', null], ['A brake sensor stuck', null], ['Its plug not home', 'dress:main harness']],
            ],
            CheckName::BrakeLeft, CheckName::BrakeRight => [
                'chapter' => Check::STAND, 'title' => 'Brake {side} cuts the motor',
                'how' => 'While the motor pulls, pull the {side} lever as far as it takes to feel the brake.',
                'expects' => 'It cuts at once, and comes back when let go',
                'causes' => [
                    ['Magnet too far from its switch, or turned', 'brake-sensor-{side}'],
                    ['Its plug not home', 'brake-sensor-{side}'],
                    ['The switch itself', null],
                ],
                'caution' => 'A brake that does not cut the motor is a stop.',
            ],
            CheckName::Shift => [
                'chapter' => Check::STAND, 'title' => 'A shift makes the motor ease off',
                'how' => 'Pedal by hand at level one, shift once.',
                'expects' => 'The sensor’s lamp blinks, the motor eases for a blink',
                'causes' => [
                    ['Sensor’s plug not home', null],
                    ['Sensor the wrong way round on the cable', 'gear-through'],
                    ['Cable too slack', 'gear-fix'],
                ],
            ],
            CheckName::SpeedLamp => [
                'chapter' => Check::STAND, 'title' => 'The speed sensor sees every turn',
                'how' => 'Turn the wheel slowly by hand.',
                'expects' => 'Its lamp, or the display’s figure, blinks once a turn',
                'causes' => [
                    ['Magnet gone past, or turned away', 'speed-sensor'],
                    ['Gap outside what its maker allows', 'speed-sensor'],
                    ['Its plug not home', 'dress:speed sensor'],
                ],
            ],
            CheckName::SpeedAgrees => [
                'chapter' => Check::STAND, 'title' => 'The speed is steady and agrees with the wheel',
                'how' => 'Let the wheel turn steadily. Turns in ten seconds, by the circumference that was measured.',
                'expects' => 'The display agrees within a tenth, without jumps',
                'causes' => [
                    ['Wheel size in the display', null],
                    ['Two magnets on the wheel', 'speed-sensor'],
                    ['Gap at its limit', 'speed-sensor'],
                ],
            ],
            CheckName::Lights => [
                'chapter' => Check::STAND, 'title' => 'Lights',
                'how' => 'On and off at the display, front and rear.',
                'expects' => 'Both light, and go on lighting while the bars turn',
                'causes' => [
                    ['Lamp output not switched on in the display', null],
                    ['Polarity', null],
                    ['Their voltage is another one', null],
                ],
            ],
            CheckName::Quiet => [
                'chapter' => Check::STAND, 'title' => 'No noise, no rubbing while it drives',
                'how' => 'Listen at every level, look along the chain.',
                'expects' => 'An even hum; the chain runs straight on to the ring',
                'causes' => [
                    ['First chain too tight or too slack', 'first-chain'],
                    ['Ring bolts', 'ring'],
                    ['Chainring’s line', 'ring-look'],
                ],
            ],
            CheckName::Stops => [
                'chapter' => Check::RIDE, 'title' => 'Both brakes stop it',
                'how' => 'Rolling, without the motor, then with it: each brake by itself.',
                'expects' => 'It stops as before the conversion, or better; the motor never pushes against the brake',
                'causes' => [['A sensor too late in the lever’s travel', null], ['Pads, cables, rotors: see Condition', null]],
                'caution' => 'A short way off the road first, helmet on.',
            ],
            CheckName::Levels => [
                'chapter' => Check::RIDE, 'title' => 'Every level',
                'how' => 'A kilometre or more, each level once.',
                'expects' => 'Each is stronger than the one below; none jerks or drops out',
                'causes' => [
                    ['Pack cuts out under load: its limit, its charge', null],
                    ['A plug that moves', null],
                    ['The current that was set', null],
                ],
            ],
            CheckName::Hill => [
                'chapter' => Check::RIDE, 'title' => 'A hill, in the lowest gears',
                'how' => 'Start on it, and ride up.',
                'expects' => 'The body does not move, nothing creaks at the shell, the chain does not jump',
                'causes' => [
                    ['Nut or plate settled', 'nut-torque'],
                    ['Rest not bearing', 'set-rest'],
                    ['Chain worn on new teeth', 'chain'],
                ],
            ],
            CheckName::CutOff => [
                'chapter' => Check::RIDE, 'title' => 'Where the motor stops helping',
                'how' => 'On the level, up to the speed where it leaves off.',
                'expects' => 'At the speed that is written down under Settings',
                'causes' => [['The limit in the display', null], ['The wheel’s size in the display', null]],
            ],
            CheckName::Range => [
                'chapter' => Check::RIDE, 'title' => 'How far the pack takes it',
                'how' => 'Ride some of the road that was computed under Hills, ten kilometres or more. '
                    .'Kilometres ridden, times a hundred, by the percent that the pack lost.',
                'expects' => 'About as far as computed for that road and load',
                'causes' => [
                    ['Wind, load or level were others than computed: Hills', null],
                    ['Tyres soft, a brake that rubs', null],
                    ['The pack holds less than its label says', null],
                    ['The current that was set', null],
                ],
            ],
            CheckName::SoundCockpit => [
                'chapter' => Check::RIDE, 'title' => 'Sounds from bars and stem',
                'how' => 'Out of the saddle, pulling at the bars; then coasting over something rough.',
                'expects' => 'Nothing that was not there before',
                'causes' => [
                    ['Display or throttle loose on the bar', 'display'],
                    ['A lead that knocks at the head', null],
                    ['Stem and bars themselves', null],
                ],
            ],
            CheckName::SoundSaddle => [
                'chapter' => Check::RIDE, 'title' => 'Sounds from saddle and post',
                'how' => 'Seated, then standing, with the same push.',
                'expects' => 'Nothing that goes when you stand',
                'causes' => [
                    ['Saddle’s rails or clamp', null],
                    ['Post dry in its tube', null],
                    ['A battery behind it that knocks', 'battery-rail'],
                ],
            ],
            CheckName::SoundShell => [
                'chapter' => Check::RIDE, 'title' => 'Sounds from the shell',
                'how' => 'Hard push in a low gear, a hand on the frame near the shell.',
                'expects' => 'No creak, no click once a turn',
                'causes' => [
                    ['Cranks or their bolts', 'crank-left'],
                    ['Plate bolts', 'boss-bolts'],
                    ['Plate bolts', 'plate-bolts'],
                    ['Nut or plate settled', 'nut-torque'],
                    ['The body moves at its rest', 'set-rest'],
                ],
            ],
            CheckName::SoundRing => [
                'chapter' => Check::RIDE, 'title' => 'Sounds from ring and chain',
                'how' => 'Every cog, loaded and not.',
                'expects' => 'The chain runs quietly; no click once a turn of the crank',
                'causes' => [
                    ['Ring bolts', 'ring'],
                    ['Chain on the edge of wide and narrow teeth', 'chain'],
                    ['Ring touches under load', 'ring-look'],
                ],
            ],
            CheckName::SoundCogs => [
                'chapter' => Check::RIDE, 'title' => 'Sounds from cogs and rear wheel',
                'how' => 'Pedalling, then coasting.',
                'expects' => 'Nothing that was not there before',
                'causes' => [
                    ['Gears want indexing', 'gear-index'],
                    ['Magnet touches the sensor', 'speed-sensor'],
                    ['A tie that reaches the spokes', null],
                ],
            ],
            CheckName::CranksAgain => [
                'chapter' => Check::AFTER, 'title' => 'Cranks again, with the wrench',
                'how' => 'One to five kilometres on: both crank bolts to their torque once more.',
                'expects' => 'They have moved a little at the most',
                'causes' => [['Seat not clean, or too much compound', null]],
            ],
            CheckName::RingAgain => [
                'chapter' => Check::AFTER, 'title' => 'Ring bolts again',
                'how' => 'Crosswise to their torque once more.',
                'expects' => 'None of them turns',
                'causes' => [['Ring not flat on its face', 'ring']],
            ],
        };
    }
}
