<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Measuring\Strip\Fitted;
use NeatSpindle\Core\Measuring\Survey\GuideRemedy;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Sums\Line\Chain;

/** What a build finds on the bike: what is fitted and came off, what is in the way and what is done about it, what was answered. */
final readonly class Found
{
    /**
     * @param  list<Cure>  $cures what is done about what stands around the shell
     * @param  array<string, string>  $answers of the survey, by the spot's code
     * @param  bool  $isGuideMeasured whether a depth of the guide stands that was read since it was changed
     * @param  ?Swing  $swing what is known of the room when a sprung rear end moves; null where nobody has measured any
     * @param  bool  $isBareMeasured whether the bare shell's width was measured, not only told from its cups; where the frame's own bracket
     *                               stays, whether what comes off is off
     * @param  array<string, Remedy>  $mending what of its condition is mended or replaced, by the subject's code
     */
    public function __construct(
        public Fitted $fitted = new Fitted,
        public GuideRemedy $guide = GuideRemedy::Stays,
        public array $cures = [],
        public array $answers = [],
        public array $mending = [],
        public bool $isGuideMeasured = true,
        public bool $isBareMeasured = true,
        public ?Swing $swing = null,
    ) {}

    /** Whether the old chain goes on again: measured and good, its links counted, and nobody has condemned it. */
    public function fitsOldChain(Chain $chain): bool
    {
        return $chain->replace === false && $chain->changeFromOld !== null && ! $this->isChainCondemned();
    }

    /** Whether the chain that is on it was found to be replaced. */
    public function isChainCondemned(): bool
    {
        return ($this->mending[Subject::Chain->value] ?? null) === Remedy::Replace;
    }
}
