<?php

declare(strict_types=1);

use App\View\Drawings\TurnView;
use Illuminate\Support\Facades\Blade;
use NeatSpindle\Core\Ground\Turn\Action;
use NeatSpindle\Core\Ground\Turn\Hand;
use NeatSpindle\Core\Ground\Turn\Posture;
use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Ground\Turn\Turn;

it('draws the arrow the way the rule says, for every part, side, posture and action', function (
    Hand $hand, Action $action, Side $side, Posture $posture
): void {
    $svg = Blade::render('<x-drawing.turn :view="$view" />', ['view' => new TurnView(new Turn('part', $hand, $action, $side, $posture))]);
    preg_match('/data-arrow d="M ([\d.]+) ([\d.]+) A [\d.]+ [\d.]+ 0 0 ([01]) ([\d.]+) ([\d.]+)"/', $svg, $arc);
    preg_match('/turn-head" points="([\d.]+),([\d.]+)/', $svg, $tip);
    [, $fromX, $fromY, $sweep, $toX, $toY] = array_map(floatval(...), $arc) + array_fill(0, 6, NAN);

    $isClockwise = ($hand === Hand::Right) === ($action === Action::Tighten);
    $isFrontRight = ($side === Side::Drive) === ($posture === Posture::Upright);

    // It starts at the top of the wrench and, on a screen, goes right when clockwise.
    expect($fromX)->toEqualWithDelta(70.0, 0.01)->and($fromY)->toBeLessThan(70.0)
        ->and($toX > $fromX)->toBe($isClockwise)
        ->and($sweep === 1.0)->toBe($isClockwise)
        ->and((float) ($tip[2] ?? NAN))->toBeGreaterThan($toY)
        ->and(str_contains($svg, 'front →'))->toBe($isFrontRight)
        ->and(str_contains($svg, '← front'))->toBe(! $isFrontRight);
    $arrowGoesToTheFront = ($toX > $fromX) === $isFrontRight;
    expect($svg)->toContain($arrowGoesToTheFront ? 'top of the wrench to the front' : 'top of the wrench to the back');
})->with(Hand::cases())->with(Action::cases())->with(Side::cases())->with(Posture::cases());
