<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Strip;

/** What is on the bike and has to come off, or out of the way. */
final readonly class Fitted
{
    public function __construct(
        public CrankKind $crank = CrankKind::SquareTaper,
        public BracketKind $bracket = BracketKind::Threaded,
        public bool $hasFrontMech = true,
        public bool $keepsChain = false,
        public bool $hasGuard = false,
        public bool $hasKickstand = false,
    ) {}

    public function label(): string
    {
        return $this->crank === CrankKind::OnePiece
            ? 'One-piece crank'
            : "{$this->crank->label()}, ".lcfirst($this->bracket->label());
    }
}
