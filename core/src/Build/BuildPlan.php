<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Build;

use NeatSpindle\Core\Bike\FrameMaterial;
use NeatSpindle\Core\Line\Chain;
use NeatSpindle\Core\Margin\Margin;
use NeatSpindle\Core\Part\Ring;
use NeatSpindle\Core\Route\RunRoute;
use NeatSpindle\Core\Survey\GuideRemedy;

/** What the sheet of a build is made from. */
final readonly class BuildPlan
{
    /**
     * @param  ?Margin  $ringToChainstay null where the stay is not measured, or no ring follows from the stack
     * @param  list<RunRoute>  $routes
     */
    public function __construct(
        public MountSteps $mount,
        public ?Margin $ringToChainstay,
        public Ring $ring,
        public FrameMaterial $material,
        public Chain $chain,
        public array $routes,
        public GuideRemedy $guide,
        public RestPlan $rest,
    ) {}
}
