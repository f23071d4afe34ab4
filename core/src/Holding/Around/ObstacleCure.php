<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Around;

/** What is done about something that stands in a body's way. */
enum ObstacleCure: string
{
    case Stays = 'stays';
    case Moved = 'moved';
    case Shortened = 'shortened';
    case Gone = 'gone';
    case Filed = 'filed';
    case Builder = 'builder';

    public function label(): string
    {
        return match ($this) {
            self::Stays => 'It stays',
            self::Moved => 'Moved aside',
            self::Shortened => 'Shortened, or another head',
            self::Gone => 'Taken out',
            self::Filed => 'Filed off, metal frames only',
            self::Builder => 'To a frame builder',
        };
    }

    /** What to do; empty where nothing is done. */
    public function task(): string
    {
        return match ($this) {
            self::Stays => '',
            self::Moved => 'Laid another way, clear of the body all along; tied where it cannot come back. '
                .'A hose that has to be opened is bled by someone who may.',
            self::Shortened => 'Cut or ground out of the frame, or a screw with a flat head. Edges smooth, no chips in the shell.',
            self::Gone => 'Out, and its hole closed. Kept with what came off.',
            self::Filed => 'With a file, in small strokes, tube and weld left whole; bare metal painted. Never on carbon.',
            self::Builder => 'This work leaves the bench: the frame goes to a builder, with the height that is left on the note.',
        };
    }
}
