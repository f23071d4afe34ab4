<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Worksheet;

use NeatSpindle\Core\Choosing\Fit\MotorMatch;
use NeatSpindle\Core\Choosing\Fit\Trial;
use NeatSpindle\Core\Choosing\Hill\Climb;
use NeatSpindle\Core\Choosing\Order\Alternative;
use NeatSpindle\Core\Choosing\Order\Alternatives;
use NeatSpindle\Core\Donor\Shell\Identification;
use NeatSpindle\Core\Fitting\Battery\PackFit;
use NeatSpindle\Core\Holding\Build\BuildPlan;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Mount\CannotBuildStack;
use NeatSpindle\Core\Holding\Mount\Reach;
use NeatSpindle\Core\Holding\Mount\Recipe;
use NeatSpindle\Core\Holding\Mount\Site;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Holding\Reaction\Reaction;
use NeatSpindle\Core\Holding\Reaction\Rest;
use NeatSpindle\Core\Parts\Drawer\DrawerPicker;
use NeatSpindle\Core\Sums\Gearing\Gears;
use NeatSpindle\Core\Sums\Line\Chain;
use NeatSpindle\Core\Sums\Line\Chainline;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Why;
use NeatSpindle\Core\Sums\Section\AxisSection;
use NeatSpindle\Core\Whole\Job\Job;

/** Everything that follows from a job, computed once and unrounded. */
final readonly class Worksheet
{
    private function __construct(
        public Job $job,
        public Identification $identification,
        public Recipe $recipe,
        public Stack $stack,
        public ?Chainline $chainline,
        public ?Reach $reach,
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
        $recipe = $kit->motor->on(new Site($job->bike, $kit->ring), $identification->identified, $kit->insert)
            ?? throw CannotBuildStack::becauseMeasuresAreMissing($kit->motor->mount());
        $stack = $recipe->solve(new DrawerPicker($job->catalogue->drawer, $kit->byHand));
        $ringOutboard = $stack->ringOutboard();
        $gears = Gears::of($job->bike, $kit->ring);

        return new self(
            job: $job,
            identification: $identification,
            recipe: $recipe,
            stack: $stack,
            chainline: $ringOutboard === null ? null : Chainline::of($job->bike, $ringOutboard),
            reach: $job->nutSocket === null ? null : $recipe->reach($stack, $job->nutSocket),
            chain: Chain::of($job->bike->rear, $kit->ring),
            reaction: self::reaction($job),
            gears: $gears,
            climb: $job->hill === null ? null : Climb::of($kit->motor, $gears, $job->hill->load, $job->hill->gradePercent),
            pack: $job->pack === null ? null : PackFit::of($job->pack->triangle, $job->pack->pack),
        );
    }

    /** @return list<MotorMatch> every motor against this bike, the best first; computed when asked */
    public function match(): array
    {
        return MotorMatch::all($this->job->bike, $this->identification, $this->job->kit->ring, $this->job->catalogue);
    }

    /** The section along the axis; null while the stack is unsolved. */
    public function section(): ?AxisSection
    {
        $layout = $this->recipe->layout($this->stack);

        return $layout === null ? null : AxisSection::of($layout, $this->stack->filling, $this->job->kit->ring->radius());
    }

    /** The sum behind a margin of the stack. */
    public function why(MarginName $name): ?Why
    {
        $margin = $this->stack->margin($name);

        return $margin === null ? null : new Why($margin);
    }

    /**
     * What else would work from the drawer.
     *
     * @return list<Alternative>
     */
    public function alternatives(): array
    {
        return Alternatives::of($this->recipe, $this->job->bike, $this->job->catalogue->drawer, $this->stack->needed['drive'] ?? 0.0);
    }

    /**
     * The same once they are known, each from its drive spacers alone.
     *
     * @param  list<list<float>>  $drives in mm
     * @return list<Alternative>
     */
    public function alternativesWith(array $drives): array
    {
        return Alternatives::again($this->recipe, $this->job->bike, $this->job->catalogue->drawer, $drives);
    }

    /** The chosen motor, to try other rings on. */
    public function trial(): Trial
    {
        $job = $this->job;

        return new Trial($job->bike, $this->identification, $job->kit->motor, $job->kit->insert, $job->catalogue->drawer, $job->hill);
    }

    /** The order of the build; null while the stack is unsolved. */
    public function buildSheet(Circumstances $circumstances = new Circumstances): ?BuildSheet
    {
        $steps = $this->recipe->steps($this->stack, $circumstances, $this->reach);

        return $steps === null ? null : BuildSheet::of(new BuildPlan(
            mount: $steps,
            motor: $this->job->kit->motor->code,
            ringToChainstay: $this->stack->margin(MarginName::RingToChainstay),
            ring: $this->job->kit->ring,
            kind: $this->job->bike->kind,
            material: $this->job->bike->material,
            chain: $this->chain,
            hasOneCog: $this->job->bike->rear->hasOneCog(),
            insert: $this->job->kit->insert,
            rest: $circumstances->fastening->rest ?? Rest::plan(null),
            circumstances: $circumstances,
        ));
    }

    /** Null when it is not asked, or for a motor without a nut. */
    private static function reaction(Job $job): ?Reaction
    {
        $nut = $job->kit->motor->held->nut();

        return $job->torquing === null || $nut === null ? null : Reaction::of($nut, $job->kit->motor->maxTorqueNm, $job->torquing);
    }
}
