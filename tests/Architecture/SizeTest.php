<?php

declare(strict_types=1);

/*
 * Classes and lines that a person can take in at a glance.
 */

const MOST_METHODS = 25;
const MOST_LINES_OF_A_CLASS = 300;
const LONG_LINE = 140;

/**
 * @param  array<array-key, string>  $folders
 * @return list<string>
 */
function sourceFiles(array $folders = ['core/src', 'app', 'database', 'bench', 'routes', 'bootstrap', 'config']): array
{
    $files = [];
    foreach ($folders as $folder) {
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(__DIR__."/../../{$folder}", FilesystemIterator::SKIP_DOTS),
        ) as $file) {
            if (str_ends_with((string) $file, '.php') && ! str_contains((string) $file, '/cache/')) {
                $files[] = (string) $file;
            }
        }
    }

    return $files;
}

it('keeps every class under twenty-six methods and three hundred and one lines', function (): void {
    $large = [];
    foreach (sourceFiles() as $file) {
        $text = (string) file_get_contents($file);
        $methods = preg_match_all('/^    (?:final |abstract )?(?:public|protected|private)(?: static)? function /m', $text);
        $lines = substr_count($text, "\n");
        if ($methods > MOST_METHODS || $lines > MOST_LINES_OF_A_CLASS) {
            $large[] = basename($file).": {$methods} methods, {$lines} lines";
        }
    }
    expect($large)->toBe([]);
});

it('keeps lines short', function (array $folders, int $longest, float $share): void {
    $all = 0;
    [$long, $tooLong] = [[], []];
    foreach (sourceFiles($folders) as $file) {
        foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
            $all++;
            $at = basename($file).':'.($i + 1).' '.mb_strlen($line);
            mb_strlen($line) <= LONG_LINE ?: $long[] = $at;
            mb_strlen($line) <= $longest ?: $tooLong[] = $at;
        }
    }
    expect($tooLong)->toBe([])->and(count($long))->toBeLessThanOrEqual($all * $share, implode(' ', array_slice($long, 0, 40)));
})->with([
    'what runs' => [['core/src', 'app', 'database', 'bench', 'routes', 'bootstrap', 'config'], 180, 0.01],
    // A regular expression is a line.
    'tests' => [['tests', 'core/tests'], 255, 0.01],
]);

/**
 * How many arguments stand by their place alone in the call whose opening bracket is at a token.
 *
 * @param  list<PhpToken>  $tokens
 */
function argumentsByPlace(array $tokens, int $open): int
{
    [$depth, $count, $isFirst] = [1, 0, true];
    for ($i = $open + 1; $depth > 0; $i++) {
        $text = $tokens[$i]->text;
        if ($isFirst && $depth === 1 && $text !== ')') {
            $isNamed = $tokens[$i]->is(T_STRING) && ($tokens[$i + 1]->text ?? '') === ':';
            $count += $isNamed ? 0 : 1;
            $isFirst = false;
        }
        $depth += in_array($text, ['(', '[', '{'], true) ? 1 : (in_array($text, [')', ']', '}'], true) ? -1 : 0);
        $isFirst = $isFirst || ($depth === 1 && $text === ',');
    }

    return $count;
}

it('fills no constructor by place with more than eight figures, which nobody can tell apart', function (): void {
    $unreadable = [];
    $seen = 0;
    foreach (sourceFiles() as $file) {
        $tokens = array_values(
            array_filter(PhpToken::tokenize((string) file_get_contents($file)), fn (PhpToken $token) => ! $token->isIgnorable()),
        );
        foreach ($tokens as $i => $token) {
            if ($token->is(T_NEW) && ($tokens[$i + 2]->text ?? '') === '(') {
                $seen++;
                argumentsByPlace($tokens, $i + 2) <= 8 ?: $unreadable[] = basename($file).":{$token->line}";
            }
        }
    }
    expect($unreadable)->toBe([])->and($seen)->toBeGreaterThan(1000);
});
