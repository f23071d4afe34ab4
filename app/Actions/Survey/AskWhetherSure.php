<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use Illuminate\Validation\ValidationException;

/** Something improbable was typed: it is not kept before the person says that it is so. */
class AskWhetherSure
{
    /** Far from those that stand: in their place, or one more? */
    public static function ofOutlier(string $question): ValidationException
    {
        return ValidationException::withMessages(['typed' => $question, 'sure' => 'asked', 'instead' => 'asked']);
    }

    public static function ofReading(string $question): ValidationException
    {
        return ValidationException::withMessages(['typed' => $question, 'sure' => 'asked']);
    }
}
