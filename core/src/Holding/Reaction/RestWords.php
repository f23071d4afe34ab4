<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

/** What a person reads at the steps of each rest, by its code: `on`, `set` and `torque`, where there is such a step. */
final class RestWords
{
    private const SOFT = 'Something soft in the gap is a stop: the body will creep until it is cut.';

    public const UNDECIDED = [
        'set' => [
            'title' => 'Set the body against its rest',
            'how' => 'Nobody has said yet what it rests on: choose it under Nut and rest, then look here again.',
            'look' => 'Nothing soft in the gap',
            'caution' => self::SOFT,
        ],
    ];

    public const ALL = [
        'frame' => [
            'set' => [
                'title' => 'Set the body against the down tube',
                'how' => 'Swing it up until it lies on the tube, a thin pad between. It must lie on the tube, not on what runs along it.',
                'look' => 'Nothing soft between body and tube',
                'caution' => self::SOFT,
            ],
        ],
        'block' => [
            'on' => [
                'title' => 'Block to the down tube, loose',
                'how' => 'Beside what is soft, never on it; thicker than it by a millimetre and more than both doubts.',
                'look' => 'The block bears on metal on both sides',
            ],
            'set' => [
                'title' => 'Set the body against the block',
                'how' => 'Swing it up until it bears on the block, with its full face.',
                'look' => 'What is soft can still be moved by hand',
                'caution' => self::SOFT,
            ],
            'torque' => [
                'title' => 'Block made fast',
                'how' => 'So that it cannot walk out when the motor pushes.',
                'tool' => 'Key for its screws, mostly 5 mm',
                'look' => 'What is soft can still be moved by hand',
            ],
        ],
        'tube_band' => [
            'on' => [
                'title' => 'Band round the down tube, loose',
                'how' => 'A pad under it. What runs along the tube is moved aside, not caught under the band.',
                'look' => 'Nothing soft under the band',
            ],
            'set' => [
                'title' => 'Set the body to its band',
                'how' => 'Swing it up until the band takes it, screws still loose.',
                'look' => 'The band lies flat all round',
                'caution' => self::SOFT,
            ],
            'torque' => [
                'title' => 'Band to torque',
                'how' => 'Both ends in turn; then its second nuts.',
                'tool' => 'Key for its screws, mostly 5 mm, torque wrench',
                'look' => 'The band has not closed on a cable or a hose',
            ],
        ],
        'strut' => [
            'on' => [
                'title' => 'Strut on, loose',
                'how' => 'Both its ends on, pivots loose, so that it pulls nowhere.',
                'look' => 'Clear of crank, chain and heel',
            ],
            'set' => [
                'title' => 'Set the body to its strut',
                'how' => 'Swing it to where the strut holds it without force.',
                'look' => 'Nothing soft where the body can swing to',
                'caution' => self::SOFT,
            ],
            'torque' => [
                'title' => 'Strut to torque',
                'how' => 'Its clamp in turn first, the pivots last; then the second nuts.',
                'tool' => 'Keys for clamp and pivots, mostly 5 and 6 mm, torque wrench',
                'look' => 'The body has not moved',
            ],
        ],
        'boom_clamp' => [
            'on' => [
                'title' => 'Clamp on the boom, loose',
                'how' => '{size} Clear of the clamp that sets its length.',
                'look' => 'The clamp lies on the boom all round',
            ],
            'set' => [
                'title' => 'Set the body to the boom’s clamp',
                'how' => 'Swing it to where the clamp takes it. There is no tube above it to lean on.',
                'look' => 'Nothing soft between body, clamp and boom',
                'caution' => self::SOFT,
            ],
            'torque' => [
                'title' => 'Boom’s clamp to torque',
                'how' => 'Its screws in turn, a quarter turn at a time.',
                'tool' => 'Key for its screws, mostly 5 mm, torque wrench',
                'look' => 'The gap of the clamp is even',
            ],
        ],
        'seat_tube_clamp' => [
            'on' => [
                'title' => 'Clamp on the seat tube, loose',
                'how' => '{size} A pad under it.',
                'look' => 'Clear of the front wheel’s and the rear brake’s cables',
            ],
            'set' => [
                'title' => 'Set the body to the seat tube’s clamp',
                'how' => 'Swing it to where the clamp takes it without force.',
                'look' => 'Nothing soft between body and clamp',
                'caution' => self::SOFT,
            ],
            'torque' => [
                'title' => 'Seat tube’s clamp to torque',
                'how' => 'Its screws in turn, a quarter turn at a time.',
                'tool' => 'Key for its screws, mostly 5 mm, torque wrench',
                'look' => 'The gap of the clamp is even',
            ],
        ],
        'stay_clamp' => [
            'on' => [
                'title' => 'Clamp on the chainstays, loose',
                'how' => 'Clear of tyre, chain and ring.',
                'look' => 'A full turn of wheel and crank by hand',
            ],
            'set' => [
                'title' => 'Set the body to the stays’ clamp',
                'how' => 'Swing it to where the clamp takes it without force.',
                'look' => 'Nothing soft between body and clamp',
                'caution' => self::SOFT,
            ],
            'torque' => [
                'title' => 'Stays’ clamp to torque',
                'how' => 'Its screws in turn, a quarter turn at a time: stays are thin.',
                'tool' => 'Key for its screws, mostly 5 mm, torque wrench',
                'look' => 'The stays have kept their shape',
            ],
        ],
        'seat_pad' => [
            'on' => [
                'title' => 'Pad to seat tube or stays, loose',
                'how' => 'Cut out for what passes there, so that it bears on the frame and on nothing soft. The '
                    .'chain’s pull comes on it besides the motor’s torque.',
                'look' => 'What passes through its cut-out can still be moved by hand',
            ],
            'set' => [
                'title' => 'Set the body back against its pad',
                'how' => 'It is pulled to the rear: push it there until it lies on the pad with its full face.',
                'look' => 'What passes through the cut-out can still be moved by hand',
                'caution' => self::SOFT,
            ],
        ],
    ];
}
