<?php

declare(strict_types=1);

namespace Tests\Support;

/** A sleeve motor that nobody has papers of, as a caliper finds it. */
final class MotorWithoutPapers
{
    /** All it has but its name, its shells, and the sleeve's thickness and length; by the field. */
    public const FIGURES = [
        'sleeve-thread_length_mm' => '28', 'sleeve-thread_pitch_mm' => '1.5', 'sleeve-boss_plane_mm' => '70.6', 'sleeve-body_gap_mm' => '9',
        'sleeve-case_standoff_mm' => '5.4', 'sleeve-case_radius_mm' => '58',
        'sleeve-ring_face_mm' => '22', 'sleeve-spindle_left_mm' => '124', 'sleeve-spindle_right_mm' => '58', 'plate-thickness_mm' => '4',
        'plate-tooth_height_mm' => '0',
        'nut-thickness_mm' => '7', 'nut-thread_major_mm' => '33', 'nut-min_engagement_mm' => '5', 'nut-torque_nm' => '35-45',
        'boss_bolt-thread' => 'M8', 'boss_bolt-depth_mm' => '18',
        'boss_bolt-min_engagement_mm' => '8', 'continuous_w' => '250', 'max_torque_nm' => '80', 'rated_crank_rpm' => '75',
        'max_crank_rpm' => '110',
    ];
}
