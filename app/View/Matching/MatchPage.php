<?php

declare(strict_types=1);

namespace App\View\Matching;

use App\Assembly\KnownInsert;
use App\Assembly\KnownMotor;
use App\Bench\OpenJob;
use App\Models\Stage;
use App\View\Drawings\SectionView;
use App\View\Job\JobPage;
use App\View\Job\LooksIntoLogbook;
use App\View\Job\Obstacle;
use App\View\Shared\Shopping;
use NeatSpindle\Core\Choosing\Fit\MotorMatch;
use NeatSpindle\Core\Choosing\Fit\Prospect;
use NeatSpindle\Core\Choosing\Fit\Standing;
use NeatSpindle\Core\Donor\Bike\Doubtful;
use NeatSpindle\Core\Ground\Measure\Rounding;
use NeatSpindle\Core\Parts\Part\Ring;
use NeatSpindle\Core\Sums\Section\AxisSection;

use function array_slice;
use function count;
use function in_array;
use function is_array;

/** Every motor of the catalogue against this bike, as a person reads it. */
class MatchPage extends JobPage
{
    use LooksIntoLogbook;

    /** @var list<MotorMatch>|null */
    private ?array $rows = null;

    private ?OpenShell $shell = null;

    private ?MatchStandings $standings = null;

    /** @var array<string, Prospect> */
    private array $prospects = [];

    private ?MatchRings $rings = null;

    private ?MatchAdvice $advice = null;

    public readonly MatchFilter $filter;

    /** @param  array<array-key, mixed>  $asked  filters and motors to compare, from the address */
    public function __construct(OpenJob $opened, private readonly array $asked = [])
    {
        parent::__construct($opened);
        $this->filter = new MatchFilter($asked);
    }

    public function stage(): Stage
    {
        return Stage::Match;
    }

    /** Whether motors can be judged: the bike is measured, and there are motors and a ring to judge. */
    public function canMatch(): bool
    {
        return $this->opened->bike() !== null && $this->opened->catalogue->suffices();
    }

    /** The ring motors are judged with. */
    public function ring(): ?Ring
    {
        return $this->opened->ring();
    }

    /** @return list<MotorMatch> what passes the filters */
    public function rows(): array
    {
        return $this->rows ??= array_values(
            array_filter($this->opened->matches(), fn (MotorMatch $row) => $this->filter->wants($row, $this->motor($row))),
        );
    }

    /** Which ring goes with which motor. */
    public function rings(): MatchRings
    {
        return $this->rings ??= new MatchRings($this->opened, array_merge(...array_map($this->standings()->shown(...), Standing::cases())));
    }

    /** Why a motor does not go, and what would help. */
    public function advice(): MatchAdvice
    {
        return $this->advice ??= new MatchAdvice($this->opened, $this->unit);
    }

    /** What the shell may be, and what goes in which. */
    public function shell(): OpenShell
    {
        return $this->shell ??= new OpenShell($this->opened);
    }

    public function mayTurn(MotorMatch $row): bool
    {
        return $this->prospect($row)->mayTurn || $this->shell()->goesIf($row) !== null;
    }

    private function standingOf(MotorMatch $row): Standing
    {
        $standing = $this->prospect($row)->standing;

        return $standing === Standing::DoesNot && $this->shell()->goesIf($row) !== null ? Standing::Nearly : $standing;
    }

    /** Which motors go, nearly go, and do not. */
    public function standings(): MatchStandings
    {
        return $this->standings ??= new MatchStandings($this->rows(), $this->standingOf(...), $this->filter);
    }

    public function prospect(MotorMatch $row): Prospect
    {
        return $this->prospects[$row->motor->code] ??= Prospect::of($row, $this->opened->catalogue->core()->drawer);
    }

    /** @return list<string> the voltages motors of the catalogue say they run on */
    public function voltages(): array
    {
        $voltages = array_unique(
            array_filter(array_map(fn (KnownMotor $motor) => $motor->voltage, $this->opened->catalogue->parts->motors)),
        );
        sort($voltages);

        return $voltages;
    }

    /** Where parts do not suffice, a sleeve can be made for this shell. */
    public function mayTakeAMadeSleeve(MotorMatch $row): bool
    {
        return $row->stack !== null && $row->recipe?->madeSleeve($row->stack) !== null && $this->prospect($row)->standing !== Standing::Goes;
    }

    /** What stands in the way, in millimetres and words; null when nothing does. */
    public function obstacle(MotorMatch $row): ?string
    {
        return match (true) {
            $row->stack !== null => Obstacle::of($row->stack, $this->unit),
            $this->opened->identification()?->identified === null => $this->shell()->goesIf($row) ?? $this->shell()->obstacle($row, $this->unit),
            default => 'This shell needs an insert the catalogue does not have.',
        };
    }

    /** What to get to make it go; null when buying does not help or is not needed. */
    public function toBuy(MotorMatch $row): ?string
    {
        $shortage = $this->prospect($row)->shortage;

        return $shortage === null ? null : Shopping::words($shortage, $this->unit);
    }

    /** Which readings decide, where the answer may still turn. */
    public function settledBy(MotorMatch $row): string
    {
        $readings = array_map(fn (Doubtful $reading) => $reading->label(), $this->prospect($row)->settledBy());

        return $readings === [] ? 'several readings together' : implode(' or ', $readings);
    }

    public function offset(MotorMatch $row): ?string
    {
        return $row->weightedOffset === null ? null : $this->unit->show(Rounding::halfAway($row->weightedOffset));
    }

    public function motor(MotorMatch $row): KnownMotor
    {
        return $this->opened->catalogue->parts->motorCalled($row->motor->code) ?? abort(404);
    }

    /** @return list<KnownMotor> motors whose stack needs measures of their own, which the list cannot judge */
    public function twinPlates(): array
    {
        return array_values(
            array_filter($this->opened->catalogue->parts->motors, fn (KnownMotor $motor) => $motor->mount()->measuresKey() !== null),
        );
    }

    /** The number of the insert's row; null where none is needed. */
    public function insertId(MotorMatch $row): ?int
    {
        return array_key_first(
            array_filter($this->opened->catalogue->parts->inserts, fn (KnownInsert $insert) => $insert->part->code === $row->insert?->code),
        );
    }

    public function isChosen(KnownMotor $motor): bool
    {
        return $motor->id === $this->job->kit?->motor_id;
    }

    public function isCompared(MotorMatch $row): bool
    {
        return is_array($this->asked['compare'] ?? null) && in_array($row->motor->code, $this->asked['compare'], true);
    }

    /** @return list<MotorMatch> two to set side by side; none unless two were asked for */
    public function compared(): array
    {
        $compared = array_values(array_filter($this->rows(), $this->isCompared(...)));

        return count($compared) >= 2 ? array_slice($compared, 0, 2) : [];
    }

    public function sectionOf(MotorMatch $row): ?SectionView
    {
        $layout = $row->stack === null ? null : $row->recipe?->layout($row->stack);
        $section = $layout === null ? null : AxisSection::of($layout, $row->stack->filling, $this->ring()?->radius() ?? 0.0);

        return $section === null ? null : new SectionView($section, $this->unit, isReversed: $this->isReversed());
    }
}
