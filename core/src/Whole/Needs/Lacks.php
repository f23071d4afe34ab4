<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Needs;

use NeatSpindle\Core\Fitting\Route\RouteVerdict;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Build\Lack;
use NeatSpindle\Core\Holding\Build\LackKind;
use NeatSpindle\Core\Holding\Mount\Stack;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Whole\Worksheet\Answer;
use NeatSpindle\Core\Whole\Worksheet\Concern;
use NeatSpindle\Core\Whole\Worksheet\Outlook;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

use function count;
use function in_array;

/** What a job goes without: what waits for it is held, and the bike with it, until it is cured or an owner answers for it. */
final class Lacks
{
    /** What a battery that is not chosen, or has no place yet, keeps from being done. */
    private const OF_A_PACK = ['try-battery', 'battery-inserts', 'battery-rail'];

    /**
     * @param  list<Need>  $needs  everything the job needs
     * @param  list<string>  $here  marks of those needs that somebody has seen here
     * @param  list<Subject>  $unseen  what of the bike's condition nobody has looked at
     * @param  ?string  $brakes  what speaks against its brakes, where the house holds a bike for that
     * @return list<Lack> in the order in which they are dealt with
     */
    public static function of(
        Worksheet $sheet, Outlook $outlook, BuildSheet $build, Circumstances $circumstances, array $needs, array $here, array $unseen, ?string $brakes = null,
    ): array {
        return [
            ...self::margins($sheet->stack, $outlook),
            ...self::leads($circumstances),
            ...self::parts($needs, $here),
            ...self::pack($build, $circumstances),
            ...self::condition($unseen),
            ...($brakes === null ? [] : [Lack::at(LackKind::Brakes, '', $brakes)]),
        ];
    }

    /** @return list<Lack> */
    private static function margins(Stack $stack, Outlook $outlook): array
    {
        $tight = array_filter($outlook->answers, fn (Answer $answer) => $answer->verdict === Verdict::Tight);
        $says = fn (Answer $answer): ?string => match ($answer->concern) {
            Concern::Stack => 'The stack is only tight: '.self::whatIsTight($stack).'.',
            Concern::Rest => 'The rest is only tight: '.lcfirst($answer->why),
            default => null,
        };

        return array_values(array_filter(array_map(
            fn (Answer $answer) => $says($answer) === null ? null : Lack::beforeTorque(LackKind::Margin, $answer->concern->value, $says($answer)), $tight,
        )));
    }

    private static function whatIsTight(Stack $stack): string
    {
        $margins = array_filter($stack->margins, fn (Margin $margin) => $margin->verdict === Verdict::Tight);
        $told = array_map(
            fn (Margin $margin) => sprintf('%s %.2f ± %.2f mm', lcfirst($margin->name->label()), $margin->value, $margin->plusMinus), $margins,
        );
        $notes = array_map(fn ($note) => lcfirst(rtrim($note->label(), '.')), $stack->notes);

        return implode('; ', [...$told, ...$notes]);
    }

    /** @return list<Lack> */
    private static function leads(Circumstances $circumstances): array
    {
        $lacking = array_filter(
            $circumstances->wiring->routes, fn (RunRoute $route) => $route->verdict === RouteVerdict::TooShort || $route->verdict === RouteVerdict::NoRoute,
        );

        return array_map(fn (int $i, RunRoute $route) => Lack::atRun($i, self::saysOf($route)), array_keys($lacking), $lacking);
    }

    private static function saysOf(RunRoute $route): string
    {
        return $route->verdict === RouteVerdict::NoRoute
            ? "There is no allowed way for the {$route->run->name} on this frame."
            : sprintf(
                'The %s is too short: its way takes %d mm, %d mm are supplied, and no lead of the drawer helps.',
                $route->run->name, ceil($route->needed ?? 0.0), $route->run->supply,
            );
    }

    /**
     * @param  list<Need>  $needs
     * @param  list<string>  $here
     * @return list<Lack>
     */
    private static function parts(array $needs, array $here): array
    {
        $away = array_filter($needs, fn (Need $need) => $need->isFetched() && ! in_array($need->mark(), $here, true));

        return array_values(array_map(fn (Need $need) => Lack::at(
            LackKind::Part, substr($need->mark(), 0, 16), "Not here yet: {$need->says()}.", $need->step === null ? [] : [$need->step],
        ), $away));
    }

    /** @return list<Lack> */
    private static function pack(BuildSheet $build, Circumstances $circumstances): array
    {
        $joins = array_filter(array_column($build->steps, 'code'), fn (string $code) => str_starts_with($code, 'join-'));

        return $circumstances->wiring->battery !== null ? [] : [Lack::at(
            LackKind::Pack, '', 'No battery is chosen yet, with its place.', [...self::OF_A_PACK, ...array_values($joins)],
        )];
    }

    /**
     * @param  list<Subject>  $unseen
     * @return list<Lack>
     */
    private static function condition(array $unseen): array
    {
        $labels = array_map(fn (Subject $subject) => lcfirst(explode(':', $subject->label())[0]), $unseen);

        return $labels === [] ? [] : [Lack::at(
            LackKind::Condition, '',
            sprintf('Nobody has looked at %s of this bike: %s.', count($labels) === 1 ? 'one thing' : count($labels).' things', implode('; ', $labels)),
        )];
    }
}
