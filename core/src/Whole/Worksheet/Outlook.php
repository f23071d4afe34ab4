<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Worksheet;

use NeatSpindle\Core\Holding\Build\Gate;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Holding\Reaction\Bracing;
use NeatSpindle\Core\Sums\Line\LineVerdict;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function is_string;

/**
 * The one verdict of a whole job: the worst of what it is made of, which it names. Of a job that fails in one thing
 * nothing else is worth going on with.
 */
final readonly class Outlook
{
    /** @param  non-empty-list<Answer>  $answers the worst first; of equals, in the order they are dealt with */
    private function __construct(public array $answers) {}

    /**
     * @param  ?string  $stop why the job is stopped, in words; null when it is not
     * @param  list<Gate>  $gates what the mount wants looked at by hand
     * @param  list<Answer>  $beside what else the job answers for: battery, bar, sensors
     */
    public static function of(Worksheet $sheet, ?string $stop, ?Bracing $bracing, array $gates, array $beside = []): self
    {
        $answers = array_values(array_filter([
            $stop === null ? null : Answer::that(Concern::Stop, Verdict::Fails, $stop),
            Answer::that(Concern::Stack, $sheet->stack->verdict, self::limitOf($sheet->stack)),
            self::rest($sheet, $bracing),
            self::checks($gates),
            self::reach($sheet),
            self::line($sheet),
        ]));
        array_push($answers, ...$beside);
        usort($answers, fn (Answer $a, Answer $b) => $a->rank() <=> $b->rank());

        return new self($answers);
    }

    public function worst(): Answer
    {
        return $this->answers[0];
    }

    /** @return list<Answer> what fails, and what is open; what is only tight may go, and is known */
    public function standing(): array
    {
        $stands = fn (Answer $answer): bool => $answer->verdict === Verdict::Fails || $answer->verdict === null;

        return array_values(array_filter($this->answers, $stands));
    }

    /** @return list<Answer> what is not clear, the worst first */
    public function unclear(): array
    {
        return array_values(array_filter($this->answers, fn (Answer $answer) => ! $answer->isClear()));
    }

    /** What of a stack is worst, in words; empty where it is clear. */
    private static function limitOf(Stack $stack): string
    {
        $limit = $stack->limitedBy();

        return match (true) {
            $limit === null => '',
            is_string($limit) => 'a piece is missing',
            default => lcfirst($limit->label()),
        };
    }

    private static function rest(Worksheet $sheet, ?Bracing $bracing): Answer
    {
        $undecided = Bracing::undecided($bracing, $sheet->reaction);
        $block = $sheet->reaction?->gap?->verdict() ?? Verdict::Clear;

        return match (true) {
            $bracing?->stop() !== null => Answer::that(Concern::Rest, Verdict::Fails, (string) $bracing->stop()),
            $block !== Verdict::Clear => Answer::that(Concern::Rest, $block, 'The block keeps no sure millimetre from what lies in the gap.'),
            $undecided !== null => Answer::open(Concern::Rest, $undecided),
            default => Answer::that(Concern::Rest, Verdict::Clear),
        };
    }

    /** @param  list<Gate>  $gates */
    private static function checks(array $gates): ?Answer
    {
        $answers = array_map(fn (Gate $gate) => match (true) {
            $gate->open === null => Answer::that(Concern::Checks, Verdict::Clear),
            $gate->isTried => Answer::that(Concern::Checks, Verdict::Fails, "{$gate->label}: {$gate->open}"),
            default => Answer::open(Concern::Checks, "{$gate->label}: {$gate->open}"),
        }, $gates);
        usort($answers, fn (Answer $a, Answer $b) => $a->rank() <=> $b->rank());

        return $answers[0] ?? null;
    }

    private static function reach(Worksheet $sheet): ?Answer
    {
        return match ($sheet->reach?->reaches) {
            null => null,
            true => Answer::that(Concern::Reach, Verdict::Clear),
            false => Answer::that(Concern::Reach, Verdict::Tight, 'The nut’s socket does not reach over the spindle: nut before the spindle, or another tool.'),
        };
    }

    /** Cogs nobody rides do not count. */
    private static function line(Worksheet $sheet): ?Answer
    {
        $avoided = [];
        foreach ($sheet->chainline->cogs ?? [] as $i => $cog) {
            if ($cog->verdict === LineVerdict::Avoid && $sheet->job->bike->rear->use[$i] > 0) {
                $avoided[] = $cog->teeth;
            }
        }

        return match (true) {
            $sheet->chainline === null => null,
            $avoided === [] => Answer::that(Concern::Line, Verdict::Clear),
            default => Answer::that(Concern::Line, Verdict::Tight, 'The chain runs too far off line to '.implode(', ', $avoided).', and it is ridden.'),
        };
    }
}
