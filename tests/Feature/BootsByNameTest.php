<?php

declare(strict_types=1);

use Illuminate\Database\Eloquent\Model;

/**
 * @param  class-string  $class
 * @param  class-string  $by  whose way of starting a model
 * @return list<string> what is asked of each new one at its start
 */
function startedBy(string $class, string $by): array
{
    Closure::bind(static fn () => $by::bootTraits(), null, $class)();
    /** @var array<class-string, list<string>> $started */
    $started = (new ReflectionProperty(Model::class, 'traitInitializers'))->getValue();
    sort($started[$class]);

    return $started[$class];
}

it('starts every model with what the framework would find', function (): void {
    foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
        $class = 'App\\Models\\'.basename($file, '.php');
        if (is_subclass_of($class, Model::class) && ! (new ReflectionClass($class))->isAbstract()) {
            expect(startedBy($class, $class))->toBe(startedBy($class, Model::class));
        }
    }
});
