<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Worksheet;

use NeatSpindle\Core\Battery\PackFit;
use NeatSpindle\Core\Fit\MotorMatch;
use NeatSpindle\Core\Gearing\Gears;
use NeatSpindle\Core\Hill\Climb;
use NeatSpindle\Core\Line\Chain;
use NeatSpindle\Core\Line\Chainline;
use NeatSpindle\Core\Reaction\Reaction;
use NeatSpindle\Core\Section\AxisSection;
use NeatSpindle\Core\Shell\Identification;
use NeatSpindle\Core\Stack\DrawerPicker;
use NeatSpindle\Core\Stack\MarginName;
use NeatSpindle\Core\Stack\Recipe;
use NeatSpindle\Core\Stack\Recipes;
use NeatSpindle\Core\Stack\Stack;
use NeatSpindle\Core\Stack\Why;

/** Everything that follows from a job, computed once and unrounded. */
final readonly class Worksheet
{
    private function __construct(
        public Job $job,
        public Identification $identification,
        public Recipe $recipe,
        public Stack $stack,
        public ?Chainline $chainline,
        public Chain $chain,
        public ?Reaction $reaction,
        public Gears $gears,
        public ?Climb $climb,
        public ?PackFit $pack,
    ) {}

    public static function of(Job $job): self
    {
        $identification = Identification::of($job->bike->shell);
        $kit = $job->kit;
        $recipe = Recipes::for($job->bike, $identification, $kit->motor, $kit->ring, $kit->insert);
        $stack = $recipe->solve(new DrawerPicker($job->catalogue->drawer, $kit->byHand));
        $ringOutboard = $stack->ringOutboard();
        $gears = Gears::of($job->bike, $kit->ring);

        return new self(
            $job,
            $identification,
            $recipe,
            $stack,
            $ringOutboard === null ? null : Chainline::of($job->bike, $ringOutboard),
            Chain::of($job->bike->rear, $kit->ring),
            $job->torquing === null ? null : Reaction::of($kit->motor, $job->torquing),
            $gears,
            $job->hill === null ? null : Climb::of($kit->motor, $gears, $job->hill->load, $job->hill->gradePercent),
            $job->pack === null ? null : PackFit::of($job->pack->triangle, $job->pack->pack),
        );
    }

    /** @return list<MotorMatch> every motor against this bike, the best first; computed when asked */
    public function match(): array
    {
        return MotorMatch::all($this->job, $this->identification);
    }

    /** The section along the axis; null while the stack is unsolved. */
    public function section(): ?AxisSection
    {
        return AxisSection::of($this->recipe, $this->stack, $this->job->kit->ring);
    }

    /** The sum behind a margin of the stack. */
    public function why(MarginName $name): ?Why
    {
        $margin = $this->stack->margin($name);

        return $margin === null ? null : new Why($margin, $this->recipe->sum($this->stack, $name));
    }
}
