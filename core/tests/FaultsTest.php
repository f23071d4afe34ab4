<?php

declare(strict_types=1);

use NeatSpindle\Core\Ground\Document\InvalidDocument;
use NeatSpindle\Core\Ground\Document\JsonText;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;
use NeatSpindle\Core\Whole\Worksheet\WorksheetPrinter;

it('finds each fault at its pointer', function (callable $spoil, array $expected): void {
    sort($expected);
    expect(Cases::faultsAfter($spoil))->toBe($expected);
})->with([
    'wrong format' => [fn ($d) => $d->format = 'other', ['/format']],
    'missing version' => [function ($d): void {
        unset($d->version);
    }, ['/version']],
    'wrong version' => [fn ($d) => $d->version = 2, ['/version']],
    'a text for a number' => [fn ($d) => $d->bike->rear->old_mm = '135', ['/bike/rear/old_mm']],
    'a boolean for a number' => [fn ($d) => $d->bike->wheel_circumference_mm = true, ['/bike/wheel_circumference_mm']],
    'a length of 0' => [fn ($d) => $d->bike->rear->old_mm = 0, ['/bike/rear/old_mm']],
    'a length too long' => [fn ($d) => $d->bike->rear->old_mm = 10000.5, ['/bike/rear/old_mm']],
    'a missing length' => [function ($d): void {
        unset($d->bike->rear->old_mm);
    }, ['/bike/rear/old_mm']],
    'null where it is required' => [fn ($d) => $d->bike->rear->old_mm = null, ['/bike/rear/old_mm']],
    'a bare number out of range' => [fn ($d) => $d->bike->shell->width_mm = -1, ['/bike/shell/width_mm']],
    'a value out of range' => [fn ($d) => $d->bike->shell->bore_mm = (object) ['value' => 0], ['/bike/shell/bore_mm/value']],
    'a reading out of range' => [fn ($d) => $d->bike->shell->width_mm->readings[1] = -4, ['/bike/shell/width_mm/readings/1']],
    'no readings' => [fn ($d) => $d->bike->shell->width_mm->readings = [], ['/bike/shell/width_mm/readings']],
    'two forms at once' => [fn ($d) => $d->bike->shell->width_mm->value = 73, ['/bike/shell/width_mm']],
    'neither form' => [fn ($d) => $d->bike->shell->width_mm = (object) [], ['/bike/shell/width_mm']],
    'too much doubt' => [fn ($d) => $d->bike->shell->width_mm->instrument = 101, ['/bike/shell/width_mm/instrument']],
    'a minus doubt' => [fn ($d) => $d->bike->shell->bore_mm->plus_minus = -0.1, ['/bike/shell/bore_mm/plus_minus']],
    'an outboard beyond 200' => [fn ($d) => $d->bike->chainstay->profile[2]->outboard_mm = 201, ['/bike/chainstay/profile/2/outboard_mm']],
    'radii that do not rise' => [fn ($d) => $d->bike->chainstay->profile[2]->radius_mm = 64, ['/bike/chainstay/profile/2/radius_mm']],
    'an unknown kind' => [fn ($d) => $d->bike->kind = 'penny', ['/bike/kind']],
    'an unknown motor' => [fn ($d) => $d->kit->motor = 'none', ['/kit/motor']],
    'an unknown ring' => [fn ($d) => $d->kit->ring = 'none', ['/kit/ring']],
    'an unknown insert' => [fn ($d) => $d->kit->insert = 'none', ['/kit/insert']],
    'a motor that is a number' => [fn ($d) => $d->kit->motor = 4, ['/kit/motor']],
    'a place of another mount' => [fn ($d) => $d->kit->spacers = (object) ['slot_inner' => [1]], ['/kit/spacers/slot_inner']],
    'too many pieces' => [fn ($d) => $d->kit->spacers = (object) ['drive' => array_fill(0, 61, 1)], ['/kit/spacers/drive']],
    'a piece of 0' => [fn ($d) => $d->kit->spacers = (object) ['drive' => [1, 0]], ['/kit/spacers/drive/1']],
    'cogs that do not rise' => [fn ($d) => $d->bike->rear->cogs[3] = 15, ['/bike/rear/cogs/3']],
    'a cog of 8' => [fn ($d) => $d->bike->rear->cogs[0] = 8, ['/bike/rear/cogs/0']],
    'half a tooth' => [fn ($d) => $d->bike->rear->cogs[0] = 11.5, ['/bike/rear/cogs/0']],
    'weights that are too few' => [fn ($d) => $d->bike->rear->use = [1, 2], ['/bike/rear/use']],
    'weights that are all 0' => [fn ($d) => $d->bike->rear->use = array_fill(0, 9, 0), ['/bike/rear/use']],
    'a minus weight' => [fn ($d) => $d->bike->rear->use[4] = -1, ['/bike/rear/use/4']],
    'a hub ratio of 0' => [fn ($d) => $d->bike->rear->hub_ratios = [1, 0], ['/bike/rear/hub_ratios/1']],
    'thread longer than the sleeve' => [
        fn ($d) => $d->catalogue->motors->{'fell-68'}->sleeve->thread_length_mm = 90, ['/catalogue/motors/fell-68/sleeve/thread_length_mm'],
    ],
    'torque the wrong way round' => [
        fn ($d) => $d->catalogue->motors->{'fell-68'}->nut->torque_nm = [42, 36], ['/catalogue/motors/fell-68/nut/torque_nm'],
    ],
    'one torque' => [fn ($d) => $d->catalogue->motors->{'fell-68'}->nut->torque_nm = [42], ['/catalogue/motors/fell-68/nut/torque_nm']],
    'a slot that ends before it starts' => [
        fn ($d) => $d->catalogue->motors->{'corrie-83'}->yoke->slot_end_mm = 70, ['/catalogue/motors/corrie-83/yoke/slot_start_mm'],
    ],
    'a mount nobody knows' => [fn ($d) => $d->catalogue->motors->{'fell-68'}->mount = 'glue', ['/catalogue/motors/fell-68/mount']],
    'a motor that is no object' => [fn ($d) => $d->catalogue->motors->{'fell-68'} = 7, ['/catalogue/motors/fell-68']],
    'motors in a list' => [fn ($d) => $d->catalogue->motors = [], ['/catalogue/motors']],
    'a ring of 19' => [fn ($d) => $d->catalogue->rings->{'flat-42'}->teeth = 19, ['/catalogue/rings/flat-42/teeth']],
    'half a hundredth' => [fn ($d) => $d->catalogue->spacers[0]->thickness_mm = 0.505, ['/catalogue/spacers/0/thickness_mm']],
    'too many pieces in a row' => [fn ($d) => $d->catalogue->spacers[0]->quantity = 1001, ['/catalogue/spacers/0/quantity']],
    'a use nobody knows' => [fn ($d) => $d->catalogue->spacers[0]->use[1] = 'soup', ['/catalogue/spacers/0/use/1']],
    'too many rows' => [fn ($d) => $d->catalogue->spacers = array_fill(0, 301, $d->catalogue->spacers[0]), ['/catalogue/spacers']],
    'a name too long' => [fn ($d) => $d->catalogue->motors->{'fell-68'}->name = str_repeat('é', 201), ['/catalogue/motors/fell-68/name']],
    'a clearance beyond 20' => [fn ($d) => $d->bike->min_clearance_mm = 21, ['/bike/min_clearance_mm']],
    'a climb too steep' => [fn ($d) => $d->climb->grade_percent = 46, ['/climb/grade_percent']],
    'a face with no ring' => [fn ($d) => $d->reaction->shell_outer_mm = 30, ['/reaction/shell_outer_mm']],
    'a turn with no hand' => [function ($d): void {
        unset($d->turns[1]->hand);
    }, ['/turns/1/hand']],
    'a run of no kind' => [fn ($d) => $d->routing->runs[0]->kind = 'string', ['/routing/runs/0/kind']],
    'a run to nowhere' => [fn ($d) => $d->routing->runs[0]->to = 'moon', ['/routing/runs/0/to']],
    'a battery of no length' => [fn ($d) => $d->battery->length_mm = 0, ['/battery/length_mm']],
    'a sleeve motor without its sleeve' => [function ($d): void {
        unset($d->catalogue->motors->{'fell-68'}->sleeve);
    }, ['/catalogue/motors/fell-68/sleeve']],
    'a yoke motor without its yoke' => [function ($d): void {
        unset($d->catalogue->motors->{'corrie-83'}->yoke);
    }, ['/catalogue/motors/corrie-83/yoke']],
    'a chosen motor whose mount nobody knows' => [
        fn ($d) => $d->catalogue->motors->{'tarn-73'}->mount = 'glue', ['/catalogue/motors/tarn-73/mount'],
    ],
    'runs with no edges to read' => [function ($d): void {
        unset($d->routing->edges);
    }, ['/routing/edges']],
    'several at once' => [function ($d): void {
        $d->bike->rear->old_mm = 0;
        $d->kit->ring = 'none';
        $d->turns[0]->side = 'top';
    }, ['/bike/rear/old_mm', '/kit/ring', '/turns/0/side']],
    'a code with a slash and a tilde' => [function ($d): void {
        $d->catalogue->rings->{'a/b~c'} = (object) ['teeth' => 1, 'dish_mm' => 0];
    }, ['/catalogue/rings/a~1b~0c/teeth']],
    'a twin-plate motor without its measures' => [fn ($d) => $d->kit->motor = 'garth', ['/bike/twin_plate_measures']],
]);

it('takes what the contract allows', function (callable $alter): void {
    expect(Cases::faultsAfter($alter))->toBe([]);
})->with([
    'a whole number written with a point' => [fn ($d) => $d->bike->rear->cogs[0] = 11.0],
    'null for what is optional' => [fn ($d) => $d->bike->shell->guide_depth_mm = null],
    'a guide of no depth' => [fn ($d) => $d->bike->shell->guide_depth_mm = 0],
    'keys it does not know' => [fn ($d) => $d->bike->colour = ['red']],
    'a dish to either side' => [fn ($d) => $d->catalogue->rings->{'flat-42'}->dish_mm = -200],
    'mountain for diamond' => [fn ($d) => $d->bike->kind = 'mountain'],
    'an insert for a motor that is not there' => [fn ($d) => $d->catalogue->inserts->{'press-41'}->motors = ['ghost']],
    'no cog pitch' => [function ($d): void {
        unset($d->bike->rear->cog_pitch_mm);
    }],
    'no inserts at all' => [function ($d): void {
        unset($d->catalogue->inserts);
    }],
    'a place filled with nothing' => [fn ($d) => $d->kit->spacers = (object) ['drive' => []]],
    'a thickness a float cannot hold' => [fn ($d) => $d->catalogue->spacers[0]->thickness_mm = 0.1 + 0.2],
    'an unknown tag' => [fn ($d) => $d->routing->edges[0]->tags = ['wet']],
]);

it('says why a text is no document', function (string $text, string $message): void {
    expect(fn () => JobReader::fromJson($text))->toThrow(InvalidDocument::class, $message);
})->with([
    'broken' => ['{"format":', 'not JSON'],
    'empty' => ['', 'not JSON'],
    'a list' => ['[]', 'not a JSON object'],
    'a number' => ['7', 'not a JSON object'],
    'deeper than 64' => ['{"a":'.str_repeat('[', 64).str_repeat(']', 64).'}', 'deeper than 64'],
    'not UTF-8' => ["{\"a\":\"\xff\"}", 'not JSON'],
]);

it('reads a document nested 64 deep', function (): void {
    $deep = '{"a":'.str_repeat('[', 63).str_repeat(']', 63).'}';
    expect(JsonText::object($deep))->toBeObject();
});

it('refuses more than 4 MiB before reading it', function (): void {
    expect(fn () => JsonText::object('{"a":"'.str_repeat('x', 4 * 1024 * 1024).'"}'))->toThrow(InvalidDocument::class, '4 MiB');
});

it('lists the first thousand of very many faults and counts them all', function (callable $spoil, int $inAll): void {
    $document = Cases::document('hardtail-73');
    $spoil($document);
    try {
        JobReader::read($document);
    } catch (InvalidDocument $invalid) {
    }
    expect(count($invalid->faults ?? []))->toBe(min(1_000, $inAll))->and($invalid->inAll ?? 0)->toBe($inAll);
})->with([
    'shells of a motor' => [fn ($d) => current((array) $d->catalogue->motors)->native_shells = array_fill(0, 60_000, 'x'), 60_000],
    'motors of an insert' => [
        fn ($d) => $d->catalogue->inserts = (object) [
            'a' => (object) ['shells' => [], 'motors' => array_fill(0, 60_000, 7), 'flange_mm' => 1, 'bore_mm' => 3],
        ],
        60_000,
    ],
    'tags of an edge' => [
        fn ($d) => $d->routing = (object) [
            'edges' => [(object) ['from' => 'a', 'to' => 'b', 'length_mm' => 1, 'tags' => array_fill(0, 60_000, 5)]], 'runs' => [],
        ],
        60_000,
    ],
    'a thousand' => [fn ($d) => current((array) $d->catalogue->motors)->native_shells = array_fill(0, 1_000, 'x'), 1_000],
]);

it('finds a fault in numbers that lie at the border of what a computer can count', function (callable $spoil, string $path): void {
    expect(Cases::faultsAfter($spoil))->toBe([$path]);
})->with([
    'links of 2^63' => [fn ($d) => $d->bike->rear->old_chain_links = 9223372036854775808, '/bike/rear/old_chain_links'],
    'links of 10,001' => [fn ($d) => $d->bike->rear->old_chain_links = 10_001, '/bike/rear/old_chain_links'],
    'a length below a thousandth' => [fn ($d) => $d->bike->rear->old_mm = 0.0009, '/bike/rear/old_mm'],
    'a wheel of nearly nothing' => [fn ($d) => $d->bike->wheel_circumference_mm = 1e-320, '/bike/wheel_circumference_mm'],
    'a measured length of nearly nothing' => [fn ($d) => $d->bike->shell->width_mm = 1e-320, '/bike/shell/width_mm'],
    'a hub ratio of nearly nothing' => [fn ($d) => $d->bike->rear->hub_ratios = [1e-320], '/bike/rear/hub_ratios/0'],
    'watts of nearly nothing' => [
        fn ($d) => current((array) $d->catalogue->motors)->continuous_w = 1e-320,
        '/catalogue/motors/'.array_key_first((array) Cases::document('hardtail-73')->catalogue->motors).'/continuous_w',
    ],
    'a mass nobody can lift' => [fn ($d) => $d->climb = (object) ['grade_percent' => 8, 'mass_kg' => 1e308], '/climb/mass_kg'],
]);

/**
 * @param  array<array-key, mixed>  $document
 * @return list<non-empty-list<int|string>> the way to each number in it
 */
function waysToNumbers(array $document): array
{
    $ways = [];
    foreach ($document as $key => $value) {
        if (is_int($value) || is_float($value)) {
            $ways[] = [$key];
        }
        foreach (is_array($value) ? waysToNumbers($value) : [] as $way) {
            $ways[] = [$key, ...$way];
        }
    }

    return $ways;
}

it('gives a fault or a finite worksheet, whatever number stands wherever', function (string $name): void {
    $document = json_decode((string) json_encode(Cases::document($name)), true);
    $without = 0;
    foreach (waysToNumbers($document) as $way) {
        foreach ([1e-320, 0, 1e100, 9223372036854775808] as $number) {
            $spoilt = $document;
            $at = &$spoilt;
            foreach ($way as $key) {
                $at = &$at[$key];
            }
            $at = $number;
            unset($at);
            try {
                json_encode(
                    WorksheetPrinter::toArray(Worksheet::of(JobReader::fromJson((string) json_encode($spoilt)))), JSON_THROW_ON_ERROR,
                );
            } catch (InvalidDocument $invalid) {
                $without += $invalid->inAll;
            }
        }
    }

    expect($without)->toBeGreaterThan(100);
})->with(['hardtail-73', 'yoke-on-68']);
