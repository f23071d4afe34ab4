<?php

declare(strict_types=1);

namespace App\Models\Values;

use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Holding\Reaction\ShellFace;
use NeatSpindle\Core\Holding\Reaction\ThreadState;

use function is_string;

/** What was decided about the nut and about what keeps the body from turning; null for what nobody decided. In N·m and mm. */
final readonly class BracingDecision implements Kept
{
    use ReadsKept;

    public function __construct(
        public ?float $nutTorque = null,
        public ?ThreadState $threadState = null,
        public ?ShellFace $shellFace = null,
        public ?float $shellOuter = null,
        public ?float $shellInner = null,
        public ?BodyPosition $position = null,
        public bool $isReversed = false,
        public ?Rest $rest = null,
        public ?float $restRadius = null,
        public ?GapContents $gap = null,
        public ?Measurement $block = null,
        public ?Measurement $soft = null,
        public ?string $makerAllows = null,
        public ?float $tube = null,
    ) {}

    public static function fromArray(array $kept): static
    {
        return new self(
            nutTorque: self::figure($kept, 'nut_torque_nm'),
            threadState: self::oneOf($kept, 'thread_state', ThreadState::class),
            shellFace: self::oneOf($kept, 'shell_face', ShellFace::class),
            shellOuter: self::figure($kept, 'shell_outer_mm'),
            shellInner: self::figure($kept, 'shell_inner_mm'),
            position: self::oneOf($kept, 'position', BodyPosition::class),
            isReversed: ($kept['is_reversed'] ?? false) === true,
            rest: self::oneOf($kept, 'rest', Rest::class),
            restRadius: self::figure($kept, 'rest_radius_mm'),
            gap: self::oneOf($kept, 'gap', GapContents::class),
            block: self::measurement($kept, 'block_mm'),
            soft: self::measurement($kept, 'soft_mm'),
            makerAllows: is_string($kept['maker_allows'] ?? null) ? $kept['maker_allows'] : null,
            tube: self::figure($kept, 'tube_mm'),
        );
    }

    public function toArray(): array
    {
        return self::said([
            'nut_torque_nm' => $this->nutTorque,
            'thread_state' => $this->threadState?->value,
            'shell_face' => $this->shellFace?->value,
            'shell_outer_mm' => $this->shellOuter,
            'shell_inner_mm' => $this->shellInner,
            'position' => $this->position?->value,
            'is_reversed' => $this->isReversed,
            'rest' => $this->rest?->value,
            'rest_radius_mm' => $this->restRadius,
            'gap' => $this->gap?->value,
            'block_mm' => self::written($this->block),
            'soft_mm' => self::written($this->soft),
            'maker_allows' => $this->makerAllows,
            'tube_mm' => $this->tube,
        ]);
    }
}
