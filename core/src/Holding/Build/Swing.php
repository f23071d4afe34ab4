<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Sums\Margin\Verdict;

/** The room that a motor leaves a sprung rear end, measured by hand at the dry fit with the spring out. In mm. */
final readonly class Swing
{
    /** Less than that is none, on a bike that lands hard; ours. */
    public const LEAST = 5.0;

    /**
     * @param  ?Measurement  $ridden least room where it stands with the rider on
     * @param  ?Measurement  $bottomed least room anywhere over the whole travel
     */
    public function __construct(private ?Measurement $ridden, private ?Measurement $bottomed) {}

    /** Null while something of it is not measured. */
    public function verdict(): ?Verdict
    {
        $of = fn (?Measurement $room): ?Verdict => $room === null ? null : Verdict::ofSlack($room->value - self::LEAST, $room->plusMinus);
        [$ridden, $bottomed] = [$of($this->ridden), $of($this->bottomed)];

        return $ridden === null || $bottomed === null ? null : Verdict::worst($ridden, $bottomed);
    }

    /** What stands against it, in words; null where nothing does. */
    public function objection(): ?string
    {
        $least = min(array_map(fn (?Measurement $room) => $room->value ?? INF, [$this->ridden, $this->bottomed]));

        return match ($this->verdict()) {
            null => 'The room is measured at the dry fit: Survey, Room at the sag, and Least room over the travel.',
            Verdict::Fails => sprintf(
                'Where the rear end moves there are only %.1f mm, and %.0f are asked. Another place or height of the body, a smaller ring, a block in the shock, or another motor.',
                $least, self::LEAST,
            ),
            default => null,
        };
    }
}
