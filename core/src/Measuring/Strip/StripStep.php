<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Strip;

use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Ground\Turn\Turn;

/** One step of taking a bike apart. */
final readonly class StripStep
{
    /**
     * @param  ?Turn  $turn which way it goes; null when nothing is turned
     * @param  bool  $onTheFloor tight enough to want the wheels on the floor
     * @param  ?string  $keep what must not be lost
     * @param  ?string  $look what to look at once it is off
     * @param  ?string  $caution what can go wrong under the hand
     * @param  bool  $notesBolts whether its bolts and their places must be written down, because it goes back on
     * @param  bool  $tellsTheWay whether the hand learns here which way it turns, as nobody has said yet
     */
    public function __construct(
        public string $code,
        public string $title,
        public string $how,
        public ?string $tool = null,
        public ?Turn $turn = null,
        public bool $onTheFloor = false,
        public ?string $keep = null,
        public ?string $look = null,
        public ?string $caution = null,
        public bool $notesBolts = false,
        public bool $tellsTheWay = false,
    ) {}

    /** A step whose texts lie in a table. */
    public static function worded(
        string $code, Wording $words, ?Turn $turn = null, bool $onTheFloor = false, bool $notesBolts = false, bool $tellsTheWay = false,
    ): self {
        return new self(
            code: $code,
            title: $words->text('title'),
            how: $words->text('how'),
            tool: $words->optional('tool'),
            turn: $turn,
            onTheFloor: $onTheFloor,
            keep: $words->optional('keep'),
            look: $words->optional('look'),
            caution: $words->optional('caution'),
            notesBolts: $notesBolts,
            tellsTheWay: $tellsTheWay,
        );
    }

    /** Whether the hands go on to it from another: on the same part the same way round, or where nothing turns and nothing is to be feared. */
    public function goesOnFrom(self $before): bool
    {
        $isAsked = $this->notesBolts || $this->tellsTheWay || $before->notesBolts || $before->tellsTheWay;
        $isSameWay = $this->turn !== null && $before->turn !== null && $this->turn->isLike($before->turn);
        $isLoose = $this->turn === null && $before->turn === null && $this->caution === null && $before->caution === null;

        return ! $isAsked && ($isSameWay || $isLoose);
    }

    /** Why it is not done yet with what was written down; null when it is. */
    public function lacks(?string $note): ?string
    {
        return $this->notesBolts && ($note === null || trim($note) === '') ? 'Write down its bolts, how long each is and where it goes: it goes back on.' : null;
    }
}
