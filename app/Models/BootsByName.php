<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Finds what the traits of a model want to be asked at its start by the names the framework gives it. The framework
 * itself also looks at each of some four hundred methods for attributes, which no model of ours carries; with a dozen
 * models on a page that was a tenth of its time.
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        $class = static::class;
        static::$traitInitializers[$class] = [];
        foreach (class_uses_recursive($class) as $trait) {
            $name = class_basename($trait);
            if (method_exists($class, "boot{$name}")) {
                static::{"boot{$name}"}();
            }
            if (method_exists($class, "initialize{$name}")) {
                static::$traitInitializers[$class][] = "initialize{$name}";
            }
        }
    }
}
