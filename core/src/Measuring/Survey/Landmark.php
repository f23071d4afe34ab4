<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Measuring\Survey;

/** What a spot sits on, on every kind of bike; *along* is a share of the way, a radius or an angle. */
enum Landmark: string
{
    case Crank = 'crank';
    /** A share of the way from the crank to the rear axle. */
    case AlongTheStay = 'along-the-stay';
    /** So many mm from the crank towards the rear axle. */
    case OnTheStay = 'on-the-stay';
    case RearAxle = 'rear-axle';
    /** On the tyre at an angle in degrees, anticlockwise from the front. */
    case RearTyre = 'rear-tyre';
    case FrontTyre = 'front-tyre';
    /** On the floor, a share of the way from axle to axle. */
    case Ground = 'ground';
    case Bar = 'bar';
    case Chainstay = 'chainstay';
    case DownTube = 'down-tube';
    case TopTube = 'top-tube';
    case SeatTube = 'seat-tube';
    case Boom = 'boom';
}
