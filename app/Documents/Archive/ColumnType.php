<?php

declare(strict_types=1);

namespace App\Documents\Archive;

/** What stands in a column, as an archive has it. */
enum ColumnType: string
{
    case Whole = 'integer';
    case Figure = 'number';
    case Text = 'string';
    case Day = 'date';
    case Moment = 'date-time';
    case Json = 'json';

    public static function of(string $dataType): self
    {
        return match ($dataType) {
            'bigint', 'int', 'smallint', 'tinyint' => self::Whole,
            'decimal', 'double', 'float' => self::Figure,
            'date' => self::Day,
            'datetime', 'timestamp' => self::Moment,
            'longtext' => self::Json,
            default => self::Text,
        };
    }
}
