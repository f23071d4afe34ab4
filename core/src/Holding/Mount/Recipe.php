<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Donor\Bike\Scenario;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Build\MountSteps;
use NeatSpindle\Core\Parts\Drawer\Picker;
use NeatSpindle\Core\Parts\Part\NutSocket;
use NeatSpindle\Core\Sums\Adapter\SleeveToMeasure;
use NeatSpindle\Core\Sums\Section\Layout;

/** How the stack of one motor is built up on one bike. */
interface Recipe
{
    public function mount(): Mount;

    public function solve(Picker $picker): Stack;

    /** This recipe on the bike as it might really be. */
    public function settled(Scenario $scenario): self;

    /**
     * The doubts it depends on, in the order in which they decide its places; the last decides all that is left.
     *
     * @return non-empty-list<DoubtAxis>
     */
    public function axes(): array;

    /** Where its parts lie in the section, once it is solved; null for an unsolved stack. */
    public function layout(Stack $stack): ?Layout;

    /**
     * The steps of a build that are its own; null for an unsolved stack.
     *
     * @param  Circumstances  $circumstances what was answered in the survey, and how the house goes about it
     * @param  ?Reach  $reach of the workshop's socket to the nut; null where that is not known, or no question
     */
    public function steps(Stack $stack, Circumstances $circumstances, ?Reach $reach = null): ?MountSteps;

    /** Whether a socket reaches the nut over the spindle; null where there is no such nut, the spindle is not known, or the stack is unsolved. */
    public function reach(Stack $stack, NutSocket $socket): ?Reach;

    /** What of the chainstay asks for its drive spacers; null where nothing does. */
    public function stayAsk(): ?StayAsk;

    /** The sleeve that could be made for this shell; null for a mount without one, or an unsolved stack. */
    public function madeSleeve(Stack $stack): ?SleeveToMeasure;
}
