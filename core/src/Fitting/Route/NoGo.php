<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

use function implode;
use function in_array;

/**
 * What a run keeps off: stretches with some tags; and a pinch, where the body closes it, unless the run may pass one in
 * a guide that is there.
 */
final readonly class NoGo
{
    private const PINCH = 'pinch';

    private const GUIDE = 'guide';

    /** @param  list<string>  $tags */
    private function __construct(private array $tags, private bool $isPinchClosed, private bool $mayBeGuided) {}

    public static function nothing(): self
    {
        return new self([], false, false);
    }

    /** @param  list<string>  $tags */
    public static function tags(array $tags, BodyHold $rest, bool $mayBeGuided): self
    {
        return new self($tags, $rest !== BodyHold::Clamped, $mayBeGuided);
    }

    public function bars(Edge $edge): bool
    {
        return $edge->hasAnyOf($this->tags) || (
            $this->isPinchClosed && in_array(self::PINCH, $edge->tags, true) && ! ($this->mayBeGuided && in_array(self::GUIDE, $edge->tags, true))
        );
    }

    /** The same for what keeps off the same. */
    public function key(): string
    {
        return ($this->isPinchClosed ? 'closed' : 'open').($this->mayBeGuided ? ' guided' : '')."\n".implode("\n", $this->tags);
    }
}
