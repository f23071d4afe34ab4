<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\View\Drawings\Detail;
use App\View\Drawings\SectionView;
use NeatSpindle\Core\Ground\Document\Cursor;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

/** The section of each mount at its narrowest and its widest, every spacer place filled: for looking at, while developing. */
class MountsPage
{
    /** Motor, shell width, and what fills each place. */
    private const CASES = [
        'Sleeve, narrowest' => ['heron-68', 66.5, ['drive' => [0.5], 'plate' => [1.5, 0.5], 'nut' => [1], 'boss' => [0.3]]],
        'Sleeve, widest' => ['stoat-120', 121.5, ['drive' => [10, 8, 3], 'plate' => [2], 'nut' => [3, 1], 'boss' => [8, 5, 1.6, 0.8]]],
        'Yoke, narrowest' => ['bittern-83', 60.0, ['drive' => [1], 'plate' => [10, 10, 3], 'slot_inner' => [5, 2], 'slot_outer' => [8, 1], 'crank' => [5, 2]]],
        'Yoke, widest' => ['bittern-83', 83.5, ['drive' => [0.5], 'plate' => [0.5], 'slot_inner' => [5, 2], 'slot_outer' => [8, 1], 'crank' => [5, 2]]],
        'Twin-plate, narrowest' => ['wren-pair', 68.0, ['drive' => [20], 'left' => [8, 1], 'crank' => [3]]],
        'Twin-plate, widest' => ['wren-pair', 132.0, ['drive' => [10, 10, 0.5], 'left' => [20, 20, 20, 10, 3], 'crank' => [5, 5, 3, 0.5]]],
    ];

    /** @return array<string, SectionView> */
    public function views(): array
    {
        /** @var array<string, mixed> $catalogue */
        $catalogue = json_decode((string) file_get_contents(database_path('demo/catalogue.json')), true, flags: JSON_THROW_ON_ERROR);
        $views = [];
        foreach (self::CASES as $name => [$motor, $width, $spacers]) {
            $sheet = Worksheet::of(JobReader::fromJson(json_encode([
                'format' => JobReader::FORMAT, 'version' => Cursor::VERSION, 'catalogue' => $catalogue, 'bike' => self::bike($width),
                'kit' => ['motor' => $motor, 'ring' => 'half-36', 'spacers' => $spacers],
            ], JSON_THROW_ON_ERROR)));
            $section = $sheet->section();
            if ($section !== null) {
                $views[$name] = new SectionView($section, LengthUnit::Millimetre, Detail::Whole);
            }
        }

        return $views;
    }

    /** @return array<string, mixed> */
    private static function bike(float $width): array
    {
        $read = fn (float $value, float $doubt): array => ['value' => $value, 'plus_minus' => $doubt];

        return [
            'kind' => 'diamond', 'frame_material' => 'steel', 'wheel_circumference_mm' => 2200,
            'shell' => ['width_mm' => $read($width, 0.05), 'bore_mm' => $read(33.7, 0.05), 'guide_depth_mm' => $read(2.0, 0.2)],
            'chainstay' => ['profile' => array_map(
                fn (int $radius, float $at) => ['radius_mm' => $radius, 'outboard_mm' => $read($at, 0.5)],
                [45, 64, 80, 112], [-6.0, 0.5, 2.0, 6.5],
            )],
            'rear' => ['chainstay_length_mm' => 440, 'old_mm' => 135, 'smallest_cog_inset_mm' => 5, 'cogs' => [11, 13, 15], 'cog_pitch_mm' => 4.3],
            'twin_plate_measures' => ['ring_to_plate_mm' => $read(10.4, 0.05), 'pinion_to_face_mm' => $read(40.7, 0.05), 'crank_gap_mm' => $read(23.1, 0.1)],
        ];
    }
}
