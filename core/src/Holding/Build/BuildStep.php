<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Holding\Build;

use NeatSpindle\Core\Ground\House\SheetLine;
use NeatSpindle\Core\Ground\Measure\TorqueUnit;
use NeatSpindle\Core\Ground\Prose\Wording;
use NeatSpindle\Core\Ground\Turn\Posture;
use NeatSpindle\Core\Ground\Turn\Turn;
use NeatSpindle\Core\Measuring\Survey\Spot;
use NeatSpindle\Core\Parts\Fastening\Band;
use NeatSpindle\Core\Parts\Fastening\Bands;
use NeatSpindle\Core\Parts\Fastening\Fastener;

/** One step of the build, with what it asks for and what it leaves out of reach. */
final readonly class BuildStep
{
    public const DRY = 'Dry';

    public const GAP = 'Before the gap closes';

    public const BODY = 'The body';

    public const TORQUE = 'Torque';

    public const DRIVE = 'Drive';

    public const ROUTES = 'Routes';

    public const BACK = 'Back on';

    /**
     * @param  ?Fastener  $fastener what is tightened to a figure; null when nothing is
     * @param  ?Band  $band what its maker wants; null while nobody has said
     * @param  ?string  $closesOff what can no longer be reached once this is done
     * @param  list<string>  $after codes of the steps that must be done before
     * @param  ?Hold  $held what outside the sheet stands against it
     * @param  ?string  $house what the house adds to it
     * @param  ?string  $stands how the bike stands for it
     * @param  list<int>  $runs numbers of the runs it lays or joins
     * @param  list<Spot>  $voids what no longer counts of the survey once it is done
     * @param  array<string, string>  $takes which parts and pieces it takes, in words, by what they are
     * @param  Posture  $posture which way up it stands or hangs then: how its picture turns
     */
    public function __construct(
        public string $code,
        public string $chapter,
        public string $title,
        public string $how,
        public ?string $tool = null,
        public ?Turn $turn = null,
        public ?Fastener $fastener = null,
        public ?Band $band = null,
        public ?Compound $compound = null,
        public ?string $look = null,
        public ?string $closesOff = null,
        public ?string $caution = null,
        public array $after = [],
        public ?Hold $held = null,
        public ?string $house = null,
        public ?string $stands = null,
        public array $runs = [],
        public array $takes = [],
        public array $voids = [],
        public Posture $posture = Posture::Upright,
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
        ?Fastener $fastener = null,
        ?Band $band = null,
        ?Compound $compound = null,
        array $after = [],
    ): self {
        return new self(
            code: $code,
            chapter: $chapter,
            title: $words->text('title'),
            how: $words->text('how'),
            tool: $words->optional('tool'),
            turn: $turn,
            fastener: $fastener,
            band: $band,
            compound: $compound,
            look: $words->optional('look'),
            closesOff: $words->optional('closesOff'),
            caution: $words->optional('caution'),
            after: $after,
        );
    }

    /**
     * The same as it stands on a sheet: with the band that is known for its fastener, what it takes, and as a house goes about it.
     *
     * @param  array<string, string>  $takes parts and pieces in words, by what they are
     * @param  list<string>  $notes what the house adds
     */
    public function onSheet(Bands $bands, array $takes, array $notes, ?string $stands, Posture $posture): self
    {
        return $this->with(
            band: $this->bandIn($bands),
            takes: $takes,
            house: $notes === [] ? null : implode(' ', $notes),
            stands: $stands,
            posture: $posture,
        );
    }

    /** The same with the band that is known for its fastener. */
    public function fastened(Bands $bands): self
    {
        return $this->with(band: $this->bandIn($bands));
    }

    private function bandIn(Bands $bands): ?Band
    {
        return $this->band ?? ($this->fastener === null ? null : $bands->of($this->fastener));
    }

    /**
     * The same, once others are done too.
     *
     * @param  list<string>  $codes
     */
    public function afterToo(array $codes): self
    {
        return $this->with(after: [...$this->after, ...$codes]);
    }

    /**
     * The same, of these runs.
     *
     * @param  list<int>  $runs their numbers
     */
    public function ofRuns(array $runs): self
    {
        return $this->with(runs: $runs);
    }

    /**
     * The same, after which these readings no longer count.
     *
     * @param  list<Spot>  $voids
     */
    public function voiding(array $voids): self
    {
        return $this->with(voids: $voids);
    }

    /** What it asks for: a tick is for this, and for nothing chosen later. */
    public function asked(): Asked
    {
        return Asked::of(
            $this->takes, $this->band === null ? null : [$this->band->torque->low, $this->band->torque->high], $this->compound,
        );
    }

    /** The same, while something outside the sheet stands against it; null: nothing does. */
    public function heldWhile(?string $held, PutRight $at): self
    {
        return $this->with(held: $held === null ? null : new Hold($held, $at));
    }

    /** As it reads, to be held against the same step done another way. */
    public function line(): SheetLine
    {
        return new SheetLine($this->code, $this->title, array_filter([
            'how' => $this->how, 'by the house' => $this->house, 'on it' => $this->compound?->label(), 'the bike stands' => $this->stands,
        ], fn (?string $said) => $said !== null));
    }

    private function with(mixed ...$changed): self
    {
        /** @var array{code: string, chapter: string, title: string, how: string} $all */
        $all = [...get_object_vars($this), ...$changed];

        return new self(...$all);
    }

    /**
     * Whether the hands go on to it from another without putting anything down: the same way up, the same side, the same
     * way round, nothing to be read first and no band to be found.
     */
    public function goesOnFrom(self $before): bool
    {
        $isSameWay = $this->turn === null || $before->turn === null || $this->turn->isLike($before->turn);

        return $isSameWay && $before->fastener === null && $this->chapter === $before->chapter && $this->posture === $before->posture
            && ! $this->isDry() && $this->caution === null && ($this->fastener === null || $this->band !== null);
    }

    /** Whether it can be done before it is known that everything fits, and undone. */
    public function isDry(): bool
    {
        return $this->chapter === self::DRY;
    }

    /**
     * What of the torque is still to be said before it is done; null when nothing is. Too loose is never done: no reason
     * makes it so.
     *
     * @param  ?float  $nm as it was given
     * @param  bool  $isByHand whether it went without a wrench
     * @param  ?string  $reason as it was written down
     * @param  TorqueUnit  $unit in which it is told
     */
    public function lacks(?float $nm, bool $isByHand, ?string $reason, TorqueUnit $unit = TorqueUnit::NewtonMetre): ?string
    {
        $hasReason = $reason !== null && trim($reason) !== '';

        return match (true) {
            $this->fastener === null => null,
            $isByHand && $nm === null => $hasReason ? null : 'Say why it went by hand: the reason stays on record.',
            $this->band === null => "No band is known for the {$this->fastener->label()}: "
                .'type it from the part’s paper first, or say that it went by hand, and why.',
            $nm === null => 'Write down the torque it was really given, or say that it went by hand, and why.',
            $this->isTooLoose($nm) => "{$unit->show($nm)} is below the band of {$unit->figure($this->band->torque->low)} to "
                ."{$unit->show($this->band->torque->high)}. A slip of the finger, another unit, a wrench that clicked early? Bring it to the "
                .'band, and write down what it was given; or say that it fails its check: what rests on it waits then.',
            $this->band->torque->place($nm) === 'above' && ! $hasReason => "That is above the band. {$this->bears($unit)} "
                .'Say why it was given: the reason stays on the hand-over sheet.',
            default => null,
        };
    }

    /** Whether a torque is below what its maker wants. */
    public function isTooLoose(?float $nm): bool
    {
        return $nm !== null && $this->band?->torque->place($nm) === 'below';
    }

    private function bears(TorqueUnit $unit): string
    {
        return $this->band?->limit === null ? 'Nobody has said what the thread itself bears.' : "The thread itself bears {$unit->show($this->band->limit)}.";
    }
}
