<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Decision;
use App\Models\StepState;
use NeatSpindle\Core\Build\BuildGate;
use NeatSpindle\Core\Build\Circumstances;
use NeatSpindle\Core\Build\Gate;
use NeatSpindle\Core\Build\Ticks;
use NeatSpindle\Core\Reaction\Bracing;
use NeatSpindle\Core\Worksheet\Outlook;

use function strlen;

/** What stands against a job: what is looked at by hand, which step may be ticked, and what the whole of it comes to. */
class Checks
{
    /** A decision to go on with a step that is held is called so, with the step's code after it. */
    public const PASS = 'pass-';

    private ?FittingOut $fittingOut = null;

    private ?Proving $proving = null;

    private ?JobHouse $house = null;

    private ?Experience $experience = null;

    public function __construct(private readonly OpenJob $open) {}

    /** What the logbook has for it. */
    public function experience(): Experience
    {
        return $this->experience ??= new Experience($this->open);
    }

    /** How this job goes about what others do differently. */
    public function house(): JobHouse
    {
        return $this->house ??= new JobHouse($this->open);
    }

    /** @return list<Gate> what the chosen mount wants looked at by hand */
    public function byHand(): array
    {
        $worksheet = $this->open->worksheet();

        return $worksheet === null ? [] : $worksheet->recipe->steps($worksheet->stack, new Circumstances(answers: $this->open->findings->answers()))?->gates() ?? [];
    }

    /** @return list<Gate> that, and what stands around the shell in the body's way */
    private function gates(): array
    {
        return [...$this->byHand(), ...Surroundings::of($this->open)->gates()];
    }

    /** What may be ticked now; null while there is no sheet. */
    public function buildGate(): ?BuildGate
    {
        $sheet = $this->open->buildSheet();
        $worksheet = $this->open->worksheet();

        return $sheet === null || $worksheet === null ? null : new BuildGate(
            $sheet,
            $this->ticks(),
            $worksheet->stack->verdict,
            $this->gates(),
            $this->open->stop(),
            Bracing::undecided($this->open->bracing(), $worksheet->reaction),
            $this->passed(),
        );
    }

    /** @return array<string, string> marks of holds that somebody answers for, by the step's code */
    private function passed(): array
    {
        $passed = $this->open->job->decisions->filter(fn (Decision $decision) => str_starts_with($decision->about, self::PASS));

        return $passed->mapWithKeys(fn (Decision $decision) => [substr($decision->about, strlen(self::PASS)) => $decision->choice])->all();
    }

    /** How the whole job stands; null while nothing is chosen. */
    public function outlook(): ?Outlook
    {
        $worksheet = $this->open->worksheet();

        return $worksheet === null ? null : Outlook::of(
            $worksheet, $this->open->job->stopped_for, $this->open->bracing(), $this->gates(), $this->fittingOut()->answers(),
        );
    }

    /** What is fitted beside the motor. */
    public function fittingOut(): FittingOut
    {
        return $this->fittingOut ??= new FittingOut($this->open);
    }

    /** What is proved before it leaves. */
    public function proving(): Proving
    {
        return $this->proving ??= new Proving($this->open);
    }

    private function ticks(): Ticks
    {
        $codes = fn (StepState $state): array => array_values($this->open->job->stepRecords->where('sheet', 'build')->where('state', $state)->pluck('step')->all());

        return new Ticks($codes(StepState::Done), $codes(StepState::Stopped));
    }
}
