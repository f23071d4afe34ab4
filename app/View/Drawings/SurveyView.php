<?php

declare(strict_types=1);

namespace App\View\Drawings;

use Illuminate\Support\Facades\Cache;
use NeatSpindle\Core\Frame\BalloonLayout;
use NeatSpindle\Core\Frame\BikeShape;
use NeatSpindle\Core\Frame\Point;
use NeatSpindle\Core\Survey\Spot;

/** The bike with a numbered balloon for every spot of its survey, each with a line to where the instrument goes. */
class SurveyView extends FrameView
{
    /** @param  list<Spot>  $spots  in walking order */
    public function __construct(BikeShape $shape, private readonly array $spots)
    {
        parent::__construct($shape, BalloonLayout::ABOVE, BalloonLayout::BELOW, BalloonLayout::BESIDE);
    }

    /** @return list<array{code: string, number: int, x: float, y: float, spotX: float, spotY: float}> */
    public function balloons(): array
    {
        $balloons = [];
        $number = 0;
        foreach ($this->hung() as $code => [$x, $y]) {
            $spot = $this->shape->spot(Spot::from($code));
            $hung = new Point($x, $y);
            $balloons[] = [
                'code' => $code,
                'number' => ++$number,
                'x' => $this->x($hung),
                'y' => $this->y($hung),
                'spotX' => $this->x($spot),
                'spotY' => $this->y($spot),
            ];
        }

        return $balloons;
    }

    /**
     * Hanging them takes some milliseconds and only changes with the shape, so it is remembered.
     *
     * @return array<string, array{float, float}>
     */
    private function hung(): array
    {
        $apart = BalloonLayout::APART * self::USUAL_SCALE / $this->scale;

        return Cache::remember('balloons:'.md5(serialize([$this->shape, $this->spots])), now()->addDays(30), fn (): array => array_map(
            fn (Point $hung): array => [$hung->x, $hung->y],
            BalloonLayout::of($this->shape, $this->spots, $apart),
        ));
    }
}
