<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Stack;

use LogicException;
use NeatSpindle\Core\Bike\Bike;
use NeatSpindle\Core\Catalogue\Insert;
use NeatSpindle\Core\Catalogue\Motor;
use NeatSpindle\Core\Catalogue\Ring;
use NeatSpindle\Core\Catalogue\Sleeve;
use NeatSpindle\Core\Catalogue\TwinPlate;
use NeatSpindle\Core\Catalogue\Yoke;
use NeatSpindle\Core\Shell\Identification;

/** The recipe for each mount; the one place that knows them all. */
final class Recipes
{
    /** @throws LogicException for a twin-plate motor without its measures, which no document that was read can be */
    public static function for(Bike $bike, Identification $identification, Motor $motor, Ring $ring, ?Insert $insert): Recipe
    {
        $held = $motor->held;

        return match (true) {
            $held instanceof Sleeve => new SleeveStack(new Footing($bike, $identification, $motor, $held->body, $ring, $insert), $held),
            $held instanceof Yoke => new YokeStack(new Footing($bike, $identification, $motor, $held->body, $ring, $insert), $held),
            $held instanceof TwinPlate => new TwinPlateStack(
                $bike,
                $identification,
                $motor,
                $held,
                $bike->twinPlate ?? throw new LogicException('Measure the bike for a twin-plate motor before its stack is solved.'),
                $insert,
            ),
        };
    }
}
