<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Frame\BalloonLayout;
use NeatSpindle\Core\Frame\BikeShape;

/** The bike with a numbered balloon for every spot of its survey, each with a line to where the instrument goes. */
class SurveyView extends FrameView
{
    private const ROOM_BELOW = 130.0;

    private const ROOM_BESIDE = 110.0;

    /** @param  list<string>  $spots  codes, in walking order */
    public function __construct(BikeShape $shape, private readonly array $spots)
    {
        parent::__construct($shape, 70.0, self::ROOM_BELOW, self::ROOM_BESIDE);
    }

    /** @return list<array{code: string, number: int, x: float, y: float, spotX: float, spotY: float}> */
    public function balloons(): array
    {
        $balloons = [];
        $number = 0;
        foreach (BalloonLayout::of($this->shape, $this->spots) as $code => $hung) {
            $spot = $this->shape->spot($code);
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
}
