<?php

declare(strict_types=1);

use App\Models\Row;
use Illuminate\Database\Eloquent\Casts\Attribute;
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

it('reads each attribute of each row as the framework does', function (): void {
    $read = 0;
    foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
        $class = 'App\\Models\\'.basename($file, '.php');
        if (! is_subclass_of($class, Row::class) || (new ReflectionClass($class))->isAbstract()) {
            continue;
        }
        $row = new $class;
        $columns = [...array_keys($row->getCasts()), 'created_at', 'updated_at', 'plain'];
        foreach ([null, '1', 0, '2026-11-28 10:00:00'] as $kept) {
            foreach (array_filter($columns, fn (string $column) => ! enum_exists((string) ($row->getCasts()[$column] ?? ''))) as $column) {
                $isObject = class_exists(explode(':', (string) ($row->getCasts()[$column] ?? ''))[0]);
                if (
                    $isObject && $kept !== null || in_array(
                        $row->getCasts()[$column] ?? '', ['array', 'datetime', 'date'], true,
                    ) && ! is_string($kept)
                ) {
                    continue;
                }
                $one = $class::fromRows([(object) [$column => $kept]])[0];
                $theirs = (new ReflectionMethod(Model::class, 'getAttributeValue'))->invoke($one, $column);
                expect($one->getAttribute($column))->toEqual($theirs, "{$class}::{$column}");
                $read++;
            }
        }
        foreach (array_filter($row->getCasts(), fn (string $cast) => is_subclass_of($cast, BackedEnum::class)) as $column => $enum) {
            $case = $enum::cases()[0];
            expect($class::fromRows([(object) [$column => $case->value]])[0]->getAttribute($column))->toBe($case);
        }
        // What only the framework would find: an accessor is not looked for.
        foreach ((new ReflectionClass($class))->getMethods() as $method) {
            $isAccessor = (string) $method->getReturnType() === Attribute::class || preg_match('/^get\w+Attribute$/', $method->getName()) === 1;
            expect($isAccessor && str_starts_with((string) $method->getFileName(), app_path()))
                ->toBeFalse("{$class}::{$method->getName()}");
        }
    }
    expect($read)->toBeGreaterThan(200);
});
