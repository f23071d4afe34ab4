<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Ground\Measure\Tolerance;
use NeatSpindle\Core\Sums\Margin\Verdict;

use function in_array;

/** A battery tried at a place of one bike: each thing that decides whether it may sit there, and what all of it comes to. */
final readonly class PackTrial
{
    /** What a pack's papers say, or leave out. */
    private const BY_ITS_PAPERS = ['voltage', 'current'];

    /** @param  list<Finding>  $findings in the order they are dealt with */
    private function __construct(
        public PackPapers $pack,
        public PackSetting $setting,
        public array $findings,
        public ?PackFit $fit,
    ) {}

    /**
     * @param  ?Room  $room null while the triangle is not measured
     * @param  ?VoltageRange  $motorVolts what the motor runs on; null where nobody has said
     * @param  ?float  $motorAmps the most it draws; null where nobody has said
     */
    public static function of(
        PackPapers $pack, PackSetting $setting, FrameMaterial $material, ?Room $room, ?VoltageRange $motorVolts, ?float $motorAmps,
    ): self {
        $fit = $setting->site->isMeasuredByTubes() && $room !== null ? PackFit::of($room->triangle(), $pack->box()) : null;

        return new self($pack, $setting, array_values(array_filter([
            self::voltage($pack, $motorVolts),
            $setting->site->isMeasuredByTubes() ? self::inTheTubes($pack, $room, $fit) : self::onTheFloor($pack, $setting),
            self::placed($pack, $setting, $room, $fit),
            $setting->site === PackSite::Triangle ? self::comesOut($pack, $room, $fit) : null,
            self::load($pack, $setting),
            self::held($setting, $material),
            self::current($pack, $motorAmps),
            ...array_map(fn (SiteCheck $check) => self::seen($check, $setting), $setting->site->checks()),
        ])), $fit);
    }

    /** The worst of all; null while it does not fail and something of it is not known. */
    public function verdict(): ?Verdict
    {
        $verdicts = array_map(fn (Finding $finding) => $finding->verdict, $this->findings);
        $known = array_filter($verdicts);
        $worst = Verdict::worst(...array_values($known));

        return $worst !== Verdict::Fails && $known !== $verdicts ? null : $worst;
    }

    /** @return list<Finding> */
    public function failing(): array
    {
        return array_values(array_filter($this->findings, fn (Finding $finding) => $finding->verdict === Verdict::Fails));
    }

    /** @return list<Finding> what nobody knows yet */
    public function open(): array
    {
        return array_values(array_filter($this->findings, fn (Finding $finding) => $finding->verdict === null));
    }

    /** @return list<Finding> what nobody has measured, chosen or looked at yet; what its papers leave out nobody at the bench can say */
    public function asked(): array
    {
        return array_values(array_filter($this->open(), fn (Finding $finding) => ! in_array($finding->code, self::BY_ITS_PAPERS, true)));
    }

    /** What has to be said before anything holds it, in words; null when all is. */
    public function stillAsked(): ?string
    {
        $labels = array_map(fn (Finding $finding) => lcfirst($finding->label), $this->asked());

        return $labels === [] ? null : 'Of the battery in its place nobody has said yet: '.implode('; ', $labels).'.';
    }

    public function finding(string $code): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->code === $code) {
                return $finding;
            }
        }

        return null;
    }

    /** What the job stops for: a pack of another voltage is not joined to the motor. Null when it may be, or nobody knows. */
    public function stop(): ?string
    {
        $voltage = $this->finding('voltage');

        return $voltage?->verdict === Verdict::Fails ? $voltage->says : null;
    }

    /** How much longer its room is than it, in mm; negative where it lacks, null where that is not measured. */
    public function lengthLeft(): ?float
    {
        return match (true) {
            $this->fit !== null => $this->fit->room === null ? null : $this->fit->room - $this->pack->length,
            $this->setting->site->isMeasuredByTubes(), $this->setting->floor->length === null => null,
            default => $this->setting->floor->length - $this->pack->length,
        };
    }

    /** From the base's front end to where it starts; null where it does not lie in a triangle or does not go. */
    public function at(): ?float
    {
        return $this->fit === null || $this->fit->misfit !== null ? null : $this->setting->at ?? $this->fit->start;
    }

    /** From where to where its front end may lie; null where it does not lie in a triangle or does not go. */
    public function range(): ?PackRange
    {
        return $this->fit?->range($this->pack->box());
    }

    private static function voltage(PackPapers $pack, ?VoltageRange $volts): Finding
    {
        return match (true) {
            $volts === null => new Finding('voltage', 'Voltage', null, 'No motor is chosen, or its papers name no voltage.'),
            $volts->has($pack->volts) => new Finding('voltage', 'Voltage', Verdict::Clear, "{$pack->volts} V, as the motor"),
            default => new Finding(
                'voltage', 'Voltage', Verdict::Fails, "{$pack->name} gives {$pack->volts} V, the motor runs on {$volts->words()}: it is never joined.",
            ),
        };
    }

    private static function inTheTubes(PackPapers $pack, ?Room $room, ?PackFit $fit): Finding
    {
        return match (true) {
            $room === null || $fit === null => new Finding('room', 'Room', null, 'The three sides inside the tubes are not measured.'),
            $fit->misfit === null => $room->surelyTakes($pack->box())
                ? new Finding('room', 'Room', Verdict::Clear, 'It goes in')
                : new Finding('room', 'Room', Verdict::Tight, 'It goes in as measured; within the doubt of the three sides it may not.'),
            default => new Finding('room', 'Room', Verdict::Fails, match ($fit->misfit) {
                Misfit::NotATriangle => 'The three sides enclose nothing: measure them again.',
                Misfit::TooTall => sprintf(
                    'Too tall: it wants %d mm with its gaps, the triangle is %d mm high.', ceil($pack->box()->standing()), floor($room->triangle()->height()),
                ),
                Misfit::TooLong => sprintf('Too long by %d mm at the height it needs.', ceil($pack->length - ($fit->room ?? 0.0))),
            }),
        };
    }

    private static function onTheFloor(PackPapers $pack, PackSetting $setting): Finding
    {
        $floor = $setting->floor;
        $lacks = array_filter([
            'long' => $floor->length === null ? 0.0 : $pack->length - $floor->length,
            'wide' => $floor->width === null ? 0.0 : $pack->width - $floor->width,
        ], fn (float $mm) => $mm > Tolerance::EPSILON);

        return match (true) {
            $lacks !== [] => new Finding('room', 'Room', Verdict::Fails, implode(', ', array_map(
                fn (string $way, float $mm) => sprintf('too %s by %d mm', $way, ceil($mm)), array_keys($lacks), $lacks,
            ))." for {$setting->site->floor()}."),
            $floor->length === null => new Finding('room', 'Room', null, "Measure {$setting->site->floor()}."),
            default => new Finding('room', 'Room', Verdict::Clear, "It goes on {$setting->site->floor()}"),
        };
    }

    private static function placed(PackPapers $pack, PackSetting $setting, ?Room $room, ?PackFit $fit): ?Finding
    {
        if ($room === null || $fit === null || $fit->misfit !== null || $setting->at === null) {
            return null;
        }
        $range = $fit->range($pack->box());

        return $range === null || $range->has($setting->at) ? null : new Finding('placed', 'Where it lies', Verdict::Fails, sprintf(
            'At %d mm it meets a tube, or comes nearer than its gap of %d mm: from %d to %d mm it is clear.',
            round($setting->at), $pack->gap, ceil($range->from), floor($range->to),
        ));
    }

    /** It has to come out, not only to lie there. */
    private static function comesOut(PackPapers $pack, ?Room $room, ?PackFit $fit): ?Finding
    {
        return match (true) {
            $room === null || $fit?->misfit !== null => null,
            $pack->lift === null && $pack->slide === null => new Finding(
                'out', 'Comes out', null, 'Its papers do not say how it leaves its rail: try it, and type it into the catalogue.',
            ),
            self::hasWayOut($pack, $room->triangle()) => new Finding(
                'out', 'Comes out', Verdict::Clear, self::way($pack).': there is room',
            ),
            default => new Finding('out', 'Comes out', Verdict::Fails, self::way($pack).' to come off its rail: the tubes leave no room for that.'),
        };
    }

    private static function hasWayOut(PackPapers $pack, Triangle $triangle): bool
    {
        return array_filter($pack->comingOut(), fn (Pack $moved) => PackFit::of($triangle, $moved)->misfit !== null) === [];
    }

    private static function way(PackPapers $pack): string
    {
        $ways = array_filter(['slid forward' => $pack->slide ?? 0.0, 'lifted' => $pack->lift ?? 0.0]);

        return $ways === [] ? 'Straight up' : 'It is '.implode(
            ' and ', array_map(fn (string $way, float $mm) => "{$way} {$mm} mm", array_keys($ways), $ways),
        );
    }

    private static function load(PackPapers $pack, PackSetting $setting): ?Finding
    {
        $load = $setting->floor->load;

        return match (true) {
            $setting->site !== PackSite::Rack => null,
            $load === null => new Finding('load', 'Load', null, 'What the rack may carry, by its maker’s mark on it.'),
            Tolerance::above($pack->mass, $load) => new Finding(
                'load', 'Load', Verdict::Fails, "The battery weighs {$pack->mass} kg, the rack carries {$load} kg.",
            ),
            default => new Finding('load', 'Load', Verdict::Clear, sprintf('%s kg left for luggage', round($load - $pack->mass, 1))),
        };
    }

    private static function held(PackSetting $setting, FrameMaterial $material): Finding
    {
        $objection = $setting->fixing?->objection($material);

        return match (true) {
            $setting->fixing === null => new Finding('fixing', 'Held by', null, 'Nobody has chosen what holds it.'),
            $objection !== null => new Finding('fixing', 'Held by', Verdict::Fails, $objection),
            default => new Finding('fixing', 'Held by', Verdict::Clear, $setting->fixing->label()),
        };
    }

    private static function current(PackPapers $pack, ?float $amps): Finding
    {
        $weak = $amps === null ? [] : array_filter(
            ['it gives' => $pack->mostAmps, 'its fuse lets through' => $pack->fuseAmps, 'its plug is made for' => $pack->connectorAmps],
            fn (?float $of) => $of !== null && Tolerance::below($of, $amps),
        );

        return match (true) {
            $amps === null => new Finding('current', 'Current', null, 'No motor is chosen, or its papers do not say what it draws.'),
            $weak !== [] => new Finding('current', 'Current', Verdict::Fails, "The motor draws {$amps} A, ".implode(', ', array_map(
                fn (string $what, ?float $of) => "{$what} {$of} A", array_keys($weak), $weak,
            )).'.'),
            $pack->fuseAmps === null || $pack->connectorAmps === null => new Finding(
                'current', 'Current', null, 'Its papers do not say what fuse and plug are made for.',
            ),
            default => new Finding('current', 'Current', Verdict::Clear, "Fuse {$pack->fuseAmps} A, plug {$pack->connectorAmps} A, for {$amps} A"),
        };
    }

    private static function seen(SiteCheck $check, PackSetting $setting): Finding
    {
        return new Finding($check->value, $check->asks(), match ($setting->seen[$check->value] ?? null) {
            null => null,
            true => Verdict::Clear,
            false => Verdict::Fails,
        }, match ($setting->seen[$check->value] ?? null) {
            null => 'not tried yet',
            true => 'seen',
            false => 'it does not',
        });
    }
}
