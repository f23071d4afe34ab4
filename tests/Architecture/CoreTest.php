<?php

declare(strict_types=1);

use NeatSpindle\Core\CoreException;

arch('the core imports nothing but itself')
    ->expect('NeatSpindle\Core')
    ->toOnlyUse([
        'NeatSpindle\Core', 'BackedEnum', 'InvalidArgumentException', 'JsonException', 'SplPriorityQueue', 'stdClass', 'Throwable',
    ])
    ->ignoring('NeatSpindle\Core\Tests');

arch('the core neither reads nor writes, and knows neither time nor chance')
    ->expect([
        'file_get_contents', 'file_put_contents', 'fopen', 'fwrite', 'readfile', 'glob', 'scandir', 'unlink', 'exec', 'shell_exec',
        'proc_open',
        'time', 'microtime', 'hrtime', 'date', 'rand', 'mt_rand', 'random_int', 'random_bytes', 'getenv', 'env', 'config', 'app', 'now',
        'print_r', 'var_dump', 'dd', 'dump',
    ])
    ->not->toBeUsedIn('NeatSpindle\Core');

arch('the core is strict and final')
    ->expect('NeatSpindle\Core')
    ->toUseStrictTypes()
    ->classes()->toBeFinal()
    ->ignoring('NeatSpindle\Core\Tests');

arch('failures of the core carry its mark')
    ->expect('NeatSpindle\Core\Ground\Measure\CannotReadQuantity')->toImplement(CoreException::class)
    ->and('NeatSpindle\Core\Ground\Document\InvalidDocument')->toImplement(CoreException::class);

arch('the application is strict too')->expect('App')->toUseStrictTypes();

arch('controllers are thin: they do not query')
    ->expect('App\Http\Controllers')
    ->not->toUse([
        'Illuminate\Support\Facades\DB', 'NeatSpindle\Core\Holding\Mount', 'NeatSpindle\Core\Holding\Build', 'NeatSpindle\Core\Whole\Prove',
        'NeatSpindle\Core\Ground\Document',
    ]);

arch('nothing that was meant for a moment stays')
    ->expect(['dd', 'dump', 'var_dump', 'ray', 'print_r', 'die'])
    ->not->toBeUsed();

it('forbids nothing that is not there', function (): void {
    $chapters = [];
    foreach (glob(__DIR__.'/*.php') ?: [] as $file) {
        preg_match_all("/'NeatSpindle\\\\Core\\\\([A-Z]\w+\\\\[A-Z]\w+)'/", (string) file_get_contents($file), $named);
        array_push($chapters, ...$named[1]);
    }
    expect($chapters)->not->toBe([]);
    foreach ($chapters as $chapter) {
        expect(is_dir(__DIR__.'/../../core/src/'.str_replace('\\', '/', $chapter)))->toBeTrue("{$chapter} is no chapter of the core");
    }
});

it('keeps every method of a controller under ten lines', function (): void {
    foreach (glob(__DIR__.'/../../app/Http/Controllers/*.php') ?: [] as $file) {
        /** @var class-string $name */
        $name = 'App\\Http\\Controllers\\'.basename($file, '.php');
        $class = new ReflectionClass($name);
        foreach ($class->getMethods() as $method) {
            if ($method->getDeclaringClass()->getName() === $class->getName() && $method->getFileName() === $class->getFileName()) {
                expect($method->getEndLine() - $method->getStartLine() - 2)
                    ->toBeLessThan(10, "{$class->getShortName()}::{$method->getName()}");
            }
        }
    }
});

it('writes neither script nor style into a page', function (): void {
    $views = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(__DIR__.'/../../resources/views', FilesystemIterator::SKIP_DOTS));
    foreach ($views as $view) {
        expect((string) file_get_contents((string) $view))->not->toMatch('/<script|<style|\son[a-z]+="|\sstyle="/');
    }
});
