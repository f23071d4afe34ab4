<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Sums\Margin\Verdict;

use function array_slice;
use function count;
use function in_array;

/**
 * Whether a step of a build may be ticked. Asked by every way in, in the same transaction as the tick; a step that is
 * held cannot be done, whoever asks, unless somebody who may has passed what holds it by name and reason. That a step fails its check can always be said.
 */
final readonly class BuildGate
{
    /** More than that nobody keeps in mind. Ours. */
    public const LONGEST_MOVEMENT = 5;

    /**
     * @param  Verdict  $stack what the stack comes to
     * @param  list<Gate>  $gates what the mount wants looked at by hand
     * @param  ?string  $undecided what is still to be decided about the rest, in words; null when nothing is
     * @param  ?Hold  $stop why the job is stopped; null when it is not
     * @param  array<string, string>  $passed marks of holds that somebody answers for by name, by the step's code
     * @param  list<Lack>  $lacks what the job goes without, and nobody answers for
     */
    public function __construct(
        private BuildSheet $sheet,
        private Ticks $ticks,
        private Verdict $stack,
        private array $gates,
        private ?Hold $stop,
        private ?string $undecided = null,
        private array $passed = [],
        private array $lacks = [],
    ) {}

    /** The same gate, once a step is ticked. */
    public function once(BuildStep $step): self
    {
        return new self(
            $this->sheet, $this->ticks->once($step->code), $this->stack, $this->gates, $this->stop, $this->undecided, $this->passed, $this->lacks,
        );
    }

    /** @return list<BuildStep> done in one movement of the hands, the step itself first: each may be ticked once those before it are */
    public function movement(BuildStep $first): array
    {
        $gate = $this;
        $movement = [];
        $step = $first;
        while ($step !== null && count($movement) < self::LONGEST_MOVEMENT && $gate->objection($step) === null) {
            $movement[] = $step;
            $gate = $gate->once($step);
            $next = $gate->nextAfter($step);
            $step = $next?->goesOnFrom($step) === true ? $next : null;
        }

        return $movement ?: [$first];
    }

    /** Why a step may not be ticked now, in a person's words; null when it may. */
    public function objection(BuildStep $step): ?string
    {
        return $this->standing($step)?->says;
    }

    /** What stands against a step now: the stop of the whole job, or a hold that nobody has passed; null when nothing does. */
    public function standing(BuildStep $step): ?Hold
    {
        $hold = $this->hold($step);

        return $this->stopped() ?? ($hold !== null && ($this->passed[$step->code] ?? null) === $hold->mark() ? null : $hold);
    }

    /** What holds a step back, and could be passed by somebody who answers for it; a stop of the whole job is lifted, not passed. */
    public function hold(BuildStep $step): ?Hold
    {
        return $this->waiting($step) ?? $step->held ?? $this->failing($step) ?? $this->restless($step) ?? $this->gated($step) ?? $this->lacking($step);
    }

    /** By which a hold is known again: whoever passes one has passed this very reason, and no other that comes later. */
    public static function mark(string $hold): string
    {
        return hash('xxh128', $hold);
    }

    /**
     * What of a step's own needs somebody answers for who has passed its hold: what was not done, or had failed, just then.
     *
     * @param  string  $mark of the hold that was passed
     * @return list<string> codes
     */
    public static function answeredFor(BuildSheet $sheet, BuildStep $step, string $mark): array
    {
        $isAnswered = function (string $before) use ($sheet, $mark): bool {
            $titles = array_map(fn (string $code) => $sheet->step($code)->title ?? $code, [$before, ...$sheet->allBefore($before)]);

            return self::mark(self::notDoneBefore($titles[0])) === $mark
                || in_array($mark, array_map(fn (string $title) => self::mark(self::failedBefore($title)), $titles), true);
        };

        return array_values(array_filter($step->after, $isAnswered));
    }

    /** @return array<string, Hold> what stands against each step that is held, by its code */
    public function held(): array
    {
        return array_filter(array_map($this->standing(...), array_column($this->sheet->steps, null, 'code')));
    }

    private static function notDoneBefore(string $title): string
    {
        return "This comes after “{$title}”, which is not done yet.";
    }

    private static function failedBefore(string $title): string
    {
        return "This waits for “{$title}”, which failed its check.";
    }

    private function stopped(): ?Hold
    {
        return $this->stop === null ? null : new Hold(
            'The job is stopped: '.rtrim($this->stop->says, '.').'. Nothing is built until the stop is lifted.', $this->stop->at,
        );
    }

    private function waiting(BuildStep $step): ?Hold
    {
        $failed = $this->sheet->heldBack($this->ticks->failed)[$step->code] ?? null;
        if ($failed !== null) {
            return new Hold(self::failedBefore($this->title($failed)), PutRight::Step, $failed);
        }
        foreach ($step->after as $before) {
            if (! $this->ticks->isDone($before) && $this->sheet->step($before) !== null) {
                return new Hold(self::notDoneBefore($this->title($before)), PutRight::Step, $before);
            }
        }

        return null;
    }

    /** A stack that fails may be fitted dry, to find out how; nothing that goes on for good. */
    private function failing(BuildStep $step): ?Hold
    {
        return $this->stack === Verdict::Fails && ! $step->isDry()
            ? new Hold('The stack fails: see Stack for what stands in the way. Until then only the dry fit.', PutRight::Stack) : null;
    }

    /** Nothing is set against a rest, nor made fast, before there is one. */
    private function restless(BuildStep $step): ?Hold
    {
        $isHeld = $step->code === BuildSheet::SET_REST || (Lack::isOnTheMotor($step) && $this->sheet->comesAfter($step, BuildSheet::SET_REST));

        return $this->undecided === null || ! $isHeld
            ? null : new Hold("{$this->undecided} It is chosen on Stack, under Nut and rest.", PutRight::Rest);
    }

    private function gated(BuildStep $step): ?Hold
    {
        foreach (Lack::isOnTheMotor($step) ? $this->gates : [] as $gate) {
            if ($gate->open !== null && ($gate->behind === null || $this->sheet->comesAfter($step, $gate->behind))) {
                return new Hold("No torque yet. {$gate->label}: {$gate->open}", PutRight::Stack);
            }
        }

        return null;
    }

    private function lacking(BuildStep $step): ?Hold
    {
        $lacks = array_values(array_filter($this->lacks, fn (Lack $lack) => $lack->holds($step)));

        return $lacks === [] ? null : new Hold(
            implode(' ', array_map(fn (Lack $lack) => $lack->says, $lacks)), $lacks[0]->kind->putRight(),
        );
    }

    /** The next on the sheet that is not done; null where none is. */
    private function nextAfter(BuildStep $step): ?BuildStep
    {
        $at = array_search($step->code, array_column($this->sheet->steps, 'code'), true);
        foreach (array_slice($this->sheet->steps, (int) $at + 1) as $next) {
            if (! $this->ticks->isDone($next->code)) {
                return $next;
            }
        }

        return null;
    }

    private function title(string $code): string
    {
        return $this->sheet->step($code)->title ?? $code;
    }
}
