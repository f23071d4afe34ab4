<?php

declare(strict_types=1);

namespace Database\Seeders\Past;

use Database\Seeders\DemoBench;

use function array_filter;
use function array_map;
use function count;
use function explode;
use function file_get_contents;
use function implode;
use function in_array;
use function json_decode;
use function mt_rand;
use function number_format;

/**
 * Made-up bikes of a year: those of the demo's bench that can be built, each time with other measures, another name and another rider.
 *
 * @phpstan-import-type DemoJob from DemoBench
 */
final class PastBikes
{
    private const FIRST = [
        'Aldo', 'Brisa', 'Cass', 'Dilys', 'Emre', 'Fenna', 'Gorse', 'Hanne', 'Idris', 'Juno', 'Kestra',
        'Lorne', 'Maddo', 'Nell', 'Orrin', 'Perl', 'Quill', 'Rosk', 'Senna', 'Tilde', 'Ulla', 'Varr', 'Wenna',
        'Yarrow',
    ];

    private const LAST = [
        'Ashby', 'Bexley', 'Corrow', 'Dunmar', 'Elstow', 'Fallow', 'Garrick', 'Holme', 'Inskip', 'Jarrold',
        'Kelmar', 'Lathom', 'Merrow', 'Norland', 'Ostrey', 'Penrose', 'Quarles', 'Rudding', 'Selwick',
        'Thorne', 'Uldale', 'Varley', 'Withers', 'Yeoland',
    ];

    private const COLOURS = [
        'Amber', 'Bracken', 'Clay', 'Dusk-blue', 'Elder', 'Flint', 'Gorse-yellow', 'Hazel', 'Ink', 'Juniper',
        'Kelp', 'Lime-wash', 'Madder', 'Nettle', 'Ochre', 'Pewter', 'Quince', 'Rust', 'Sorrel', 'Teal',
        'Umber', 'Wheat',
    ];

    /** What each pattern is called, by its bike in the demo. */
    private const CALLED = [
        'heron-73' => 'commuter', 'heron-68' => 'long-tail', 'otter-68' => 'tadpole trike',
        'bittern-83' => 'tourer', 'wren-pair' => 'hauler', 'heron-100' => 'full suspension',
    ];

    /** Readings that differ from bike to bike, and by how much at the most, in mm. */
    private const VARY = [
        'shell_width' => 0.06, 'chainstay_length' => 6.0, 'stay_45' => 0.4, 'stay_64' => 0.3, 'stay_80' => 0.3, 'stay_112' => 0.4, 'wheelbase' => 14.0, 'guide_depth' => 0.6,
        'room_base' => 6.0, 'room_front' => 6.0, 'room_rear' => 5.0, 'seat_tube' => 9.0, 'top_tube' => 9.0, 'down_tube' => 9.0, 'bar_to_head' => 12.0, 'axis_height' => 5.0,
    ];

    /** What the demo's bikes have not told yet, each at its place of the bench. */
    private const READINGS = ['sensor_gap' => '4'];

    private const SPRUNG = ['room_ridden' => '9', 'room_bottomed' => '6.5'];

    private const PLATES = ['bearing_feel' => 'free', 'crank_bolt_turns' => '4', 'tensioner_arm' => 'free'];

    private const BRACING = ['position' => 'below', 'rest' => 'frame', 'rest_radius_mm' => 118, 'gap' => 'nothing'];

    /** No build of these goes through as they stand: what is in their way is what the demo shows. */
    private const NEVER_BUILT = ['heron-100/fat'];

    /** @return list<DemoJob> those of the demo that have all of a build, as patterns */
    public static function patterns(): array
    {
        /** @var list<DemoJob> $jobs */
        $jobs = json_decode((string) file_get_contents(database_path('demo/jobs.json')), true, flags: JSON_THROW_ON_ERROR);

        return array_values(array_filter($jobs, fn (array $job) => isset($job['motor'], $job['ring']) && $job['frame_material'] !== 'carbon'
            && ! in_array("{$job['motor']}/{$job['kind']}", self::NEVER_BUILT, true)));
    }

    /**
     * @param  DemoJob  $pattern
     * @return DemoJob nothing of it is built yet
     */
    public static function like(array $pattern, int $number): array
    {
        $readings = [];
        $more = $pattern['kind'] === 'full-suspension' ? self::SPRUNG : [];
        foreach (($pattern['readings'] ?? []) + self::READINGS + $more as $spot => $typed) {
            $by = self::VARY[$spot] ?? 0.0;
            $shift = $by * mt_rand(-100, 100) / 100;
            $readings[$spot] = $by === 0.0 ? $typed : implode(
                ' ', array_map(fn (string $one) => self::typed((float) $one + $shift, $by), explode(' ', $typed)),
            );
        }
        $name = self::FIRST[$number % count(self::FIRST)].' '.self::LAST[($number * 7 + 3) % count(self::LAST)];
        $bike = self::COLOURS[($number * 5) % count(self::COLOURS)].' '.(self::CALLED[$pattern['motor'] ?? ''] ?? $pattern['kind']);

        $rest = $pattern['kind'] === 'tadpole-trike' ? ['rest' => 'boom_clamp'] + self::BRACING : self::BRACING;
        $plates = ($pattern['motor'] ?? '') === 'wren-pair' ? self::PLATES : [];
        unset(
            $pattern['build'],
            $pattern['proved'],
            $pattern['rechecks'],
            $pattern['reserve'],
            $pattern['road'],
            $pattern['settings'],
            $pattern['promised_in'],
        );

        return [
            'customer' => $name, 'bike' => $bike, 'by' => $number % 3 === 0 ? 'maren' : 'dov', 'readings' => $readings,
            'answers' => $plates + ($pattern['answers'] ?? []), 'bracing' => $pattern['bracing'] ?? $rest,
        ] + $pattern;
    }

    private static function typed(float $mm, float $by): string
    {
        return number_format($mm, $by < 1.0 ? 2 : 0, '.', '');
    }
}
