<?php

declare(strict_types=1);

use App\Bench\OpenJob;

/*
 * Who may look at whom. Each level sees only those named before it; so nothing looks upward and nothing goes in a
 * circle. docs/architecture.md draws the same order.
 */

/** The parts of the core, lowest first, each with its chapters, lowest first. */
const CORE_PARTS = [
    'Ground' => ['Measure', 'Prose', 'Turn', 'House', 'Document'],
    'Donor' => ['Shell', 'Bike'],
    'Parts' => ['Drawer', 'Stock', 'Box', 'Part', 'Fastening'],
    'Sums' => ['Margin', 'Line', 'Gearing', 'Adapter', 'Section'],
    'Fitting' => ['Route', 'Battery', 'Cockpit', 'Sensor'],
    'Measuring' => ['Strip', 'Survey', 'Frame', 'Frame\Kind'],
    'Holding' => ['Build', 'Mount', 'Mount\Sleeve', 'Mount\Yoke', 'Mount\TwinPlate', 'Catalogue', 'Reaction', 'Around'],
    'Choosing' => ['Hill', 'Brake', 'Ride', 'Order', 'Hold', 'Fit'],
    'Whole' => ['Job', 'Exchange', 'Measured', 'Worksheet', 'Needs', 'Prove', 'Logbook', 'Schedule', 'Calendar'],
];

const APP_LEVELS = [
    'Models\Values', 'Models\Casts', 'Models\Scopes', 'Models', 'Notifications', 'Policies', 'Instruments', 'Instruments\Simulated',
    'Assembly', 'Bench', 'Planning', 'Ordering', 'Documents', 'Documents\Archive', 'Documents\Api', 'Actions', 'Actions\Stock',
    'Actions\Orders', 'Actions\Pictures', 'Actions\Archive', 'Actions\House', 'Actions\Jobs', 'Actions\Catalogue',
    'Actions\Calendar', 'Actions\Survey', 'Actions\Kit', 'Actions\Steps', 'Actions\Prove', 'Actions\Drawer', 'Actions\Road',
    'Actions\People',
    'View\Drawings', 'View\Shared', 'View\Job', 'View\Survey', 'View\Strip', 'View\Matching', 'View\Stack', 'View\Line', 'View\Route',
    'View\Build', 'View\Prove', 'View\Pictures', 'View\Calendar', 'View\Workshop',
    'Http\Downloads', 'Http\Middleware', 'Http\Requests', 'Http\Requests\Api', 'Http\Controllers', 'Http\Controllers\Api',
    'Console\Commands', 'Providers',
];

/** Mounts stand side by side: none knows another. */
const STRANGERS = ['Holding\Mount\Sleeve', 'Holding\Mount\Yoke', 'Holding\Mount\TwinPlate'];

/** @return list<string> */
function coreLevels(): array
{
    $levels = [];
    foreach (CORE_PARTS as $part => $chapters) {
        array_push($levels, ...array_map(fn (string $chapter) => "{$part}\\{$chapter}", $chapters));
    }

    return $levels;
}

/**
 * What a tree of classes imports, folder by folder.
 *
 * @return array<string, array<string, string>> folders imported, with a file that does so, by the folder that imports them
 */
function importsOf(string $root, string $namespace): array
{
    $imports = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
        $folder = str_replace('/', '\\', trim(substr(dirname((string) $file), strlen($root)), '/'));
        if ($folder === '' || ! str_ends_with((string) $file, '.php')) {
            continue;
        }
        $imports[$folder] ??= [];
        $text = preg_replace('/^namespace .*$/m', '', (string) file_get_contents((string) $file));
        preg_match_all('/\b'.preg_quote($namespace, '/').'\\\\([\w\\\\]+)\\\\\w+/', (string) $text, $found);
        foreach ($found[1] as $other) {
            $imports[$folder] += $other === $folder ? [] : [$other => basename((string) $file)];
        }
    }

    return $imports;
}

/**
 * @param  list<string>  $levels
 * @return list<string>
 */
function lookingUpward(string $root, string $namespace, array $levels): array
{
    $wrong = [];
    foreach (importsOf($root, $namespace) as $folder => $others) {
        $level = array_search($folder, $levels, true);
        foreach ($others as $other => $file) {
            $below = array_search($other, $levels, true);
            if (
                $level === false || $below === false || $below > $level || (
                    in_array($folder, STRANGERS, true) && in_array($other, STRANGERS, true)
                )
            ) {
                $wrong[] = "{$folder} ({$file}) imports {$other}";
            }
        }
    }

    return $wrong;
}

it('looks upward nowhere in the core', function (): void {
    $root = __DIR__.'/../../core/src';
    expect(array_diff(array_keys(importsOf($root, 'NeatSpindle\Core')), coreLevels()))->toBe([])
        ->and(lookingUpward($root, 'NeatSpindle\Core', coreLevels()))->toBe([]);
});

it('looks upward nowhere in the application', function (): void {
    $root = __DIR__.'/../../app';
    expect(array_diff(array_keys(importsOf($root, 'App')), APP_LEVELS))->toBe([])
        ->and(lookingUpward($root, 'App', APP_LEVELS))->toBe([]);
});

it('knows a level that would look upward when it sees one', function (): void {
    expect(lookingUpward(__DIR__.'/../../core/src', 'NeatSpindle\Core', array_reverse(coreLevels())))->not->toBe([]);
});

arch('nobody imports what speaks HTTP')
    ->expect('App\Http')
    ->not->toBeUsedIn([
        'App\Actions', 'App\Assembly', 'App\Bench', 'App\Documents', 'App\Models', 'App\View', 'App\Policies', 'App\Notifications',
        'Database',
    ]);

it('asks nowhere outside a mount’s own folder which mount it is', function (): void {
    $places = [
        __DIR__.'/../../core/src' => '#/Mount/(Sleeve|Yoke|TwinPlate)/|/Catalogue/Mounts#', __DIR__.'/../../app' => null,
        __DIR__.'/../../resources/views' => '#/mount/#',
    ];
    $code = '[\'"](?:sleeve|yoke|twin-plate)[\'"]';
    $question = "/Mount\\\\(?:Sleeve|Yoke|TwinPlate)\\\\|instanceof (?:Sleeve|Yoke|TwinPlate)|(?:[=!]==?|case)\s*{$code}|{$code}\s*(?:=>|[=!]==?)/";
    $asking = [];
    foreach ($places as $root => $ownFolders) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($root, FilesystemIterator::SKIP_DOTS)) as $file) {
            $isOwn = $ownFolders !== null && preg_match($ownFolders, (string) $file) === 1;
            if (! $isOwn && preg_match($question, (string) file_get_contents((string) $file), $found) === 1) {
                $asking[] = basename((string) $file).": {$found[0]}";
            }
        }
    }
    expect($asking)->toBe([]);
});

it('knows of all that is worked out from ticks that it is', function (): void {
    $fromTicks = OpenJob::OF_TICKS;
    foreach (glob(__DIR__.'/../../app/Bench/*.php') ?: [] as $file) {
        $text = (string) file_get_contents($file);
        $class = 'App\\Bench\\'.basename($file, '.php');
        if (! str_contains($text, 'implements FromJob') || in_array($class, $fromTicks, true)) {
            continue;
        }
        $short = array_map(fn (string $name) => preg_quote(class_basename($name), '/'), $fromTicks);
        expect($text)
            ->not->toMatch(
                '/->records\b|->stepRecords\b|the\((?:'.implode('|', $short).')::class\)|->walk\(\)/',
                basename($file).' follows from ticks: name it in OpenJob::OF_TICKS',
            );
    }
});

it('has the sums of a job asked for in the bench alone, where each is made once', function (): void {
    $sums = '/\b(?:RoutePlan|Ride|SurvivingOrder|RingChoice|Outlook|ProvePlan|StripPlan|BuildSheet|PackTrial)::(?:of|for)\(|MotorMatch::all\(|->alternatives\(\)|new BuildGate\(|->buildSheet\(\$/';
    $asking = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../app', FilesystemIterator::SKIP_DOTS)) as $file) {
        if (! str_contains((string) $file, '/Bench/') && preg_match($sums, (string) file_get_contents((string) $file), $found) === 1) {
            $asking[] = basename((string) $file).": {$found[0]}";
        }
    }
    expect($asking)->toBe([]);
});
