<?php

declare(strict_types=1);

namespace App\Documents;

use RuntimeException;

/** A file that is no picture we can keep, and what to do about it. */
final class CannotReadPicture extends RuntimeException
{
    public static function heic(): self
    {
        return new self('This is a HEIC picture, which cannot be read here. Set the telephone’s camera to “most compatible”, or send it as JPEG.');
    }

    public static function noPicture(): self
    {
        return new self('That is no picture we can read: send a JPEG, PNG or WebP.');
    }

    public static function tooLarge(string $megapixels, string $most): self
    {
        return new self("It has {$megapixels} megapixels, and at most {$most} can be taken in. Take it at a lower resolution.");
    }

    public static function tooNarrow(int $width, int $height): self
    {
        return new self("A picture of {$width} × {$height} pixels shows nothing.");
    }

    public static function broken(): self
    {
        return new self('The picture is broken or did not arrive whole. Send it once more.');
    }
}
