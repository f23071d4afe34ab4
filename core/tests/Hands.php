<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Tests;

use NeatSpindle\Core\Fitting\Route\Run;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

use function array_diff;
use function array_fill_keys;
use function array_filter;
use function array_key_exists;
use function array_keys;
use function count;
use function in_array;
use function preg_match;
use function str_contains;
use function str_starts_with;

/**
 * Two hands at a bike: what is on it, what lies on the bench, how it stands, what has power. They do what a sheet says, step
 * by step, and say why not where something is not so at that moment. They know nothing of how a sheet is made.
 */
final class Hands
{
    /** What is so at the start, and what each step needs and makes so; `!` before what must not be so. */
    private const DOES = [
        'safe' => ['needs' => [], 'makes' => ['safe']],
        'try-battery' => ['needs' => ['!power'], 'makes' => []],
        'insert-clean' => ['needs' => ['!motor'], 'makes' => []],
        'insert-press' => ['needs' => ['!motor'], 'makes' => ['insert']],
        'insert-measure' => ['needs' => ['!motor', 'insert'], 'makes' => []],
        'gear-off' => ['needs' => ['gear cable'], 'makes' => ['!gear cable']],
        'spring-out' => ['needs' => ['!motor'], 'makes' => ['spring out']],
        'swing' => ['needs' => ['spring out', 'held', 'chain', 'pedals', '!guard', '!bucket'], 'makes' => ['swung']],
        'spring-in' => ['needs' => ['spring out', 'swung'], 'makes' => ['!spring out']],
        'guide' => ['needs' => ['!motor'], 'makes' => ['guide changed']],
        'guide-measure' => ['needs' => ['!motor', 'guide changed'], 'makes' => []],
        'dry-fit' => ['needs' => ['!motor', '!guard', '!bucket', '!joined'], 'makes' => []],
        'bolts-behind' => ['needs' => ['!motor', '!plate'], 'makes' => ['bolts behind']],
        'gear-through' => ['needs' => ['!gear cable', '!motor'], 'makes' => []],
        'gear-housing' => ['needs' => ['!gear cable'], 'makes' => []],
        'gear-fix' => ['needs' => ['!gear cable'], 'makes' => ['gear cable']],
        'gear-index' => ['needs' => ['gear cable', 'chain'], 'makes' => []],
        'chain-over' => ['needs' => ['!ring', '!right crank'], 'makes' => ['chain']],
        'ring' => ['needs' => [], 'makes' => ['ring']],
        'ring-look' => ['needs' => ['ring', 'motor', 'held'], 'makes' => []],
        'bearings' => ['needs' => ['!motor', '!spindle'], 'makes' => ['bearings']],
        'first-chain-laid' => ['needs' => ['bearings', '!spindle'], 'makes' => ['first chain laid']],
        'spindle-home' => ['needs' => ['bearings', '!spindle'], 'makes' => ['spindle']],
        'ring-to-plate' => ['needs' => ['ring', 'right crank', '!motor'], 'makes' => []],
        'play' => ['needs' => ['bearings', 'spindle'], 'makes' => []],
        'cups-torque' => ['needs' => ['bearings'], 'makes' => ['cups']],
        'bolt-by-hand' => ['needs' => ['cups', 'spindle', '!motor'], 'makes' => ['right crank']],
        'plates-on' => ['needs' => ['cups', '!motor'], 'makes' => ['plate']],
        'body-in' => ['needs' => ['!motor', '!guard', '!bucket', '!joined'], 'makes' => ['motor']],
        'first-chain' => ['needs' => ['motor', 'ring'], 'makes' => ['chain of its own']],
        'bikes-chain' => ['needs' => ['motor', 'ring'], 'makes' => ['chain']],
        'plate-on' => ['needs' => ['motor'], 'makes' => ['plate']],
        'bolts-hand' => ['needs' => ['plate'], 'makes' => []],
        'nut-hand' => ['needs' => ['plate'], 'makes' => ['nut']],
        'yoke-in' => ['needs' => ['motor'], 'makes' => ['plate']],
        'cup-hand' => ['needs' => ['plate'], 'makes' => ['nut']],
        'slot' => ['needs' => ['plate', 'nut'], 'makes' => []],
        'hanger' => ['needs' => ['motor', '!set'], 'makes' => []],
        'middle-look' => ['needs' => ['spindle', '!right crank', '!left crank'], 'makes' => []],
        'yoke-screws' => ['needs' => ['plate', '!set'], 'makes' => []],
        'rest-on' => ['needs' => ['motor', '!set'], 'makes' => ['rest']],
        'set-rest' => ['needs' => ['motor'], 'makes' => ['set']],
        'spindle-out' => ['needs' => ['set', 'spindle', '!right crank', '!left crank', '!held'], 'makes' => ['!spindle']],
        'nut-torque' => ['needs' => ['nut', 'set', '!held'], 'makes' => ['held']],
        'plate-look' => ['needs' => ['held', '!right crank'], 'makes' => []],
        'boss-bolts' => ['needs' => ['plate', 'set'], 'makes' => []],
        'lockring' => ['needs' => ['held'], 'makes' => []],
        'spindle-in' => ['needs' => ['!spindle', 'held'], 'makes' => ['spindle']],
        'spindle-preload' => ['needs' => ['spindle', 'held'], 'makes' => []],
        'spindle-lock' => ['needs' => ['spindle', 'held'], 'makes' => []],
        'cup-torque' => ['needs' => ['nut', 'set', '!held'], 'makes' => ['held']],
        'spindle' => ['needs' => ['held'], 'makes' => ['spindle']],
        'preload' => ['needs' => ['spindle'], 'makes' => []],
        'collar-screw' => ['needs' => ['spindle'], 'makes' => []],
        'plate-bolts' => ['needs' => ['plate', 'set', '!held'], 'makes' => ['held']],
        'arm-look' => ['needs' => ['held'], 'makes' => []],
        'rest-torque' => ['needs' => ['rest', 'held'], 'makes' => []],
        'crank-right-seat' => ['needs' => ['held', 'spindle', 'ring'], 'makes' => ['right crank']],
        'crank-right' => ['needs' => ['right crank', 'held'], 'makes' => []],
        'crank-left-seat' => ['needs' => ['held', 'spindle', 'right crank'], 'makes' => ['left crank']],
        'crank-left' => ['needs' => ['left crank'], 'makes' => []],
        'pedals' => ['needs' => ['left crank', 'right crank'], 'makes' => ['pedals']],
        'chain' => ['needs' => ['ring', 'motor', 'held'], 'makes' => ['chain']],
        'guard-back' => ['needs' => ['held', 'chain', 'pedals'], 'makes' => ['guard']],
        'bucket-back' => ['needs' => ['held', 'chain', 'pedals'], 'makes' => ['bucket']],
        'kickstand-back' => ['needs' => ['held'], 'makes' => []],
        'display' => ['needs' => ['!power'], 'makes' => []],
        'speed-sensor' => ['needs' => ['motor', '!power'], 'makes' => []],
        'battery-inserts' => ['needs' => ['!power'], 'makes' => []],
        'battery-rail' => ['needs' => ['!power'], 'makes' => ['rail']],
    ];

    /** The same for steps that are there several times, by how their codes begin. */
    private const DOES_OF_MANY = [
        'cure-' => ['needs' => ['!motor'], 'makes' => []],
        'mend-' => ['needs' => ['!power'], 'makes' => []],
        'bar-off-' => ['needs' => [], 'makes' => []],
        'bar-on-' => ['needs' => [], 'makes' => []],
        'lever-hook-' => ['needs' => [], 'makes' => []],
        'brake-sensor-' => ['needs' => ['!power'], 'makes' => []],
        'thread-' => ['needs' => [], 'makes' => []],
        'dress-' => ['needs' => ['motor', '!power', '!guard', '!bucket'], 'makes' => []],
        'joints-' => ['needs' => ['motor', '!power'], 'makes' => []],
        'cap-' => ['needs' => ['motor'], 'makes' => []],
        'join-' => ['needs' => ['rail', 'held', '!guard', '!bucket'], 'makes' => []],
    ];

    /** @var array<string, true> what is so */
    private array $is = ['gear cable' => true];

    /** @var list<int> numbers of the runs that lie where they belong */
    private array $laid = [];

    private ?string $posture = null;

    public function __construct(
        private readonly Worksheet $worksheet, private readonly Circumstances $circumstances, private readonly BuildSheet $sheet,
    ) {
        $mount = $worksheet->job->kit->motor->mount()->code();
        // A sleeve comes with its spindle in it; a yoke's goes in from outside, a twin plate's stands in the shell's own bearings.
        $mount !== 'sleeve' ?: $this->is['spindle'] = true;
        $this->is += $mount === 'twin-plate' && $circumstances->found->fitted
            ->bracketStays() ? array_fill_keys(['bearings', 'cups', 'spindle', 'left crank'], true) : [];
    }

    /** Does one step; why it cannot be done just now, in words, or null. */
    public function do(BuildStep $step): ?string
    {
        $does = self::DOES[$step->code] ?? null;
        foreach (self::DOES_OF_MANY as $begins => $many) {
            $does ??= str_starts_with($step->code, $begins) ? $many : null;
        }
        if ($does === null) {
            return 'nobody has told the hands how that is done';
        }
        foreach ($does['needs'] as $need) {
            if (array_key_exists(ltrim($need, '!'), $this->is) === str_starts_with($need, '!')) {
                return str_starts_with($need, '!') ? 'there is already: '.ltrim($need, '!') : "there is not: {$need}";
            }
        }
        $why = $step->code !== 'safe' && ! isset($this->is['safe']) ? 'the battery may still be in' : $this->own($step) ?? $this->stands($step);
        foreach ($does['makes'] as $made) {
            if (str_starts_with($made, '!')) {
                unset($this->is[ltrim($made, '!')]);
            } else {
                $this->is[$made] = true;
            }
        }

        return $why;
    }

    /** What of a step depends on this bike. */
    private function own(BuildStep $step): ?string
    {
        $isOut = ! isset($this->is['motor']);
        $reach = $this->worksheet->reach;
        $mustBeOut = $reach !== null && ! $reach->reaches && $reach->doesSpindleComeOut;

        return match (true) {
            $step->code === 'dry-fit' && $this->worksheet->job->bike->kind
                ->isSprung() !== isset($this->is['spring out']) => 'whether the rear end moves by hand is not as it should be',
            $step->code === 'guide'
 && str_contains($step->how, 'off already') === isset($this->is['gear cable']) => 'its cable is told to be otherwise than it is',
            $step->code === 'guide-measure' && $this->circumstances->found->guide->leavesNothing() => 'nothing is left of the guide',
            $step->code === 'nut-torque' && $mustBeOut
                && isset($this->is['spindle']) => 'the socket does not reach the nut over the spindle',
            $step->code === 'spindle-out' && ! $mustBeOut => 'the socket reaches the nut',
            in_array(
                $step->code, ['spindle-in', 'lockring'], true,
            ) && $mustBeOut && isset($this->is['spindle']) => 'the spindle stands in the way',
            $step->code === 'ring' && $this->circumstances->found->fitted->keepsChain
                && $this->lies('chain-over') && ! isset($this->is['chain']) => 'the whole chain is not over it',
            $step->code === 'first-chain' && ! isset($this->is['first chain laid'])
                && ! str_contains($step->how, 'joined with its link') => 'a chain without a link cannot be laid over any more',
            $step->code === 'bolt-by-hand' && $this->circumstances->found->fitted->keepsChain
                && $this->lies('chain-over') && ! isset($this->is['chain']) => 'the whole chain does not go over the crank any more',
            $step->code === 'ring' && isset($this->is['right crank']) && $this->worksheet->job->kit->motor->mount()
                ->code() !== 'twin-plate' => 'the crank is on already',
            $step->code === 'body-in' && $this->lies('bolts-behind') && ! isset($this->is['bolts behind']) => 'what sits behind it is not in',
            str_starts_with($step->code, 'thread-')
                && $isOut === ($step->chapter === BuildStep::ROUTES) => 'the body is where the leads go',
            str_starts_with($step->code, 'thread-'), str_starts_with($step->code, 'dress-'), str_starts_with($step->code, 'joints-') => $this
                ->lay($step),
            str_starts_with($step->code, 'join-') => $this->join($step),
            $this->areBackOn() && $step->chapter !== BuildStep::BACK => 'guard or bucket are on already',
            preg_match(
                '/blinks?\b|lights up|wakes/i', "{$step->how} {$step->look}",
            ) === 1 && ! isset($this->is['power']) => 'it has no power yet',
            default => null,
        };
    }

    private function lies(string $code): bool
    {
        return $this->sheet->step($code) !== null;
    }

    private function areBackOn(): bool
    {
        return isset($this->is['guard']) || isset($this->is['bucket']);
    }

    private function lay(BuildStep $step): ?string
    {
        $isThread = str_starts_with($step->code, 'thread-');
        foreach ($isThread ? [] : $step->runs as $run) {
            if ($this->run($run)?->endsAtMotor() === true && ! isset($this->is["threaded {$run}"])) {
                return "run {$run} is tied down before it is through";
            }
            $this->laid[] = $run;
        }
        foreach ($isThread ? $step->runs : [] as $run) {
            $this->is["threaded {$run}"] = true;
        }

        return null;
    }

    private function join(BuildStep $step): ?string
    {
        $open = array_diff(array_keys($this->circumstances->wiring->routes + $this->circumstances->wiring->unlaid), $this->laid);
        $isPack = $this->run($step->runs[0] ?? -1)?->isFromPack() === true;
        $why = count($open) > 0 ? 'there is power while a lead still lies about' : null;
        $isPack ? $this->is['power'] = $this->is['joined'] = true : null;

        return $why;
    }

    private function run(int $number): ?Run
    {
        $wiring = $this->circumstances->wiring;

        return ($wiring->routes[$number] ?? null)?->run ?? $wiring->unlaid[$number] ?? null;
    }

    /** Between setting a body and making it fast nothing is turned over, and what stands by itself never is. */
    private function stands(BuildStep $step): ?string
    {
        $stands = (string) $step->stands;
        if ($this->worksheet->job->bike->kind->standsByItself()) {
            return str_contains($stands, 'upside down') || str_contains($stands, 'in the stand')
                ? "it is no bike to be turned over: {$stands}"
                : null;
        }
        $isUpsideDown = str_contains($stands, 'upside down');
        $isChosen = str_contains($stands, ' or ');
        $isLoose = isset($this->is['set']) && ! isset($this->is['held']);
        $why = $isLoose && ! $isChosen && $this->posture !== null && $this->posture !== ($isUpsideDown ? 'down' : 'up')
            ? "it is turned over while the body is only set: {$stands}"
            : null;
        $this->posture = $isChosen ? $this->posture : ($isUpsideDown ? 'down' : 'up');

        return $why;
    }

    /** @return list<string> what should be so at the end and is not */
    public function missing(): array
    {
        $mount = $this->worksheet->job->kit->motor->mount()->code();
        $chain = $mount === 'twin-plate' && ! isset($this->is['chain']) ? [] : ['chain'];

        return isset($this->is['spring out']) ? ['the spring in'] : array_keys(array_filter(
            array_fill_keys(
                ['motor', 'set', 'held', 'spindle', 'ring', 'right crank', 'left crank', 'pedals', 'gear cable', 'rail', ...$chain], true,
            ),
            fn (bool $wanted, string $what) => ! isset($this->is[$what]), ARRAY_FILTER_USE_BOTH,
        ));
    }
}
