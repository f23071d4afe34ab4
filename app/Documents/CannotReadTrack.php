<?php

declare(strict_types=1);

namespace App\Documents;

use RuntimeException;

/** A file is no track that could be ridden; the message says what to do. */
class CannotReadTrack extends RuntimeException
{
    public static function becauseItIsNoXml(): self
    {
        return new self('This is no complete GPX file: it breaks off or is not XML. Export the track again and send that.');
    }

    public static function becauseItDeclaresEntities(): self
    {
        return new self('This file declares a document type or entities, which no GPX needs. Export the track again from where it was recorded.');
    }

    public static function becauseItIsNoTrack(): self
    {
        return new self('This is XML, but no GPX track or route.');
    }

    public static function becauseItHasNoPoints(): self
    {
        return new self('There is no track and no route of at least two points in it.');
    }

    public static function becauseItIsTooLong(int $most): self
    {
        return new self('It has more than '.number_format($most).' points. Export it with fewer, or in parts.');
    }

    public static function becauseItIsNoRoad(string $objection): self
    {
        return new self($objection);
    }

    public static function becauseAPointIsNowhere(int $number): self
    {
        return new self("Point {$number} has no latitude and longitude on this earth.");
    }
}
