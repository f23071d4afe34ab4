<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Mount;

use NeatSpindle\Core\Donor\Bike\Bike;
use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Donor\Bike\ProfilePoint;
use NeatSpindle\Core\Donor\Bike\Scenario;
use NeatSpindle\Core\Parts\Drawer\Filling;
use NeatSpindle\Core\Parts\Drawer\Place;
use NeatSpindle\Core\Sums\Margin\BreakPoints;
use NeatSpindle\Core\Sums\Margin\Fitted;
use NeatSpindle\Core\Sums\Margin\Margin;
use NeatSpindle\Core\Sums\Margin\MarginName;
use NeatSpindle\Core\Sums\Margin\Source;
use NeatSpindle\Core\Sums\Margin\Sum;

use function max;

/**
 * A motor's body against the frame around it: the shell as it counts, the chainstay that case and ring pass, what
 * hangs under the shell. Sleeve and yoke share it. Worksheet contract, *What a stack rests on*. In mm.
 *
 * @phpstan-import-type Figure from Sum
 */
final readonly class BodyInFrame
{
    private const MIN_BORE_CLEARANCE = 0.1;

    private const MAX_CRANK_ASYMMETRY = 8.0;

    public Bike $bike;

    public float $flange;

    /** The shell's width with the insert's two flanges. */
    public float $width;

    /** The width's doubt. */
    public float $doubt;

    /** @var list<ProfilePoint> */
    private array $casePoints;

    private ?ProfilePoint $caseClosest;

    public function __construct(public Site $site, public Entry $entry, public Body $body)
    {
        $this->bike = $site->bike;
        $this->flange = $entry->insert->flange ?? 0.0;
        $this->width = $this->bike->shell->width->value + 2 * $this->flange;
        $this->doubt = $this->bike->shell->width->plusMinus;
        $this->casePoints = $this->bike->chainstay->within($body->caseRadius);
        $this->caseClosest = ProfilePoint::foremost($this->casePoints);
    }

    /** The same with the bike as it might really be; what its shell is known to be stays. */
    public function settled(Scenario $scenario): self
    {
        return new self($this->site->settled($scenario), $this->entry, $this->body);
    }

    /** How far the ring's teeth stand outboard of the motor's shoulder. */
    public function ringStandoff(): float
    {
        return $this->body->ringFace - $this->site->ring->dish;
    }

    /** How far the ring's teeth stand outboard of the bare shell's drive face. */
    public function ringOutboard(Filling $in): float
    {
        return $in->sumAt(Place::Drive) + $this->flange + $this->ringStandoff();
    }

    /** The least drive spacers that carry case and ring past the chainstay, doubt included. */
    public function neededDrive(): float
    {
        $none = Filling::none();

        return max(0.0, $this->caseToChainstay($none)?->shortOfClear() ?? 0.0, $this->ringToChainstay($none)?->shortOfClear() ?? 0.0);
    }

    /** What of the chainstay asks for them; null where nothing does. */
    public function stayAsk(): ?StayAsk
    {
        $none = Filling::none();
        $case = $this->caseToChainstay($none)?->shortOfClear() ?? 0.0;
        $ring = $this->ringToChainstay($none)?->shortOfClear() ?? 0.0;
        $point = $ring > $case ? $this->site->ringClosest : $this->caseClosest;

        $spacers = max($case, $ring);

        return $point === null || $spacers <= 0.0 ? null : new StayAsk($point->radius, $point->outboard->value, $spacers, $ring > $case);
    }

    /** Where along the chainstay's doubt the drive spacers change. */
    public function driveAxis(): DoubtAxis
    {
        $none = Filling::none();
        $lines = [];
        foreach ($this->casePoints as $point) {
            $lines[] = $this->casePast($point, $none)->shortAlong(Doubtful::Chainstay);
        }
        foreach ($this->site->ringPoints as $point) {
            $lines[] = $this->ringPast($point, $none)->shortAlong(Doubtful::Chainstay);
        }

        return new DoubtAxis(Doubtful::Chainstay, Place::Drive, BreakPoints::ofLargest($lines));
    }

    /** @return list<Note> */
    public function notes(bool $isToothedOnCarbon = false): array
    {
        $notes = $this->entry->objection === null ? [] : [$this->entry->objection];
        if ($isToothedOnCarbon) {
            $notes[] = Note::ToothedPlateOnCarbon;
        }
        if (! $this->bike->chainstay->isMeasuredAt($this->body->caseRadius)) {
            $notes[] = Note::CaseNotMeasured;
        }
        if (! $this->site->isRingMeasured) {
            $notes[] = Note::RingNotMeasured;
        }

        return $notes;
    }

    /** From the shoulder over drive spacers and shell to the shell's left side. */
    public function leftOfTheShell(Filling $in): Sum
    {
        return new Sum([Fitted::in(Place::Drive, $in), ...$this->shellWidth()]);
    }

    /** @return list<Figure> the shell as it counts: its width, and the flanges of an insert where there is one */
    public function shellWidth(): array
    {
        $width = [Source::ShellWidth, 'Shell’s width', $this->bike->shell->width];

        return $this->entry->insert === null ? [$width] : [$width, [Source::Catalogue, 'Insert’s two flanges', 2 * $this->flange]];
    }

    public function boreClearance(): ?Margin
    {
        $insert = $this->entry->insert;
        $bore = $insert === null ? $this->bike->shell->bore : $insert->bore;

        return $bore === null ? null : new Margin(
            MarginName::BoreClearance,
            new Sum([[Source::Catalogue, 'What passes through it', $this->body->boreFill]]),
            new Sum([$insert === null ? [Source::ShellBore, 'Shell’s bore', $bore] : [Source::Catalogue, 'Insert’s bore', $bore]]),
            self::MIN_BORE_CLEARANCE,
        );
    }

    public function caseToChainstay(Filling $in): ?Margin
    {
        return $this->caseClosest === null ? null : $this->casePast($this->caseClosest, $in);
    }

    public function ringToChainstay(Filling $in): ?Margin
    {
        return $this->site->ringClosest === null ? null : $this->ringPast($this->site->ringClosest, $in);
    }

    /**
     * How far the right crank stands further from the frame's centre plane than the left one.
     *
     * @param  float  $right from the shoulder to the right crank
     * @param  Figure  $left the same to the left crank, with its sign
     */
    public function crankAsymmetry(Filling $in, float $right, array $left): Margin
    {
        return Margin::of(MarginName::CrankAsymmetry, new Sum([
            ...$this->shellWidth(),
            Fitted::in(Place::Drive, $in, 2.0),
            [Source::Catalogue, 'Spindle’s right end', $right],
            $left,
            [Source::Rule, 'Twice the shell’s own offset', 2 * $this->bike->shell->offset],
        ]), self::MAX_CRANK_ASYMMETRY);
    }

    public function guideClearance(): ?Margin
    {
        $guide = $this->bike->shell->guideDepth;

        return $guide === null ? null : Margin::guideClearance($this->body->gap, $guide);
    }

    /** The radius at which the chainstay comes nearest to the case; null where it is not measured. */
    public function caseClosestAt(): ?float
    {
        return $this->caseClosest?->radius;
    }

    /** The same for the ring. */
    public function ringClosestAt(): ?float
    {
        return $this->site->ringClosest?->radius;
    }

    private function casePast(ProfilePoint $point, Filling $in): Margin
    {
        return new Margin(MarginName::CaseToChainstay, self::stay($point), new Sum([
            ...$this->toTheShoulder($in),
            [Source::Catalogue, 'Case, from the shoulder', $this->body->caseStandoff],
        ]), $this->bike->minClearance);
    }

    private function ringPast(ProfilePoint $point, Filling $in): Margin
    {
        return new Margin(MarginName::RingToChainstay, self::stay($point), new Sum([
            ...$this->toTheShoulder($in),
            [Source::Catalogue, 'Ring’s face, from the shoulder', $this->body->ringFace],
            [Source::Catalogue, 'Ring’s dish', -$this->site->ring->dish],
            [Source::Catalogue, 'Half of ring or chain, the wider', -$this->site->half],
        ]), $this->bike->minClearance);
    }

    /** @return list<Figure> from the shell's drive face out to the motor's shoulder */
    private function toTheShoulder(Filling $in): array
    {
        $spacers = Fitted::in(Place::Drive, $in);

        return $this->entry->insert === null ? [$spacers] : [$spacers, [Source::Catalogue, 'Insert’s flange', $this->flange]];
    }

    private static function stay(ProfilePoint $point): Sum
    {
        return new Sum([[Source::Chainstay, 'Chainstay’s outer side, at radius', $point->outboard, $point->radius]]);
    }
}
