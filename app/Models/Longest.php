<?php

declare(strict_types=1);

namespace App\Models;

use NeatSpindle\Core\Ground\Document\Value;

/**
 * How long a text may be, in characters, by what it is: what a form takes, a field lets through and a column holds. A test
 * holds every form's rule against the columns its text goes to, and those it is copied to.
 */
final class Longest
{
    /** Of a customer, a bike, a person, a road, a paper, a place for parts. */
    public const NAME = 120;

    public const NOTE = 500;

    /** At one line of a list. */
    public const SHORT_NOTE = 200;

    public const REASON = 500;

    /** Where what it is for is kept before it. */
    public const REASON_BESIDE = 250;

    /** What such a reason is for; with the words that join them the two fill a reason. */
    public const BEFORE_A_REASON = 230;

    /** Where somebody signs beside it. */
    public const REASON_SIGNED = 380;

    public const SIGNATURE = 100;

    /** Codes and names of a catalogue; a ring's with how it is put on. */
    public const CODE = Value::MAX_TEXT;

    public const ANSWER = 200;

    /** What stops a job, and what is next in it, in words. */
    public const STOP = 200;

    public const NEXT_STEP = 200;

    /** Something to be got, with what it is for. */
    public const NEED = 250;

    /** What was done to a kit, in words. */
    public const CHANGE = 200;

    /** As it was typed, with unit and doubt. */
    public const FIGURE = 40;

    /** Several figures in one field. */
    public const FIGURES = 500;

    /** As a log keeps what was typed. */
    public const TYPED = 200;

    public const DRAWER_PLACE = 60;

    public const RUN_NAME = 60;

    /** A place of a frame, or a plug. */
    public const PLACE = 40;

    public const THREADED_WITH = 80;

    public const SETTING = 80;

    public const STEP = 40;

    public const PHONE = 40;

    public const ADDRESS = 200;

    public const SECRET = 200;

    /** Cut to what a column holds, with a sign that something is missing. */
    public static function cut(string $text, int $most): string
    {
        return mb_strlen($text) <= $most ? $text : mb_substr($text, 0, $most - 1).'…';
    }
}
