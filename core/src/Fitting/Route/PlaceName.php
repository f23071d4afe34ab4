<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Route;

/** What the places of a frame are called at the bench; one that somebody has added is called as they called it. */
final class PlaceName
{
    private const WORDS = [
        'bar' => 'middle of the bar', 'head' => 'head tube', 'battery' => 'battery’s plug',
        'down-low' => 'foot of the down tube', 'motor' => 'motor',
        'motor-top' => 'above the motor', 'stay' => 'chainstay', 'stay-in' => 'inside of the chainstay',
        'axle' => 'rear axle', 'under-shell' => 'under the shell',
        'seat' => 'top of the seat tube', 'rack' => 'rack', 'deck-end' => 'end of the deck',
        'keel' => 'under the box', 'nose' => 'nose of the box',
        'lamp-front' => 'front lamp', 'fork-end' => 'foot of the fork', 'cross' => 'cross tube',
        'boom-end' => 'end of the boom', 'under-seat' => 'under the seat', 'front' => 'top of the mast',
        'lever-left' => 'left lever', 'lever-right' => 'right lever', 'throttle' => 'throttle',
        'keypad' => 'keypad', 'display' => 'display',
    ];

    public static function of(string $place): string
    {
        return self::WORDS[$place] ?? $place;
    }

    /** Whether it is a place that frames have, and none that somebody has added. */
    public static function isOfAll(string $place): bool
    {
        return isset(self::WORDS[$place]);
    }

    /** @param  list<string>  $path places from end to end */
    public static function way(array $path): string
    {
        return implode(' → ', array_map(self::of(...), $path));
    }
}
