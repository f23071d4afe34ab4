<?php

declare(strict_types=1);

use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\Spacers;
use NeatSpindle\Core\Sums\Section\AxisSection;
use NeatSpindle\Core\Sums\Section\Berth;
use NeatSpindle\Core\Sums\Section\Part;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

/** @param  array<string, list<float>>  $byHand */
function filledBy(string $name, array $byHand): Worksheet
{
    $document = Cases::document($name);
    $document->kit->spacers = (object) $byHand;

    return Worksheet::of(JobReader::read($document));
}

function sectionOf(Worksheet $sheet): AxisSection
{
    return $sheet->section() ?? throw new LogicException('no section');
}

/** @return list<Part> */
function parts(AxisSection $section, string $kind): array
{
    return array_values(array_filter($section->parts, fn (Part $part) => $part->kind === $kind));
}

const EVERY_MOUNT = ['hardtail-73', 'press-fit-92', 'yoke-on-68', 'twin-plate-92'];

const FULL = [
    'hardtail-73' => ['drive' => [3.0, 1.0], 'plate' => [2.0], 'nut' => [1.5, 1.0], 'boss' => [5.0, 2.0]],
    'press-fit-92' => ['drive' => [2.0], 'plate' => [], 'nut' => [3.0], 'boss' => []],
    'yoke-on-68' => ['drive' => [2.0], 'plate' => [10.0, 2.5], 'slot_inner' => [3.0, 1.0], 'slot_outer' => [5.0], 'crank' => [2.0, 0.5]],
    'twin-plate-92' => ['drive' => [10.0, 8.5], 'left' => [10.0, 5.0, 1.0], 'crank' => [4.0, 2.0]],
];

it('shows every margin it draws as long as it is', function (string $name): void {
    foreach ([Cases::worksheet($name), filledBy($name, FULL[$name])] as $sheet) {
        $gaps = sectionOf($sheet)->gaps;
        expect($gaps)->not->toBe([]);
        foreach ($gaps as $gap) {
            expect(abs($gap->x1 - $gap->x0))->toEqualWithDelta(abs($gap->margin->value), 1e-9, $gap->margin->name->value);
        }
    }
})->with(EVERY_MOUNT);

it('lays the pieces of a place against each other, each as thick as it is, none twice', function (string $name): void {
    $sheet = filledBy($name, FULL[$name]);
    $section = sectionOf($sheet);
    foreach (FULL[$name] as $place => $pieces) {
        $laid = array_values(array_filter($section->parts, fn (Part $part) => $part->place === Place::from($place)));
        expect(array_map(fn (Part $part) => $part->piece, $laid))->toBe($pieces);
        foreach ($laid as $i => $part) {
            expect($part->width())->toEqualWithDelta($pieces[$i], 1e-9);
            if ($i > 0) {
                expect($part->x1)->toEqualWithDelta($laid[$i - 1]->x0, 1e-9);
            }
        }
    }
})->with(EVERY_MOUNT);

it('has a berth for each place of its mount, filled or not', function (string $name): void {
    $sheet = Cases::worksheet($name);
    $places = array_map(fn (Berth $berth) => $berth->place, sectionOf($sheet)->berths);

    expect($places)->toEqualCanonicalizing($sheet->job->kit->motor->mount()->places());
})->with(EVERY_MOUNT);

it('keeps the shell where the frame has it, whatever is fitted', function (string $name): void {
    foreach ([[], FULL[$name]] as $byHand) {
        $sheet = $byHand === [] ? Cases::worksheet($name) : filledBy($name, $byHand);
        $shell = parts(sectionOf($sheet), 'frame')[0];
        expect($shell->middle())->toEqualWithDelta($sheet->job->bike->shell->offset, 1e-9)
            ->and($shell->width())->toEqualWithDelta($sheet->job->bike->shell->width->value, 1e-9);
    }
})->with(EVERY_MOUNT);

it('moves body, ring and cranks outboard by what is put on the drive side', function (string $name): void {
    $few = sectionOf(filledBy($name, ['drive' => [2.0]] + FULL[$name]));
    $more = sectionOf(filledBy($name, ['drive' => [3.0, 2.5]] + FULL[$name]));
    foreach (['case', 'ring'] as $kind) {
        expect(parts($more, $kind)[0]->x0 - parts($few, $kind)[0]->x0)->toEqualWithDelta(3.5, 1e-9);
    }
    expect($more->right - $few->right)->toEqualWithDelta(3.5, 1e-9);
})->with(['hardtail-73', 'press-fit-92', 'yoke-on-68']);

it('stands the yoke within its slot, and the cup on the yoke', function (): void {
    $section = sectionOf(Cases::worksheet('yoke-on-68'));
    $yoke = parts($section, 'yoke')[0];
    $held = Cases::job('yoke-on-68')->kit->motor->held;
    $inner = array_values(array_filter($section->berths, fn (Berth $berth) => $berth->place === Place::SlotInner))[0];

    expect($yoke->x1)->toBeLessThanOrEqual($inner->face + 1e-9)
        ->and($yoke->x0)->toBeGreaterThanOrEqual($inner->face - ($held->slotEnd - $held->slotStart) - 1e-9)
        ->and($yoke->width())->toEqualWithDelta($held->thickness, 1e-9)
        ->and(parts($section, 'cup')[0]->x0)->toEqualWithDelta($yoke->x0, 1e-9)
        ->and(parts($section, 'collar')[0]->x1)->toEqualWithDelta($yoke->x0, 1e-9);
});

it('hangs plate, motor and spacers of a twin-plate motor inside the shell’s width', function (): void {
    $sheet = Cases::worksheet('twin-plate-92');
    $section = sectionOf($sheet);
    $shell = parts($section, 'frame')[0];
    foreach ([...parts($section, 'plate'), ...parts($section, 'motor')] as $part) {
        expect($part->x0)->toBeGreaterThanOrEqual($shell->x0 - 1e-9)->and($part->x1)->toBeLessThanOrEqual($shell->x1 + 1e-9);
    }
    expect(parts($section, 'pinion')[0]->middle() - parts($section, 'ring')[0]->middle())
        ->toEqualWithDelta($sheet->stack->needed['drive'] - $sheet->stack->sumAt(Place::Drive), 1e-9);
});

it('draws nothing while the stack is unsolved', function (): void {
    expect(Cases::worksheet('empty-drawer')->section())->toBeNull();
});

it('lays pieces leftwards from the face, thickest first, and none where there are none', function (): void {
    $berth = new Berth(Place::Boss, 10.0, 20.0, 30.0);
    $parts = $berth->parts(Spacers::of([0.5, 2.0]));

    expect(array_map(fn (Part $part) => [$part->x0, $part->x1, $part->kind], $parts))->toBe([[8.0, 10.0, 'washer'], [7.5, 8.0, 'washer']])
        ->and($berth->parts(null))->toBe([])
        ->and((new Berth(Place::Drive, 0.0, 1.0, 2.0))->parts(Spacers::of([1.0]))[0]->kind)->toBe('spacer');
});
