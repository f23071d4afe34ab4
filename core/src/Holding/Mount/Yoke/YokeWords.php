<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount\Yoke;

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
        'title' => 'Yoke into its slot, by hand',
        'how' => 'Greased; its screws in loose.',
        'look' => 'The yoke lies flat against its spacers',
    ];

    public const CUP_HAND = [
        'title' => 'Cup in from the left, by hand',
        'how' => 'Grease on its thread. By hand until its flange touches the yoke; if it binds, out again.{thread}',
    ];

    public const SLOT = [
        'title' => 'Slot filled on both sides of the yoke',
        'how' => 'Inside it: {slotInner}. Outside it: {slotOuter}.',
        'look' => 'The yoke cannot walk either way',
    ];

    public const HANGER = [
        'title' => 'Hanger’s bolts loose on both sides, the upper two tight',
        'how' => 'Loose all round first; then the upper two, left and right in turn, so that the body finds its own place; then the others, '
            .'both sides alike. Where tabs stand round the shell the controller goes into its lower place, else into the higher one.',
        'tool' => 'Key for its bolts, mostly 5 or 6 mm, torque wrench',
        'look' => 'The body hangs straight; ground clearance looked at with the rider’s weight on it',
    ];

    public const MIDDLE_LOOK = [
        'title' => 'Cranks in the middle, looked at',
        'how' => 'Both arms on by hand: how far each stands from the seat tube. No paper says where they come to: apart by more than '
            .'8 mm, pieces go from one side to the other before the spindle is locked. Then the arms off again.',
        'tool' => 'Rule',
        'look' => 'Both arms as far from the seat tube, within 8 mm',
    ];

    public const YOKE_SCREWS = [
        'title' => 'Yoke’s screws to torque',
        'how' => 'In turn; the body still swings.',
        'tool' => 'Key for its screws, mostly 4 mm, torque wrench',
        'look' => 'The yoke has not pulled skew',
    ];

    public const CUP_TORQUE = [
        'title' => 'Cup to torque',
        'how' => 'As the body was set, not turned over, on its rest.',
        'tool' => 'Cup tool, held on with a clamp; torque wrench',
        'look' => 'Yoke still flat',
    ];

    public const SPINDLE = [
        'title' => 'Spindle in from the drive side',
        'how' => 'Greased, up to its step. Find the splines by turning a quarter at a time, never by force.',
        'look' => 'It sits on its step',
    ];

    public const PRELOAD = [
        'title' => 'Collar on, preload by hand',
        'how' => 'The collar’s step faces in. With a pin, by hand, until play is gone and it still turns freely; '
            .'backed off if it is stiff: too much ruins bearings.',
        'look' => 'No play, no drag',
    ];

    public const COLLAR_SCREW = [
        'title' => 'Collar’s own screw to torque',
        'how' => 'Hold the collar where it is. From it up to the spindle’s mark: {crank}, so that the crank stops on a shoulder.',
        'tool' => 'Key for its screw, mostly 3 mm, torque wrench',
        'look' => 'Still no play, no drag',
    ];
}
