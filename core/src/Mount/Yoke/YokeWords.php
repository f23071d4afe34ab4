<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Mount\Yoke;

/** What a person reads at the steps of a yoke motor. What the job at hand says is filled in where a `{name}` stands. */
final class YokeWords
{
    public const BODY_IN = [
        'title' => 'Body up around the shell',
        'how' => 'Drive side: {drive}. Left of the shell, up to the yoke: {plate}.',
        'look' => 'Body square on the shell or spacers',
        'closesOff' => 'the harness between body and shell',
    ];

    public const YOKE_IN = [
        'title' => 'Yoke into its slot',
        'how' => 'Inside it: {slotInner}. Outside it: {slotOuter}.',
        'look' => 'The yoke cannot walk either way',
    ];

    public const CUP_HAND = [
        'title' => 'Cup in from the left, by hand',
        'how' => 'Grease on its thread. By hand until its flange touches the yoke; if it binds, out again.',
    ];

    public const SET_REST = [
        'title' => 'Set the body against its rest',
        'how' => 'Swing it until it rests. Nothing clamps it: the rest carries all of the motor’s torque.',
        'look' => 'Nothing soft in the gap',
        'caution' => 'Something soft in the gap is a stop: the body will creep until it is cut.',
    ];

    public const CUP_TORQUE = [
        'title' => 'Cup to torque',
        'how' => 'Wheels on the floor, body on its rest.',
        'tool' => 'Cup tool, held on with a clamp; torque wrench',
        'look' => 'Yoke still flat',
    ];

    public const SPINDLE = [
        'title' => 'Spindle in, preload by hand',
        'how' => 'Find the splines by turning, never by force. Preload until play is gone and it still turns freely, '
            .'then lock it. From the collar up to the mark: {crank}.',
        'look' => 'No play, no drag; the crank stops on its spacers',
    ];
}
