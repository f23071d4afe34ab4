<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Build;

use NeatSpindle\Core\Measure\TorqueBand;
use NeatSpindle\Core\Prose\Wording;
use NeatSpindle\Core\Turn\Turn;

/** One step of the build, with what it asks for and what it leaves out of reach. */
final readonly class BuildStep
{
    public const DRY = 'Dry';

    /**
     * @param  ?TorqueBand  $torque the maker's band; null with `$recordsTorque` when the catalogue has no figure
     * @param  ?string  $closesOff what can no longer be reached once this is done
     * @param  list<string>  $after codes of the steps that must be done before
     */
    public function __construct(
        public string $code,
        public string $chapter,
        public string $title,
        public string $how,
        public ?string $tool = null,
        public ?Turn $turn = null,
        public ?TorqueBand $torque = null,
        public bool $recordsTorque = false,
        public ?Compound $compound = null,
        public ?string $look = null,
        public ?string $closesOff = null,
        public ?string $caution = null,
        public array $after = [],
    ) {}

    /**
     * A step whose texts lie in a table.
     *
     * @param  list<string>  $after codes of the steps that must be done before
     */
    public static function worded(
        string $code,
        string $chapter,
        Wording $words,
        ?Turn $turn = null,
        ?TorqueBand $torque = null,
        bool $recordsTorque = false,
        ?Compound $compound = null,
        array $after = [],
    ): self {
        return new self(
            $code, $chapter, $words->text('title'), $words->text('how'), $words->optional('tool'), $turn, $torque, $recordsTorque,
            $compound, $words->optional('look'), $words->optional('closesOff'), $words->optional('caution'), $after,
        );
    }

    /** Whether it can be done before it is known that everything fits, and undone. */
    public function isDry(): bool
    {
        return $this->chapter === self::DRY;
    }
}
