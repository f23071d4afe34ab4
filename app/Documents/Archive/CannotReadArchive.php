<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use Illuminate\Contracts\Debug\ShouldntReport;
use Illuminate\Http\RedirectResponse;
use RuntimeException;

use function back;

/** A file that is no archive we can read in, and why. */
final class CannotReadArchive extends RuntimeException implements ShouldntReport
{
    public function render(): RedirectResponse
    {
        return back()->withErrors(['archive' => $this->getMessage()]);
    }

    /** What each line says may stand there, and two of them do not go together, or a figure is larger than we can keep. */
    public static function clashing(): self
    {
        return new self('Two of its lines clash: a number or a code that may be there once is there twice, or a figure is larger than can be kept. Nothing was read.');
    }

    public static function noArchive(): self
    {
        return new self('That is no archive, or it did not arrive whole.');
    }

    public static function foreign(string $name): self
    {
        return new self("There is “{$name}” in it, which is no part of an archive. Nothing was read.");
    }

    public static function tooLarge(): self
    {
        return new self('Unpacked it would be far larger than any workshop’s archive. Nothing was read.');
    }

    public static function later(int $version): self
    {
        return new self("A later version of the program has written it (archive version {$version}). Bring this one up to date first.");
    }

    public static function missing(string $name): self
    {
        return new self("{$name} is missing from it.");
    }

    public static function changed(string $name): self
    {
        return new self("{$name} is not as it was written: its hash is another.");
    }

    public static function tooLong(string $name, int $line): self
    {
        return new self("Line {$line} of {$name} is longer than any row.");
    }
}
