<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Ground\Document;

use JsonException;
use stdClass;

use function strlen;

/** Turns the text of a document into an object, within the size and depth we accept. */
final class JsonText
{
    public const MAX_BYTES = 4 * 1024 * 1024;

    /** The document itself is level 1; PHP counts what stands in the innermost level as one more. */
    public const MAX_DEPTH = 64;

    /** @throws InvalidDocument when it is too large, too deep, no JSON, or no JSON object */
    public static function object(string $json): stdClass
    {
        if (strlen($json) > self::MAX_BYTES) {
            throw InvalidDocument::becauseItIsUnreadable('The document is larger than 4 MiB.');
        }
        try {
            $value = json_decode($json, false, self::MAX_DEPTH + 1, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw InvalidDocument::becauseItIsUnreadable($e->getCode() === JSON_ERROR_DEPTH
                ? 'The document is nested deeper than 64 levels.'
                : 'The document is not JSON: '.lcfirst($e->getMessage()).'.');
        }

        return $value instanceof stdClass
            ? $value
            : throw InvalidDocument::becauseItIsUnreadable('The document is not a JSON object.');
    }
}
