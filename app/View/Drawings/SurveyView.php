<?php

declare(strict_types=1);

namespace App\View\Drawings;

use NeatSpindle\Core\Frame\BalloonLayout;
use NeatSpindle\Core\Frame\BikeShape;

/** The bike with a numbered balloon for every spot of its survey, each with a line to where the instrument goes. */
class SurveyView extends FrameView
{
    /** @param  list<string>  $spots  codes, in walking order */
    public function __construct(BikeShape $shape, private readonly array $spots)
    {
        parent::__construct($shape, BalloonLayout::ABOVE, BalloonLayout::BELOW, BalloonLayout::BESIDE);
    }

    /** @return list<array{code: string, number: int, x: float, y: float, spotX: float, spotY: float}> */
    public function balloons(): array
    {
        $balloons = [];
        $number = 0;
        foreach (BalloonLayout::of($this->shape, $this->spots, BalloonLayout::APART * self::USUAL_SCALE / $this->scale) as $code => $hung) {
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
