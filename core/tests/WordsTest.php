<?php

declare(strict_types=1);

use NeatSpindle\Core\Choosing\Fit\LawExample;
use NeatSpindle\Core\Choosing\Fit\Standing;
use NeatSpindle\Core\Choosing\Hill\Pull;
use NeatSpindle\Core\Donor\Bike\BikeKind;
use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Donor\Shell\Evidence;
use NeatSpindle\Core\Donor\Shell\ShellStandard;
use NeatSpindle\Core\Holding\Build\Compound;
use NeatSpindle\Core\Holding\Mount\Note;
use NeatSpindle\Core\Holding\Mount\TwinPlate\TwinPlateMount;
use NeatSpindle\Core\Holding\Mount\Unsolved;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Strip\BracketKind;
use NeatSpindle\Core\Measuring\Strip\CrankKind;
use NeatSpindle\Core\Measuring\Survey\GuideRemedy;
use NeatSpindle\Core\Measuring\Survey\Instrument;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Measuring\Survey\Severity;
use NeatSpindle\Core\Measuring\Survey\Sitting;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Measuring\Survey\SurveyPlan;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Source;
use NeatSpindle\Core\Tests\Cases;
use NeatSpindle\Core\Whole\Exchange\JobReader;

it('has words for every case a person may meet, and no two alike', function (string $enum): void {
    $labels = array_map(fn ($case) => $case->label(), $enum::cases());
    expect(array_filter($labels, fn (string $label) => trim($label) === '' || str_contains($label, '_')))->toBe([])
        ->and(array_unique($labels))->toBe($labels);
})->with([
    BikeKind::class, Doubtful::class, LawExample::class, Standing::class, Pull::class, BodyPosition::class, GapContents::class, Rest::class,
    Compound::class,
    Evidence::class, ShellStandard::class, MarginName::class, Note::class, Place::class, BracketKind::class, CrankKind::class,
    GuideRemedy::class, Instrument::class, Remedy::class, Severity::class, Sitting::class, Subject::class,
]);

it('names where a figure of a sum comes from, and why a stack is unsolved', function (): void {
    foreach ([...Source::cases(), ...Unsolved::cases()] as $case) {
        expect(trim($case->label()))->not->toBe('');
    }
});

it('never says that anything is legal or safe', function (): void {
    foreach ([LawExample::class, Standing::class, Note::class, Severity::class, Unsolved::class] as $enum) {
        foreach ($enum::cases() as $case) {
            expect(strtolower($case->label()))->not->toMatch('/\b(legal|allowed|safe|permitted)\b/');
        }
    }
});

it('puts a motor into every class of power that reaches it', function (float $watts, array $classes): void {
    $document = Cases::document();
    $document->catalogue->motors->{'tarn-73'}->continuous_w = $watts;
    $motor = JobReader::read($document)->kit->motor;

    expect(
        array_values(
            array_map(fn (LawExample $law) => $law->value, array_filter(LawExample::cases(), fn (LawExample $law) => $law->holds($motor))),
        ),
    )
        ->toBe($classes);
})->with([
    [250.0, ['to-250', 'to-500', 'to-750', 'to-1000']], [250.1, ['to-500', 'to-750', 'to-1000']], [1000.0, ['to-1000']], [1200.0, []],
]);

it('shows how an instrument is held at every spot it is set to a face, and says what to mind', function (): void {
    $shown = 0;
    foreach (BikeKind::cases() as $kind) {
        foreach (SurveyPlan::for($kind, (new TwinPlateMount)->spots()) as $spot) {
            $closeUp = $spot->closeUp();
            expect($closeUp === null)->toBe(! $spot->kind()->isMeasured() || $spot->instrument() === Instrument::Rule);
            $shown += $closeUp === null || trim($closeUp->words()) === '' ? 0 : 1;
        }
    }
    expect($shown)->toBeGreaterThan(100);
});

it('answers what is worn or bad, and neither what is fine nor a stop', function (): void {
    expect(Severity::Fine->remedies())->toBe([])
        ->and(Severity::Stop->remedies())->toBe([])
        ->and(Severity::Bad->remedies())->toBe(Remedy::cases())
        ->and(Severity::Watch->remedies())->toContain(Remedy::Declined)
        ->and(array_map(fn (Severity $severity) => $severity->mark(), Severity::cases()))->toBe(['clear', 'tight', 'fails', 'fails']);
});

it('looks somewhere for every subject of a condition', function (): void {
    $looks = array_map(fn (Subject $subject) => $subject->look(), Subject::cases());
    expect(array_unique($looks))->toBe($looks)->and(array_filter($looks, fn (string $look) => strlen($look) < 10))->toBe([]);
});

it('trusts a finer instrument more', function (): void {
    expect(Instrument::Caliper->doubtMm())->toBeLessThan(Instrument::Straightedge->doubtMm())
        ->and(Instrument::Caliper->doubtMm())->toBeLessThan(Instrument::Rule->doubtMm())
        ->and(Instrument::Rule->doubtMm())->toBeLessThanOrEqual(Instrument::Tape->doubtMm());
});
