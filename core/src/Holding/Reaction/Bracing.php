<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Reaction;

use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Sums\Margin\Verdict;

/**
 * Whether what keeps a body from turning is enough. If anything soft lies in the gap and the body is held by
 * nothing but its plate, or presses on it, that is a stop, not a note (handbook 03, *The reaction*).
 */
final readonly class Bracing
{
    /**
     * @param  ?string  $makerAllows what the maker of a carbon frame said, in words; null while nobody asked
     * @param  ?GapBlock  $between the hard block beside something soft; null while not both are measured
     */
    public function __construct(
        public ?Reaction $reaction,
        public ?Rest $rest,
        public GapContents $gap,
        public ?float $restRadius,
        private FrameMaterial $material = FrameMaterial::Steel,
        private ?string $makerAllows = null,
        private ?GapBlock $between = null,
    ) {}

    /** Why the job has to stop; null when it need not. */
    public function stop(): ?string
    {
        return match (true) {
            $this->wantsTheMaker() => 'The body would bear on carbon: that is for the frame’s maker to allow. '
                .'Write down under Nut and rest who said so, or hold it otherwise.',
            ! $this->gap->isSoft() => null,
            $this->rest === null => "{$this->gap->label()} lies in the gap and the body is held by its plate alone: "
                .'it will creep until that is cut. Move it, or give the body a strut or a clamp that keeps the gap open.',
            $this->rest === Rest::Block && $this->between?->verdict() === Verdict::Clear => null,
            $this->rest === Rest::TubeBand => "{$this->gap->label()} lies where the band closes: a band presses on what lies under it. "
                .'Move it, or hold the body with a strut or a clamp that keeps the gap open.',
            $this->rest->pressesOnTheFrame() => "{$this->gap->label()} lies where the body presses on the frame. "
                .'Move it, or hold the body with a strut or a clamp that keeps the gap open.',
            default => null,
        };
    }

    private function wantsTheMaker(): bool
    {
        return $this->material === FrameMaterial::Carbon && $this->rest?->bearsOnTheFrame() === true && trim($this->makerAllows ?? '') === '';
    }

    /** Why the body may not be set yet; null when it is decided what it rests on, or that the nut alone does, and the gap was looked at. */
    public static function undecided(?self $bracing, ?Reaction $reaction): ?string
    {
        return match (true) {
            $bracing?->rest === null && ($bracing === null || $reaction?->isHeldByFriction() !== true) => 'Nobody has decided yet what the body rests on.',
            $bracing->gap === GapContents::NotLookedAt => 'Nobody has looked yet what lies in the gap between body and frame.',
            default => null,
        };
    }

    /** What is still to be decided; null when nothing is. */
    public function wanting(): ?string
    {
        return match (true) {
            $this->rest === null && $this->reaction?->isHeldByFriction() !== true => 'The nut alone does not hold the '
                .'motor’s torque: choose what the body rests on.',
            $this->rest !== null && $this->restRadius === null => 'Measure from the crank axis to where the body '
                .'rests, to know the load there.',
            default => null,
        };
    }
}
