<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Strip;

use NeatSpindle\Core\Ground\Turn\Rotation;

use function in_array;

/** What is on the bike and has to come off, or out of the way. */
final readonly class Fitted
{
    /** From so many cogs on a chain is so narrow that none of its pins holds a second time; ours. */
    private const NARROW_FROM = 9;

    /**
     * @param  ?int  $cogs how many the wheel has; null where nobody has said
     * @param  bool  $isBracketKept whether the frame’s own spindle and cups are to stay, for a motor that is hung beside them
     * @param  ?Rotation  $driveCupLoosens which way the drive cup came out; null where nobody has said
     */
    public function __construct(
        public CrankKind $crank = CrankKind::SquareTaper,
        public BracketKind $bracket = BracketKind::Cartridge,
        public bool $hasFrontMech = true,
        public bool $keepsChain = false,
        public bool $hasGuard = false,
        public bool $hasKickstand = false,
        public bool $hasBucket = false,
        public bool $hasDustCaps = false,
        public ?int $cogs = null,
        public ?Rotation $driveCupLoosens = null,
        public bool $isBracketKept = false,
    ) {}

    public function label(): string
    {
        return $this->crank === CrankKind::OnePiece
            ? 'One-piece crank'
            : "{$this->crank->label()}, ".lcfirst($this->bracket->label());
    }

    /** Whether the spindle stays in the bracket when the cranks are off, so that a tool can be held on by its bolt. */
    public function leavesSpindle(): bool
    {
        return ! in_array($this->crank, [CrankKind::TwoPiece, CrankKind::OnePiece], true) && $this->bracket !== BracketKind::External;
    }

    /** Whether spindle, cups and what sits on the spindle's left end stay where they are; a spindle that is one with its crank comes out with it. */
    public function bracketStays(): bool
    {
        return $this->isBracketKept && $this->leavesSpindle();
    }

    public function hasNarrowChain(): bool
    {
        return $this->cogs !== null && $this->cogs >= self::NARROW_FROM;
    }
}
