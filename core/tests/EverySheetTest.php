<?php

declare(strict_types=1);

use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Fitting\Cockpit\Fixture;
use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Fitting\Sensor\BrakeSensing;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Fastening\Fastener;
use NeatSpindle\Core\Tests\Hands;
use NeatSpindle\Core\Tests\Sheets;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

function hasOnTheBar(Circumstances $circumstances, string $name): bool
{
    return array_filter(
        [...$circumstances->wiring->routes, ...$circumstances->wiring->unlaid],
        fn (RunRoute|Run $one) => ($one instanceof Run ? $one : $one->run)->name === $name,
    ) !== []
        || array_filter($circumstances->wiring->cockpit->fixtures ?? [], fn (Fixture $one) => $one->kind->value === $name) !== [];
}

/** Words that only belong on a sheet where the thing is there, each with whether it is. */
function belonging(Worksheet $worksheet, Circumstances $circumstances): array
{
    $mount = $worksheet->job->kit->motor->mount()->code();
    $said = ($circumstances->fastening->rest ?? Rest::plan(null))->set->text('title');
    $fitted = $circumstances->found->fitted;
    $lever = $circumstances->wiring->cockpit?->left->newLever();
    $drivesBikes = ($circumstances->found->answers[Spot::DriveChain->value] ?? null) === 'bikes' && $mount === 'twin-plate';

    return [
        'boom' => str_contains($said, 'boom'), 'trut' => str_contains($said, 'strut'),
        'chainstays, loose' => str_contains($said, 'stays’ clamp'),
        'Clamp on the seat tube' => str_contains($said, 'seat tube’s clamp'), 'Pad to seat tube' => str_contains($said, 'its pad'),
        'Band ' => str_contains($said, 'band'),
        'against the block' => str_contains($said, 'block'), 'against the down tube' => str_contains($said, 'down tube'),
        'ock ring' => $mount === 'sleeve' && $worksheet->job->kit->motor->held
            ->nut() !== null && ($worksheet->job->kit->motor->held->lockring ?? null) !== null,
        'sleeve’s thread' => $mount === 'sleeve', 'oke’s' => $mount === 'yoke', 'Yoke' => $mount === 'yoke',
        'pinion' => $mount === 'twin-plate',
        'First chain' => $mount === 'twin-plate' && ! $drivesBikes, 'bike’s chain over' => $drivesBikes,
        'erailleur' => ! $worksheet->job->bike->rear->hasOneCog(), 'argest cog' => ! $worksheet->job->bike->rear
            ->hasOneCog(), 'mallest cog' => ! $worksheet->job->bike->rear->hasOneCog(),
        'cassette' => $drivesBikes && ! $worksheet->job->bike->rear
            ->hasOneCog(), 'Whole chain' => $fitted->keepsChain, 'never opened' => $fitted->keepsChain || $drivesBikes,
        'link by link' => ! $fitted->keepsChain
            && ! $drivesBikes, 'Guard' => $fitted->hasGuard, 'bucket' => $fitted->hasBucket, 'Kickstand' => $fitted->hasKickstand,
        'nsert' => $worksheet->job->kit->insert !== null, 'spider' => $circumstances->fastening->ringFitting->mounting?->spider !== null, 'Cable guide:' => $circumstances->found->guide
            ->task() !== null,
        'filed off' => $circumstances->found->cures !== [],
        'eypad' => hasOnTheBar($circumstances, 'keypad'), 'hrottle' => hasOnTheBar($circumstances, 'throttle'),
        'old brake lever' => $lever !== null,
        'Hose o' => $lever?->make->hasHose() === true, 'able slack, then off' => $lever !== null && ! $lever->make
            ->hasHose(), 'its switch clicks' => $lever?->make->hasSwitch() === true,
        'where something is stuck on' => $circumstances->wiring->sensors?->brakes
            ->of(BarSide::Left) === BrakeSensing::StickOn, 'sensor in the cable' => $circumstances->wiring->sensors?->brakes
            ->of(BarSide::Left) === BrakeSensing::InCable,
        'through the sensor' => $circumstances->wiring->sensors?->hasGearSensor === true, 'Mend: ' => in_array(
            Remedy::Mend, $circumstances->found->mending, true,
        ),
        'Replace: ' => in_array(Remedy::Replace, $circumstances->found->mending, true), 'Old chain' => $circumstances->found
            ->fitsOldChain($worksheet->chain),
    ];
}

/** What is wrong with a sheet to somebody who reads it; null when nothing is. */
function readsWrong(BuildSheet $sheet, Worksheet $worksheet, Circumstances $circumstances, string $text): ?string
{
    [$done, $isPowered] = [[], false];
    foreach ($sheet->steps as $step) {
        if (array_diff($step->after, $done) !== [] || in_array($step->code, $done, true)) {
            return "{$step->code} needs what is not done: ".implode(', ', array_diff($step->after, $done));
        }
        if ($step->fastener !== null) {
            if (
                ($step->band === null) === ($step->lacks($step->band?->torque->middle() ?? 10.0, false, 'because') === null)
                    || $step->lacks(null, true, null) === null
            ) {
                return "{$step->code} has neither a band nor a question";
            }
        }
        if (preg_match('/\{\w+\}/', "{$step->title} {$step->how} {$step->look} {$step->caution}") === 1) {
            return "{$step->code} has a place nobody filled in: {$step->how}";
        }
        $isPowered = $isPowered || ($step->runs !== [] && str_starts_with($step->code, 'join-'));
        if (
            ! $isPowered && preg_match(
                '/blink|lights up|wakes|works\b(?! it)|shows on the display/i', "{$step->how} {$step->look}",
            ) === 1 && ! str_contains($step->how, 'Nobody')
        ) {
            return "{$step->code} looks at what has no power yet: {$step->look}";
        }
        foreach ($step->runs as $run) {
            $route = $circumstances->wiring->routes[$run] ?? null;
            $isOfTheBar = preg_match('/keypad|throttle|brake sensor|display/', (string) $route?->run->name) === 1;
            if (
                $isOfTheBar && (
                    $step->chapter === BuildStep::GAP || ! str_starts_with($step->code, 'joints-')
                        || in_array('motor', $route->path ?? [], true)
                )
            ) {
                return "{$step->code} takes a branch of the bar past the gap";
            }
        }
        $done[] = $step->code;
    }
    foreach (belonging($worksheet, $circumstances) as $words => $belongs) {
        if (str_contains($text, $words) && ! $belongs) {
            return "says “{$words}”: ".strstr($text, $words);
        }
    }

    return null;
}

/** Why two hands cannot do a sheet; null when they can. */
function cannotBeDone(BuildSheet $sheet, Worksheet $worksheet, Circumstances $circumstances): ?string
{
    $hands = new Hands($worksheet, $circumstances, $sheet);
    foreach ($sheet->steps as $step) {
        $why = $hands->do($step);
        if ($why !== null) {
            return "{$step->code}, {$step->title}: {$why}";
        }
    }

    return $hands->missing() === [] ? null : 'at the end there is not: '.implode(', ', $hands->missing());
}

/**
 * Every sheet is made once, and both read and done.
 *
 * @return array{made: int, distinct: int, torqued: list<string>, misread: ?string, undone: ?string} how many there are, what is torqued on
 *     them, and what is wrong with the first that is wrong
 */
function everySheet(): array
{
    static $found = null;
    if ($found !== null) {
        return $found;
    }
    [$made, $distinct, $torqued, $misread, $undone] = [0, [], [], null, null];
    foreach (Sheets::every() as $which => [$sheet, $worksheet, $circumstances]) {
        $text = '';
        foreach ($sheet->steps as $step) {
            $text .= "{$step->code} {$step->title} {$step->how} {$step->look}\n";
            $step->fastener === null ?: $torqued[$step->fastener->value] = true;
        }
        $misread ??= ($wrong = readsWrong($sheet, $worksheet, $circumstances, $text)) === null ? null : "{$which}: {$wrong}";
        $undone ??= ($why = cannotBeDone($sheet, $worksheet, $circumstances)) === null ? null : "{$which}: {$why}";
        $distinct[hash('xxh128', $text)] = true;
        $made++;
    }
    fwrite(STDERR, "{$made} sheets, ".count($distinct)." of them distinct\n");

    return $found = [
        'made' => $made, 'distinct' => count($distinct), 'torqued' => array_keys($torqued), 'misread' => $misread, 'undone' => $undone,
    ];
}

it('needs in no sheet what comes later, names nothing that is not there, and has a band or a question for every fastener', function (): void {
    expect(everySheet()['misread'])->toBeNull()->and(everySheet()['distinct'])->toBeGreaterThan(2_000)
        ->and(array_diff(array_column(Fastener::cases(), 'value'), everySheet()['torqued']))->toBe([]);
});

it('can be done by two hands in the order of the sheet, whatever the sheet', function (): void {
    expect(everySheet()['undone'])->toBeNull()->and(everySheet()['made'])->toBeGreaterThan(5_000);
});
