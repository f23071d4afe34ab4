<?php

declare(strict_types=1);

namespace App\Models\Values;

use Normalizer;

/** The address a person is known by. Letters that look the same and cases are one, so that nobody passes for somebody else. */
final class MailAddress
{
    public static function normal(string $typed): string
    {
        return mb_strtolower(trim(Normalizer::normalize($typed, Normalizer::FORM_KC) ?: $typed));
    }
}
