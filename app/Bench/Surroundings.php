<?php

declare(strict_types=1);

namespace App\Bench;

use App\Assembly\BracingChoice;
use App\Models\Obstacle;
use NeatSpindle\Core\Holding\Around\BodyRoom;
use NeatSpindle\Core\Holding\Build\Cure;
use NeatSpindle\Core\Holding\Build\Gate;
use NeatSpindle\Core\Holding\Reaction\BodyPosition;
use NeatSpindle\Core\Holding\Reaction\GapContents;
use NeatSpindle\Core\Sums\Margin\Margin;

use function array_filter;
use function array_map;
use function array_values;

/** What stands out around the shell of a job, against the body that goes there. */
final readonly class Surroundings implements FromJob
{
    /**
     * @param  list<Obstacle>  $obstacles
     * @param  ?GapContents  $inTheGap  something soft that is known to lie where the body presses; null where nothing is
     */
    private function __construct(public array $obstacles, public BodyRoom $room, public ?GapContents $inTheGap) {}

    public static function of(OpenJob $open): static
    {
        $motor = $open->motor();
        $position = $motor === null ? BodyPosition::Below : BracingChoice::of($open->job->kit, $motor)->position();

        $room = BodyRoom::of($position, $motor?->part->held->bodyGap());
        $obstacles = array_values($open->job->obstacles->all());

        $isPressed = array_filter($obstacles, fn (Obstacle $obstacle) => $obstacle->around()->isSoftIn($room)) !== [];

        return new self($obstacles, $room, $isPressed ? GapContents::Hose : null);
    }

    /** The room the body leaves over it; null where it does not reach there, or its room is not known. */
    public function margin(Obstacle $obstacle): ?Margin
    {
        return $obstacle->around()->margin($this->room);
    }

    /** @return list<Cure> what is done about them before the dry fit */
    public function cures(): array
    {
        return array_values(
            array_filter(array_map(fn (Obstacle $obstacle) => $obstacle->around()->cure($obstacle->step()), $this->obstacles)),
        );
    }

    /** @return list<Gate> what the body does not go past, with nothing decided about it */
    public function gates(): array
    {
        $inTheWay = array_filter($this->obstacles, fn (Obstacle $obstacle) => $obstacle->around()->isInTheWay($this->room));

        return array_values(array_map(fn (Obstacle $obstacle) => new Gate(
            $obstacle->around()->name(),
            "{$obstacle->height_mm} mm high, and the body leaves {$this->room->gap} mm there: say on Strip what is done about it.",
            true,
        ), $inTheWay));
    }
}
