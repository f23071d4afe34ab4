<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Whole\Needs;

use NeatSpindle\Core\Choosing\Order\Shortage;
use NeatSpindle\Core\Fitting\Route\Leg;
use NeatSpindle\Core\Fitting\Route\Loss;
use NeatSpindle\Core\Fitting\Route\PlugName;
use NeatSpindle\Core\Fitting\Route\RouteVerdict;
use NeatSpindle\Core\Fitting\Route\RunRoute;
use NeatSpindle\Core\Holding\Build\BuildSheet;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Holding\Build\Circumstances;
use NeatSpindle\Core\Holding\Build\Cure;
use NeatSpindle\Core\Holding\Build\Found;
use NeatSpindle\Core\Measuring\Survey\Remedy;
use NeatSpindle\Core\Measuring\Survey\Subject;
use NeatSpindle\Core\Parts\Box\Packed;
use NeatSpindle\Core\Parts\Box\Piece;
use NeatSpindle\Core\Parts\Box\PieceKind;
use NeatSpindle\Core\Parts\Drawer\Drawer;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Parts\Drawer\Spacers;
use NeatSpindle\Core\Sums\Line\Chain;
use NeatSpindle\Core\Whole\Worksheet\Worksheet;

use function count;
use function in_array;

/** Everything a job needs that is not on the bike, in the order in which the sheet asks for it. */
final class JobNeeds
{
    /** The step that takes a place's spacers, the first of them that a sheet has. */
    private const TAKEN_AT = [
        'drive' => ['body-in'], 'left' => ['body-in'], 'plate' => ['plate-on', 'body-in'], 'boss' => ['bolts-hand'], 'nut' => ['plate-on'],
        'slot_inner' => ['slot'], 'slot_outer' => ['slot'], 'crank' => ['collar-screw', 'bolt-by-hand'],
    ];

    /** What of a box nothing else asks for. */
    private const ONLY_IN_THE_BOX = [PieceKind::Lead, PieceKind::Tool, PieceKind::Part];

    /** @var list<Need> */
    private array $needs = [];

    private function __construct(private readonly BuildSheet $build, private readonly Packed $box) {}

    /**
     * @param  Packed  $box what came in the motor's box and is there
     * @param  list<Piece>  $astray what of the box is missing or wrong
     * @return list<Need>
     */
    public static function of(Worksheet $sheet, BuildSheet $build, Circumstances $circumstances, Packed $box, array $astray,
        Shortage $shortage): array
    {
        $needs = new self($build, $box);
        $needs->astray($astray);
        $needs->before($sheet, $circumstances);
        $needs->spacers($shortage, $sheet->job->catalogue->drawer);
        $needs->mount($sheet, $circumstances);
        $needs->drive($sheet, $circumstances);
        $needs->leads($circumstances);
        foreach (FittingNeeds::of($circumstances) as [$what, $count, $step]) {
            $needs->add($what, Origin::Shop, $step, count: $count);
        }

        return $needs->needs;
    }

    /**
     * What is asked for by itself further down comes from the shop there.
     *
     * @param  list<Piece>  $astray
     */
    private function astray(array $astray): void
    {
        foreach ($astray as $piece) {
            if (in_array($piece->kind, self::ONLY_IN_THE_BOX, true)) {
                $this->add("{$piece->what}: missing from the box, or wrong", Origin::Shop, 'body-in');
            }
        }
    }

    private function before(Worksheet $sheet, Circumstances $circumstances): void
    {
        if ($sheet->job->kit->insert !== null) {
            $this->add("Insert {$sheet->job->kit->insert->label()}", Origin::Shop, 'insert-clean');
        }
        if ($circumstances->found->guide->parts() !== null) {
            $this->add($circumstances->found->guide->parts(), Origin::Shop, 'guide');
        }
        foreach (array_filter($circumstances->found->cures, fn (Cure $cure) => $cure->parts !== null) as $cure) {
            $this->add((string) $cure->parts, Origin::Shop, $cure->code);
        }
    }

    private function spacers(Shortage $shortage, Drawer $drawer): void
    {
        $stack = array_map(fn (?Spacers $spacers) => $spacers->pieces ?? [], $shortage->stack->spacers);
        $bought = [];
        foreach ($shortage->counted() as [$purchase, $count]) {
            $this->spacer($purchase->mm(), $purchase->place->value, $count, Origin::Shop);
            for ($i = 0; $i < $count; $i++) {
                $bought[$purchase->place->value][] = $purchase->mm();
            }
        }
        $has = array_map(fn (string $place, array $pieces) => self::less($pieces, $bought[$place] ?? []), array_keys($stack), $stack);
        $has = array_combine(array_keys($stack), $has);
        $fromDrawer = $this->box->rest($has);
        foreach ($has as $place => $pieces) {
            $this->counted($place, self::less($pieces, $fromDrawer[$place] ?? []), Origin::Box);
            $this->fromDrawer($place, $fromDrawer[$place] ?? [], $drawer);
        }
    }

    /**
     * What a hand put in may be a thickness the drawer does not know: that one has to be made.
     *
     * @param  list<float>  $pieces
     */
    private function fromDrawer(string $place, array $pieces, Drawer $drawer): void
    {
        $stock = $drawer->stock(Place::from($place)->use());
        $lies = fn (float $mm): bool => ($stock[(int) round($mm * 100)] ?? 0) > 0;
        $this->counted($place, array_values(array_filter($pieces, $lies)), Origin::Drawer);
        $this->counted($place, array_values(array_filter($pieces, fn (float $mm) => ! $lies($mm))), Origin::Shop);
    }

    /** @param  list<float>  $pieces */
    private function counted(string $place, array $pieces, Origin $origin): void
    {
        foreach (array_count_values(array_map(strval(...), $pieces)) as $mm => $count) {
            $this->spacer((float) $mm, $place, $count, $origin);
        }
    }

    private function spacer(float $mm, string $place, int $count, Origin $origin): void
    {
        $this->needs[] = new Need(
            sprintf('Spacer %.2f mm, %s', $mm, lcfirst(Place::from($place)->label())), $count, $origin,
            $this->waiting(...self::TAKEN_AT[$place]), isSpacer: true,
        );
    }

    private function mount(Worksheet $sheet, Circumstances $circumstances): void
    {
        $bolts = $this->box->has(PieceKind::Bolt) ? Origin::Box : Origin::Shop;
        foreach ($sheet->recipe->steps($sheet->stack, $circumstances)?->parts() ?? [] as $step => $what) {
            $this->add($what, $step === 'bolts-hand' ? $bolts : Origin::Shop, $step);
        }
        if ($circumstances->fastening->rest?->part !== null) {
            $this->add($circumstances->fastening->rest->part, Origin::Shop, 'rest-on');
        }
    }

    private function drive(Worksheet $sheet, Circumstances $circumstances): void
    {
        $this->add(
            "Ring {$sheet->job->kit->ring->label()} with its bolts", $this->box->has(PieceKind::Ring) ? Origin::Box : Origin::Shop, 'ring',
        );
        $this->add(
            'Cranks, left and right', $this->box->has(PieceKind::Crank) ? Origin::Box : Origin::Shop, 'crank-right-seat', 'bolt-by-hand',
        );
        if ($this->build->step('chain-over') === null && $this->build->step('bikes-chain') === null) {
            $this->chain($sheet->chain, $circumstances->found);
        }
        foreach ($circumstances->found->mending as $subject => $remedy) {
            $part = $remedy === Remedy::Replace ? Subject::from($subject)->part() : null;
            $part === null ?: $this->add($part, Origin::Shop, "mend-{$subject}");
        }
    }

    /** A new one only where wear, its count or a finding asks for it; else what the old one takes to be as long as it has to be. */
    private function chain(Chain $chain, Found $found): void
    {
        $narrow = $found->fitted->hasNarrowChain();
        if (! $found->fitsOldChain($chain)) {
            $this->add("Chain, {$chain->links} links".($narrow ? ', with a new joining link' : ''), Origin::Shop, 'chain');

            return;
        }
        $more = max(0, $chain->changeFromOld ?? 0);
        $more === 0 ?: $this->add("{$more} links of the same chain", Origin::Shop, 'chain');
        $narrow && $this->add('Joining link for the chain', Origin::Shop, 'chain', count: $more === 0 ? 1 : 2);
    }

    private function leads(Circumstances $circumstances): void
    {
        foreach ($circumstances->wiring->routes as $i => $route) {
            $run = $route->run;
            $plug = $run->kind->hasPlug() ? PlugName::of($run->connector).', ' : '';
            $for = "{$plug}for the {$run->name}";
            $at = $this->build->firstOf($i)->code ?? '';
            match ($route->verdict) {
                RouteVerdict::NeedsExtension => $this->add(self::joined($route, $for), Origin::Drawer, $at),
                RouteVerdict::TooShort => $this->add(
                    self::leadOf(($route->needed ?? 0.0) - $run->supply, $for), Origin::Shop, $at, isCountedIn: true,
                ),
                RouteVerdict::Reaches, RouteVerdict::NoRoute => null,
            };
            $copper = Loss::on($route, $circumstances->wiring->volts)?->thicker();
            if ($copper !== null) {
                $thicker = "Thicker {$run->name}: {$copper} or more instead of {$run->areaMm2} mm², by its maker fit for {$run->currentA} A";
                $this->add($thicker, Origin::Shop, $at);
            }
        }
        $this->add(
            'Speed sensor with its magnet', $this->box->has(PieceKind::Sensor) ? Origin::Box : Origin::Shop, 'speed-sensor', 'chain',
        );
        $this->add('Display', $this->box->has(PieceKind::Display) ? Origin::Box : Origin::Shop, 'display');
        $ties = max(
            1, (int) ceil(array_sum(array_map(fn ($route) => ($route->needed ?? 0.0) / Leg::TIE_EVERY, $circumstances->wiring->routes))),
        );
        $circumstances->wiring->routes === [] ?: $this->add(
            'Ties', Origin::Drawer, 'dress-'.array_key_first($circumstances->wiring->routes), count: $ties,
        );
    }

    /** One piece is better than several joined, where one can be had. */
    private static function joined(RunRoute $route, string $for): string
    {
        $leads = $route->extensions ?? [];
        $whole = count($leads) < 2 ? '' : sprintf(
            '; better one piece of %d to %d mm', ceil(($route->needed ?? 0.0) - $route->run->supply), array_sum($leads),
        );

        return 'Lead '.implode(' + ', $leads)." mm, {$for}{$whole}";
    }

    private static function leadOf(float $mm, string $for): string
    {
        return sprintf('Lead of %d mm or more, %s', ceil($mm), $for);
    }

    private function add(string $what, Origin $origin, string $step, string $orStep = '', int $count = 1, bool $isCountedIn = false): void
    {
        $this->needs[] = new Need($what, $count, $origin, $this->waiting($step, $orStep), $isCountedIn);
    }

    private function waiting(string $step, string $orStep = ''): ?BuildStep
    {
        return $this->build->step($step) ?? $this->build->step($orStep);
    }

    /**
     * @param  list<float>  $pieces
     * @param  list<float>  $without
     * @return list<float>
     */
    private static function less(array $pieces, array $without): array
    {
        foreach ($without as $piece) {
            $at = array_search($piece, $pieces, false);
            if ($at !== false) {
                unset($pieces[$at]);
            }
        }

        return count($pieces) === 0 ? [] : array_values($pieces);
    }
}
