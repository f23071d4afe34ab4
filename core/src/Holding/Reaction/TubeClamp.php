<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

/**
 * The clamp for a tube of a diameter: one that fits within its own range, or the next size with a shim of at most a
 * millimetre; else that very size has to be ordered (handbook 03). In mm.
 */
final readonly class TubeClamp
{
    private const MOST_SHIM = 1.0;

    /** @param  ?ClampSize  $size null where none is made that would do */
    private function __construct(public float $diameter, public ?ClampSize $size, public float $shim) {}

    public static function for(float $diameter): self
    {
        $wider = null;
        foreach (ClampSize::all() as $size) {
            if ($size->fits($diameter)) {
                return new self($diameter, $size, 0.0);
            }
            if ($size->bore > $diameter) {
                $wider ??= $size;
            }
        }
        $shim = $wider?->shimFor($diameter) ?? INF;

        return $shim <= self::MOST_SHIM ? new self($diameter, $wider, $shim) : new self($diameter, null, 0.0);
    }

    public function words(): string
    {
        return match (true) {
            $this->size === null => sprintf('No size we know holds %.1f mm: order one made for it.', $this->diameter),
            $this->shim > 0.0 => sprintf('Size %s, with a shim %.1f mm thick all round.', $this->size->name, $this->shim),
            default => "Size {$this->size->name}, without a shim.",
        };
    }
}
