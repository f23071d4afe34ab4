<?php

declare(strict_types=1);

use NeatSpindle\Core\Holding\Build\Gate;
use NeatSpindle\Core\Holding\Reaction\Bracing;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;
use NeatSpindle\Core\Whole\Worksheet\Answer;
use NeatSpindle\Core\Whole\Worksheet\Concern;
use NeatSpindle\Core\Whole\Worksheet\Outlook;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

/** A case changed by hand, and what it comes to with a rest chosen. */
function outlookOn(
    ?Rest $rest = Rest::Strut, array $gates = [], ?string $stop = null, ?callable $change = null, string $case = 'hardtail-73',
    GapContents $gap = GapContents::Nothing,
): Outlook {
    $document = Cases::document($case);
    $change === null ?: $change($document);
    $sheet = Worksheet::of(JobReader::read($document));

    return Outlook::of($sheet, $stop, $rest === null ? null : new Bracing($sheet->reaction, $rest, $gap, 120.0), $gates);
}

/** @return list<string> what is not clear, as "concern verdict" */
function unclear(Outlook $outlook): array
{
    return array_map(fn (Answer $answer) => trim($answer->concern->value.' '.($answer->verdict->value ?? 'open')), $outlook->unclear());
}

it('is clear when all of it is', function (): void {
    expect(unclear(outlookOn()))->toBe([])->and(outlookOn()->worst())->verdict->toBe(Verdict::Clear)->concern->toBe(Concern::Stack);
});

it('names what is wrong, the worst first', function (callable $outlook, array $expected): void {
    expect(unclear($outlook()))->toBe($expected);
})->with([
    'nobody chose a rest' => [fn () => outlookOn(null), ['rest open']],
    'a stack that fails' => [fn () => outlookOn(null, case: 'fat-100-short-sleeve'), ['stack fails', 'rest open']],
    'a stopped job' => [fn () => outlookOn(stop: 'cracked'), ['stop fails']],
    'something soft where the body presses' => [fn () => outlookOn(Rest::Frame, gap: GapContents::Cable), ['rest fails']],
    'a bearing nobody turned' => [
        fn () => outlookOn(gates: [new Gate('Spindle', 'not tried', false), new Gate('Bolt', null, true)]), ['checks open'],
    ],
    'a bearing that drags' => [
        fn () => outlookOn(gates: [new Gate('Bolt', 'not tried', false), new Gate('Spindle', 'it drags', true)]), ['checks fails'],
    ],
    'a socket that is too short' => [
        fn () => outlookOn(change: fn ($d) => $d->tools->nut_socket->depth_mm = 0.5, case: 'single-nut-68'), ['reach tight'],
    ],
    'a block hardly thicker' => [
        fn () => outlookOn(
            change: fn ($d) => $d->reaction = (object) [...(array) $d->reaction, 'gap' => (object) ['block_mm' => 6.0, 'soft_mm' => 5.5]],
        ),
        ['rest fails'],
    ],
]);

it('counts a line to be avoided only while it is ridden', function (): void {
    $far = fn (float $weight) => function ($d) use ($weight): void {
        $d->bike->rear->chainstay_length_mm = 300;
        $d->bike->rear->use = [...array_fill(0, count($d->bike->rear->cogs) - 1, 1.0), $weight];
    };
    $ridden = array_filter(
        outlookOn(change: $far(1.0))->unclear(),
        fn (Answer $answer) => str_contains($answer->why, (string) max(Cases::document()->bike->rear->cogs)),
    );
    $spared = array_filter(
        outlookOn(change: $far(0.0))->unclear(),
        fn (Answer $answer) => str_contains($answer->why, (string) max(Cases::document()->bike->rear->cogs)),
    );
    expect($ridden)->toHaveCount(1)->and(array_values($ridden)[0])->concern->toBe(Concern::Line)->verdict->toBe(Verdict::Tight)
        ->and($spared)->toBe([]);
});
