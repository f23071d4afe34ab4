<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What a person reads at the spots of brakes, ground and travel, by their codes: name, how to do it, and what for. */
final class WheelSpotWords
{
    private const BRAKES = 'Brakes are estimated against the mass and speed with the motor: Survey, Condition.';

    public const ALL = [
        'tyre_width' => [
            'Rear tyre’s width',
            'Caliper over the tyre where it is widest, at the pressure it is ridden with.',
            'On a wide tyre the chain on the largest cog runs close beside it.',
        ],
        'brake_front' => ['Front brake', 'What slows the front wheel, or both where there are two?', self::BRAKES],
        'rotor_front' => [
            'Front rotor', 'Its diameter, over the outer edges; often stamped on it.', 'A larger one holds harder and stays cooler.',
        ],
        'brake_rear' => ['Rear brake', 'What slows the rear wheel, or both where there are two?', self::BRAKES],
        'rotor_rear' => [
            'Rear rotor', 'Its diameter, over the outer edges; often stamped on it.', 'A larger one holds harder and stays cooler.',
        ],
        'axis_height' => [
            'Crank axis over the floor',
            'From the floor up to the middle of the crank’s bolt, wheels on the floor, tyres hard, nobody on it.',
            'How far from the ground the motor’s body hangs, before anything is bought.',
        ],
        'axis_ridden' => [
            'Axis with the rider on',
            'The same with the rider sitting on it and not bouncing: spring and fork sink to their sag.',
            'That is how it rolls.',
        ],
        'axis_bottomed' => [
            'Axis at the end of the travel',
            'The same with the air let out, or the spring out, pressed down until it stops, front and rear.',
            'So deep the motor’s body gets over a kerb.',
        ],
        'room_ridden' => [
            'Room at the sag',
            'Motor and ring dry-fitted, spring out: the rear end by hand to where it stands with the rider on. The least room between '
                .'body or ring and what swings.',
            'It swings there all day.',
        ],
        'room_bottomed' => [
            'Least room over the travel',
            'The same through the whole travel, to its stop: the least room anywhere on the way.',
            'What touches once in the stand strikes on every hard landing.',
        ],
    ];
}
