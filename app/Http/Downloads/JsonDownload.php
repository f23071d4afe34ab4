<?php

declare(strict_types=1);

namespace App\Http\Downloads;

use Illuminate\Http\JsonResponse;

/** An open document as a file. */
class JsonDownload
{
    private const FLAGS = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    /** @param  array<string, mixed>  $data */
    public static function of(array $data, string $name): JsonResponse
    {
        return response()->json($data, 200, ['Content-Disposition' => "attachment; filename=\"{$name}.json\""], self::FLAGS);
    }
}
