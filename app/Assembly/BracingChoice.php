<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Kit;
use App\Models\Values\BracingDecision;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Ground\Measure\Measurement;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\Bracing;
use NeatSpindle\Core\Holding\Reaction\FaceSize;
use NeatSpindle\Core\Holding\Reaction\GapBlock;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Holding\Reaction\Reaction;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Holding\Reaction\ShellFace;
use NeatSpindle\Core\Holding\Reaction\ThreadState;
use NeatSpindle\Core\Holding\Reaction\Torquing;
use NeatSpindle\Core\Holding\Reaction\TubeClamp;

/** What was decided about nut and rest; what nobody decided is the house rule: the band's middle, threadlocker, painted faces. */
readonly class BracingChoice
{
    private function __construct(private ?BracingDecision $decided, private KnownMotor $motor) {}

    public static function of(?Kit $kit, KnownMotor $motor): self
    {
        return new self($kit?->bracing, $motor);
    }

    public function torquing(): Torquing
    {
        return new Torquing(
            $this->nutTorque(),
            $this->decided->threadState ?? ThreadState::Threadlocker,
            $this->decided->shellFace ?? ShellFace::Painted,
            FaceSize::of($this->decided?->shellOuter, $this->decided?->shellInner),
            $this->rest() === null ? null : $this->restRadius(),
            $this->gapBlock(),
        );
    }

    public function rest(): ?Rest
    {
        return $this->decided?->rest;
    }

    /** How thick the tube is that it clamps, in mm. */
    public function tube(): ?float
    {
        return $this->decided?->tube;
    }

    /**
     * The clamp for the tube the body is held to; null where none is clamped, or its diameter is not measured.
     *
     * @param  ?float  $boom  the boom's diameter, in mm
     */
    public function clamp(?float $boom): ?TubeClamp
    {
        $diameter = $this->tube() ?? ($this->rest() === Rest::BoomClamp ? $boom : null);

        return $diameter === null || $this->rest()?->clampsOneTube() !== true ? null : TubeClamp::for($diameter);
    }

    public function restRadius(): ?float
    {
        return $this->decided?->restRadius;
    }

    /** @param  ?GapContents  $known  what is known to lie there from elsewhere; null where nothing is */
    public function gap(?GapContents $known = null): GapContents
    {
        return ($this->decided->gap ?? GapContents::NotLookedAt)->knowing($known);
    }

    /** What keeps something soft in the gap whole; null while not both are measured. */
    public function gapBlock(): ?GapBlock
    {
        [$block, $soft] = [$this->block(), $this->soft()];

        return $block === null || $soft === null ? null : new GapBlock($block, $soft);
    }

    /** The hard block in the gap. */
    public function block(): ?Measurement
    {
        return $this->decided?->block;
    }

    /** The soft thing that passes beside it. */
    public function soft(): ?Measurement
    {
        return $this->decided?->soft;
    }

    public function position(): BodyPosition
    {
        return $this->decided->position ?? BodyPosition::Below;
    }

    /** What the maker of a carbon frame said about something that bears on it. */
    public function makerAllows(): ?string
    {
        return $this->decided?->makerAllows;
    }

    public function bracing(?Reaction $reaction, FrameMaterial $material, ?GapContents $known): Bracing
    {
        return new Bracing($reaction, $this->rest(), $this->gap($known), $this->restRadius(), $material, $this->makerAllows(), $this->gapBlock());
    }

    public function isDecided(): bool
    {
        return $this->decided !== null;
    }

    private function nutTorque(): float
    {
        $band = $this->motor->part->held->nut()?->torque;

        return $this->decided->nutTorque ?? ($band === null ? 1.0 : $band->middle());
    }
}
