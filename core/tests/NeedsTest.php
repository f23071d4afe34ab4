<?php

declare(strict_types=1);

use NeatSpindle\Core\Choosing\Order\Shortage;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Around\BodyRoom;
use NeatSpindle\Core\Holding\Around\Obstacle;
use NeatSpindle\Core\Holding\Around\ObstacleCure;
use NeatSpindle\Core\Holding\Around\ObstacleKind;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Build\Fastenings;
use NeatSpindle\Core\Holding\Build\Found;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Strip\Fitted;
use NeatSpindle\Core\Measuring\Survey\GuideRemedy;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Parts\Box\Packed;
use NeatSpindle\Core\Parts\Box\Piece;
use NeatSpindle\Core\Parts\Box\PieceKind;
use NeatSpindle\Core\Parts\Drawer\Spacers;
use NeatSpindle\Core\Parts\Drawer\SpacerUse;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Needs\JobNeeds;
use NeatSpindle\Core\Whole\Needs\Need;
use NeatSpindle\Core\Whole\Needs\Origin;

/** @return list<Need> */
function needsOf(string $case, Circumstances $circumstances, ?Packed $box = null): array
{
    $sheet = Cases::worksheet($case);
    $shortage = Shortage::of($sheet->recipe, $sheet->job->catalogue->drawer, $sheet->job->kit->byHand);

    return JobNeeds::of(
        $sheet, $sheet->buildSheet($circumstances) ?? throw new LogicException, $circumstances, $box ?? new Packed([]), [], $shortage,
    );
}

it('lists each spacer of the stack once, from box or drawer, and names a step of the sheet that waits for everything', function (string $case): void {
    $sheet = Cases::worksheet($case);
    $circumstances = new Circumstances(
        found: new Found(guide: GuideRemedy::Housing), fastening: new Fastenings(rest: Rest::plan(Rest::Strut)),
    );
    $titles = array_map(fn (BuildStep $step) => $step->title, $sheet->buildSheet($circumstances)->steps ?? []);
    $box = new Packed([new Piece(PieceKind::Spacer, 'washer', 2, 100, SpacerUse::cases())]);
    $needs = needsOf($case, $circumstances, $box);

    $pieces = array_merge(...array_map(fn (?Spacers $spacers) => $spacers->pieces ?? [], array_values($sheet->stack->spacers)), ...[[]]);
    $spacers = array_filter($needs, fn (Need $need) => str_starts_with($need->what, 'Spacer'));
    $fromBox = array_sum(array_map(fn (Need $need) => $need->origin === Origin::Box ? $need->count : 0, $spacers));
    expect(array_sum(array_map(fn (Need $need) => $need->count, $spacers)))->toBe(count($pieces))
        ->and($fromBox)->toBe(min(2, count(array_keys($pieces, 1.0))))
        ->and(array_diff(array_map(fn (Need $need) => $need->waits, $needs), $titles))->toBe([])
        ->and(implode(' ', array_map(fn (Need $need) => $need->what, $needs)))->toContain('Housing by the metre')
        ->toContain('Strut or torque arm');
})->with(['hardtail-73', 'press-fit-92', 'hub-gear-68', 'yoke-on-68', 'twin-plate-92', 'trike-boom', 'single-nut-68']);

it('needs a new chain only where wear, its count or a finding asks for one, and gets what was condemned', function (): void {
    $whats = fn (string $case, Found $found): string => implode(
        ', ', array_map(fn (Need $need) => $need->what, needsOf($case, new Circumstances(found: $found))),
    );
    $condemned = $whats(
        'hardtail-73', new Found(mending: ['chain' => Remedy::Replace, 'pads' => Remedy::Replace, 'rotors' => Remedy::Mend]),
    );
    expect($whats('hardtail-73', new Found))->toContain('2 links of the same chain')->not->toContain('Chain, ')
        ->and($condemned)->toContain('Chain, ')->toContain('Brake pads or shoes')->not->toContain('Rotors')
        ->not->toContain('of the same chain');
    $sheet = Cases::worksheet()->buildSheet(new Circumstances(found: new Found(mending: ['pads' => Remedy::Replace])));
    expect($sheet?->step('chain')?->title)->toContain('Old chain')
        ->and($sheet?->step('chain')?->how)->toContain('2 links of the same chain go in')
        ->and($sheet?->step('mend-pads')?->title)->toContain('Replace: Brake pads');
});

it('needs no new chain where the old one stays whole, and no plate bolts where they came in the box', function (): void {
    $whats = fn (array $needs): array => array_map(fn (Need $need) => "{$need->what} {$need->origin->value}", $needs);
    $bolts = new Packed([new Piece(PieceKind::Bolt, 'M6 bolts', 8)]);
    expect(implode(', ', $whats(needsOf('hardtail-73', new Circumstances))))->toContain('of the same chain')
        ->toContain('Plate bolts M6 × 25 shop')
        ->and(
            implode(
                ', ', $whats(needsOf('hardtail-73', new Circumstances(found: new Found(fitted: new Fitted(keepsChain: true))), $bolts)),
            ),
        )
        ->not->toContain('Chain, ')->not->toContain('of the same chain')->toContain('Plate bolts M6 × 25 box')
        ->and(implode(', ', $whats(needsOf('press-fit-92', new Circumstances))))->toContain('Insert ');
});

it('shares a stack between box and elsewhere, and loses no piece', function (): void {
    mt_srand(8);
    for ($round = 0; $round < 200; $round++) {
        $box = new Packed(
            array_map(
                fn () => new Piece(PieceKind::Spacer, 'x', mt_rand(1, 3), mt_rand(1, 4) * 50, [SpacerUse::cases()[mt_rand(0, 5)]]),
                range(0, 4),
            ),
        );
        $stack = [];
        foreach (['drive', 'plate', 'nut', 'boss'] as $place) {
            $stack[$place] = array_map(fn () => mt_rand(1, 4) / 2, range(0, mt_rand(0, 3)));
        }
        $used = $box->used($stack);
        $rest = array_sum(array_map(count(...), $box->rest($stack)));
        expect(array_sum($used) + $rest)->toBe(array_sum(array_map(count(...), $stack)));
        foreach ($used as $i => $count) {
            expect($count)->toBeLessThanOrEqual($box->pieces[$i]->quantity);
        }
    }
});

it('judges what stands out only where the body reaches, and takes no cure that is not for it', function (
    float $angle, float $height, ObstacleCure $cure, bool $isInTheWay
): void {
    $room = BodyRoom::of(BodyPosition::Below, 6.0);
    $obstacle = new Obstacle(ObstacleKind::Tab, Measurement::within($height, 0.1), $angle, $cure);
    expect($obstacle->isInTheWay($room))->toBe($isInTheWay)
        ->and($obstacle->cure('cure-1') === null)->toBe($cure === ObstacleCure::Stays)
        ->and(ObstacleKind::Weld->cures())->not->toContain(ObstacleCure::Filed);
})->with([
    'under the body, too high' => [305.0, 9.0, ObstacleCure::Stays, true],
    'low enough' => [305.0, 3.0, ObstacleCure::Stays, false],
    'filed off' => [305.0, 9.0, ObstacleCure::Filed, false],
    'behind, where the body is not' => [170.0, 20.0, ObstacleCure::Stays, false],
    'at the edge of its reach' => [19.0, 9.0, ObstacleCure::Stays, true],
    'just past it' => [21.0, 9.0, ObstacleCure::Stays, false],
]);
