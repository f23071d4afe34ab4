<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Frame;

use NeatSpindle\Core\Ground\Turn\Side;
use NeatSpindle\Core\Measuring\Survey\Region;
use NeatSpindle\Core\Measuring\Survey\Spot;

use function count;
use function in_array;

/** The close-ups of a bike's regions, made from what is measured; what is not is drawn as it usually is. In mm. */
final readonly class CloseViews
{
    private const AROUND_THE_CRANK = 175.0;

    private const SHELL_WALL = 3.5;

    /** @var array<string, float> what is drawn while it is not measured */
    private const USUAL = [
        'shell_width' => 73.0, 'shell_bore' => 33.7, 'cup_flange' => 2.2, 'guide_depth' => 3.5, 'stay_45' => -5.0, 'stay_64' => 1.0, 'stay_80' => 3.0,
        'stay_112' => 8.0, 'over_locknuts' => 135.0, 'cog_inset' => 5.5, 'cog_pitch' => 4.3, 'bar_to_head' => 250.0,
    ];

    private const USUAL_COGS = [11, 13, 15, 17, 20, 23, 26, 30, 34];

    /**
     * @param  array<string, float>  $measured by the spot's code
     * @param  ?list<int>  $cogs teeth; null while nobody has said
     * @param  bool  $hasStay whether a chainstay stands beside the ring
     * @param  list<Side>  $cups the sides on which a cup is still in the shell
     */
    public function __construct(
        private BikeShape $shape, private array $measured, private ?array $cogs, private bool $hasStay = true,
        private array $cups = [Side::Drive, Side::NonDrive],
    ) {}

    public function of(Region $region): CloseView
    {
        return match ($region) {
            Region::ShellSide => $this->onTheBike(self::AROUND_THE_CRANK),
            Region::ShellAxis => $this->shellAxis(),
            Region::Stay => $this->hasStay ? $this->stay() : $this->onTheBike(null),
            Region::RearEnd => $this->rearEnd(),
            Region::Wheels, Region::Tubes => $this->onTheBike(null),
            Region::Cockpit => $this->cockpit(),
            Region::Plates, Region::FirstChain => $this->plates(),
        };
    }

    /** Where a region's mark stands on the whole bike. */
    public function mark(Region $region): Point
    {
        $rear = $this->shape->rearWheel()->axle;

        return match ($region) {
            Region::ShellSide => $this->shape->crank->plus(-6.0, 22.0),
            Region::ShellAxis => $this->shape->crank->plus(0.0, -14.0),
            Region::Stay => $this->shape->crank->towards($rear, 0.4),
            Region::RearEnd => $rear,
            Region::Wheels => $this->shape->spot(Spot::BrakeFront),
            Region::Tubes => $this->shape->spot(Spot::DownTube),
            Region::Cockpit => $this->shape->bar,
            Region::Plates => $this->shape->crank->plus(40.0, -12.0),
            Region::FirstChain => $this->shape->crank->plus(30.0, -40.0),
        };
    }

    /** @param  ?float  $around how far from the crank; null for the whole bike */
    private function onTheBike(?float $around): CloseView
    {
        $points = [];
        foreach (Spot::cases() as $spot) {
            $points[$spot->value] = $this->shape->spot($spot);
        }
        $crank = $this->shape->crank;

        return new CloseView([], $points, $around === null ? $this->shape->extent() : [
            'left' => $crank->x - $around, 'right' => $crank->x + $around, 'bottom' => $crank->y - $around * 0.55, 'top' => $crank->y + $around * 0.6,
        ]);
    }

    private function shellAxis(): CloseView
    {
        $half = $this->length(Spot::ShellWidth) / 2;
        $bore = $this->length(Spot::ShellBore) / 2;
        $flange = $this->length(Spot::CupFlange);
        $outer = $bore + self::SHELL_WALL;
        $under = -$outer - max(2.0, $this->length(Spot::GuideDepth));
        $cup = fn (float $face, float $out): array => [
            Outline::box('cup', $face - $out * 15.0, $bore - 4.0, $face, $bore), Outline::box(
                'cup', $face - $out * 15.0, -$bore, $face, 4.0 - $bore,
            ),
            Outline::box('cup', $face, -$outer - 1.0, $face + $out * $flange, $outer + 1.0),
        ];

        return new CloseView([
            Outline::box('tube', -7.0, $outer, 7.0, $outer + 16.0),
            Outline::box('frame', -$half, $bore, $half, $outer), Outline::box('frame', -$half, -$outer, $half, -$bore),
            ...($this->cups === [] ? [] : [Outline::box('spindle', -$half - 20.0, -7.0, $half + 20.0, 7.0)]),
            ...(in_array(Side::Drive, $this->cups, true) ? $cup($half, 1.0) : []), ...(in_array(Side::NonDrive, $this->cups, true) ? $cup(-$half, -1.0) : []),
            Outline::box('guide', -13.0, $under, 13.0, -$outer),
            Outline::line('axis', new Point(-$half - 28.0, 0.0), new Point($half + 28.0, 0.0)),
        ], [
            'guide_depth' => new Point(7.0, $under), 'guide_remedy' => new Point(-9.0, $under),
            'cups_width' => new Point(-$half - $flange, $outer - 4.0), 'cup_flange' => new Point($half + $flange / 2, $outer + 1.0),
            'shell_width' => new Point($half * 0.55, $outer), 'shell_bore' => new Point(-$half * 0.2, $bore - 1.0),
            'shell_threaded' => new Point(-$half + 17.0, -$bore + 1.0), 'thread_pitch' => new Point($half - 18.0, -$bore + 1.0),
            'drive_cup_loosens' => new Point($half + $flange, -$outer + 5.0),
        ], ['left' => -$half - 30.0, 'right' => $half + 30.0, 'bottom' => $under - 6.0, 'top' => $outer + 14.0]);
    }

    private function stay(): CloseView
    {
        $points = [];
        $edge = [new Point(14.0, min(-9.0, $this->length(Spot::Stay45) - 3.0))];
        foreach ([Spot::Stay45, Spot::Stay64, Spot::Stay80, Spot::Stay112] as $spot) {
            $edge[] = $points[$spot->value] = new Point((float) $spot->stayRadius(), $this->length($spot));
        }
        $last = $points['stay_112'];
        $edge[] = $last->plus(68.0, 3.0);
        $thick = array_map(fn (Point $point) => $point->plus(0.0, -13.0), array_reverse($edge));
        $heights = array_map(fn (Point $point) => $point->y, $edge);

        return new CloseView([
            Outline::box('frame', -19.0, -46.0, 19.0, 0.0),
            Outline::shape('tube', ...$edge, ...$thick),
            Outline::line('straightedge', new Point(-24.0, 0.0), new Point(184.0, 0.0)),
            Outline::line('axis', new Point(0.0, -50.0), new Point(0.0, 26.0)),
        ], $points + ['stay_look' => new Point(96.0, $points['stay_80']->y - 6.0), 'chainstay_length' => $last->plus(52.0, -4.0), 'sensor_gap' => $last->plus(24.0, 4.0)], [
            'left' => -28.0, 'right' => 188.0, 'bottom' => min(-50.0, min($heights) - 16.0), 'top' => max(26.0, max($heights) + 8.0),
        ]);
    }

    private function rearEnd(): CloseView
    {
        $half = $this->length(Spot::OverLocknuts) / 2;
        $inset = $this->length(Spot::CogInset);
        $cogs = $this->cogs ?? self::USUAL_COGS;
        $outlines = [
            Outline::box('tube', $half, -58.0, $half + 6.0, 46.0), Outline::box('tube', -$half - 6.0, -58.0, -$half, 46.0),
            Outline::box('spindle', -$half - 10.0, -5.0, $half + 10.0, 5.0), Outline::box(
                'hub', -$half + 22.0, -17.0, $half - $inset - 4.0, 17.0,
            ),
            Outline::box('tyre', -22.0, 76.0, 22.0, 96.0), Outline::line('axis', new Point(0.0, -74.0), new Point(0.0, 96.0)),
        ];
        foreach ($cogs as $i => $teeth) {
            $x = $half - $inset - $i * $this->length(Spot::CogPitch);
            $outlines[] = Outline::box('cog', $x - 1.7, -$teeth * 1.35, $x, $teeth * 1.35);
        }
        foreach (range(0, 5) as $i) {
            $outlines[] = Outline::box('link', -46.0 + $i * 16.0, -82.0, -34.0 + $i * 16.0, -75.0);
        }
        $innermost = $half - $inset - (count($cogs) - 1) * $this->length(Spot::CogPitch);

        return new CloseView($outlines, [
            'over_locknuts' => new Point(-$half, 30.0), 'cog_inset' => new Point($half - $inset / 2, -12.0),
            'cogs' => new Point($innermost - 0.8, $cogs[count($cogs) - 1] * 1.35),
            'cog_pitch' => new Point($half - $inset - 1.0, $cogs[0] * 1.35), 'hub_ratios' => new Point(-$half + 40.0, -17.0),
            'wheel' => new Point(0.0, 96.0), 'chain_path' => new Point(-40.0, -82.0), 'old_chain_links' => new Point(-8.0, -82.0), 'chain_twelve' => new Point(40.0, -82.0),
        ], ['left' => -$half - 24.0, 'right' => $half + 24.0, 'bottom' => -88.0, 'top' => 100.0]);
    }

    private function cockpit(): CloseView
    {
        $reach = min(160.0, max(70.0, $this->length(Spot::BarToHead) * 0.45));

        return new CloseView([
            Outline::shape('tube', new Point(-300.0, 26.0), new Point(-60.0, 0.0), new Point(60.0, 0.0), new Point(300.0, 26.0),
                new Point(298.0, 48.0), new Point(56.0, 22.0), new Point(-56.0, 22.0), new Point(-298.0, 48.0)),
            Outline::box('frame', -17.0, -$reach, 17.0, 2.0),
            Outline::round('hub', new Point(0.0, -$reach), 28.0),
            Outline::box('cup', 40.0, -14.0, 96.0, 34.0),
            Outline::box('grip', -300.0, 22.0, -190.0, 52.0), Outline::box('grip', 190.0, 22.0, 300.0, 52.0),
        ], [
            'bar_to_head' => new Point(0.0, -$reach * 0.45), 'bar_left' => new Point(-180.0, 14.0), 'bar_right' => new Point(180.0, 14.0), 'bar_diameter' => new Point(68.0, 10.0),
        ], ['left' => -320.0, 'right' => 320.0, 'bottom' => -$reach - 60.0, 'top' => 90.0]);
    }

    private function plates(): CloseView
    {
        $motor = new Point(78.0, -64.0);

        return new CloseView([
            Outline::shape('tube', new Point(-26.0, 26.0), new Point(30.0, 26.0), new Point(118.0, -40.0),
                new Point(118.0, -96.0), new Point(44.0, -96.0), new Point(-26.0, -26.0)),
            Outline::round('hub', $motor, 50.0), Outline::round('cog', $motor, 21.0),
            Outline::round('cog', new Point(0.0, 0.0), 70.0), Outline::round('frame', new Point(0.0, 0.0), 22.0), Outline::round('spindle', new Point(0.0, 0.0), 9.0),
            Outline::line('chain', new Point(52.0, 47.0), new Point(93.0, -49.0)), Outline::line(
                'chain', new Point(-22.0, -66.0), new Point(20.0, -78.0), new Point(68.0, -83.0),
            ),
            Outline::round('cog', new Point(22.0, -70.0), 11.0), Outline::line('arm', new Point(22.0, -70.0), new Point(56.0, -40.0)),
        ], [
            'drive_chain' => new Point(72.0, 0.0), 'ring_to_plate' => new Point(-40.0, 57.0), 'pinion_to_face' => new Point(96.0, -74.0), 'crank_gap' => new Point(0.0, 9.0),
            'bearing_feel' => new Point(-9.0, 0.0), 'crank_bolt_turns' => new Point(3.0, -6.0),
            'tensioner_arm' => new Point(40.0, -54.0), 'first_chain_run' => new Point(60.0, 28.0), 'first_chain_play' => new Point(76.0, -9.0),
            'arm_in' => new Point(24.0, -60.0), 'arm_out' => new Point(16.0, -80.0),
        ], ['left' => -100.0, 'right' => 150.0, 'bottom' => -122.0, 'top' => 80.0]);
    }

    private function length(Spot $spot): float
    {
        return $this->measured[$spot->value] ?? self::USUAL[$spot->value] ?? 0.0;
    }
}
