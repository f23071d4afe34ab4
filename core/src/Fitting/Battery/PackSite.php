<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Battery;

use NeatSpindle\Core\Donor\Bike\BikeKind;

use function in_array;

/** Where on a bike a battery may sit. */
enum PackSite: string
{
    case Triangle = 'triangle';
    case Rack = 'rack';
    case TopTube = 'top-tube';
    case Bag = 'bag';
    case Box = 'box';
    case BehindSeat = 'behind-seat';
    case BesideSeat = 'beside-seat';
    case Boom = 'boom';
    case Cradle = 'cradle';

    /** Kinds whose tubes enclose a triangle. */
    private const WITH_TRIANGLE = [BikeKind::Diamond, BikeKind::FullSuspension, BikeKind::Fat, BikeKind::Downhill, BikeKind::LongTail];

    private const WITH_BOOM = [BikeKind::TadpoleTrike, BikeKind::DeltaTrike];

    /** @return non-empty-list<self> where a battery may sit on a bike of this kind */
    public static function on(BikeKind $kind): array
    {
        return array_values(array_filter(self::cases(), fn (self $site) => $site->isOn($kind))) ?: [self::Rack];
    }

    public function isOn(BikeKind $kind): bool
    {
        return match ($this) {
            self::Triangle, self::TopTube, self::Bag => in_array($kind, self::WITH_TRIANGLE, true),
            self::Box => $kind === BikeKind::BoxCargo,
            self::BehindSeat, self::BesideSeat => $kind->standsByItself(),
            self::Boom => in_array($kind, self::WITH_BOOM, true),
            self::Rack, self::Cradle => true,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Triangle => 'Inside the triangle, on the down tube',
            self::Rack => 'On a rack',
            self::TopTube => 'On the top tube',
            self::Bag => 'In a bag in the triangle',
            self::Box => 'In the box',
            self::BehindSeat => 'Behind the seat',
            self::BesideSeat => 'Beside the seat',
            self::Boom => 'On the boom',
            self::Cradle => 'In a cradle on hose clamps',
        };
    }

    /** For a table's head, where there is little room. */
    public function short(): string
    {
        return match ($this) {
            self::Triangle => 'Triangle',
            self::Rack => 'Rack',
            self::TopTube => 'Top tube',
            self::Bag => 'Bag',
            self::Box => 'Box',
            self::BehindSeat => 'Behind seat',
            self::BesideSeat => 'Beside seat',
            self::Boom => 'Boom',
            self::Cradle => 'Cradle',
        };
    }

    /** Whether the room there is told from the three sides of the triangle. */
    public function isMeasuredByTubes(): bool
    {
        return $this === self::Triangle || $this === self::Bag;
    }

    /** What is measured there instead, in words: how long, how wide. */
    public function floor(): string
    {
        return match ($this) {
            self::Rack => 'the rack’s floor',
            self::TopTube => 'the straight of the top tube',
            self::Box => 'the floor of the box that is free',
            self::BehindSeat => 'the shelf behind the seat',
            self::BesideSeat => 'the shelf or tube beside the seat',
            self::Boom => 'the straight of the boom that the foot does not reach',
            self::Cradle => 'the straight of the tube that carries it',
            self::Triangle, self::Bag => 'the triangle',
        };
    }

    /** @return non-empty-list<Fixing> what may hold it there, the usual first */
    public function fixings(): array
    {
        return match ($this) {
            self::Triangle, self::TopTube => [Fixing::Bosses, Fixing::Inserts, Fixing::Band],
            self::Rack => [Fixing::RackBolts, Fixing::Straps],
            self::Bag => [Fixing::Straps],
            self::Box, self::BehindSeat, self::BesideSeat => [Fixing::ThroughBolts, Fixing::Straps],
            self::Boom => [Fixing::HoseClamps, Fixing::Band],
            self::Cradle => [Fixing::HoseClamps],
        };
    }

    /** @return list<SiteCheck> what is looked at with the pack held there */
    public function checks(): array
    {
        return match ($this) {
            self::Triangle => [SiteCheck::PedalAndKnee, SiteCheck::LockToLock, SiteCheck::LockReached, SiteCheck::LockClear],
            self::Rack => [SiteCheck::SolidFloor, SiteCheck::HeelClear, SiteCheck::LockReached, SiteCheck::SteersWell],
            self::TopTube => [SiteCheck::PedalAndKnee, SiteCheck::LockToLock, SiteCheck::LockReached, SiteCheck::StandOver],
            self::Bag => [SiteCheck::PedalAndKnee, SiteCheck::BagHolds],
            self::Box => [SiteCheck::SolidFloor, SiteCheck::Splash, SiteCheck::LockReached],
            self::BehindSeat => [SiteCheck::SolidFloor, SiteCheck::LockReached, SiteCheck::Splash],
            self::BesideSeat => [SiteCheck::SolidFloor, SiteCheck::LockToLock, SiteCheck::LockReached, SiteCheck::Splash],
            self::Boom => [SiteCheck::PedalAndKnee, SiteCheck::LockReached, SiteCheck::OffTheGround],
            self::Cradle => [SiteCheck::PedalAndKnee, SiteCheck::LockToLock, SiteCheck::LockReached, SiteCheck::OffTheGround],
        };
    }

    /**
     * The place of a frame where it is, and from which its lead starts.
     *
     * @param  array<string, mixed>  $places those the frame has, by name
     */
    public function placeAmong(array $places): string
    {
        foreach ($this->places() as $place) {
            if (isset($places[$place])) {
                return $place;
            }
        }

        return $this->places()[0];
    }

    /**
     * The places of the frame from which its lead may start, the likeliest first.
     *
     * @return non-empty-list<string>
     */
    public function places(): array
    {
        return match ($this) {
            self::Triangle, self::Bag, self::BehindSeat, self::Cradle => ['battery'],
            self::Rack => ['rack', 'battery'],
            self::TopTube => ['seat', 'battery'],
            self::Box => ['keel', 'battery'],
            self::BesideSeat => ['under-seat', 'battery'],
            self::Boom => ['boom-end', 'head', 'battery'],
        };
    }
}
