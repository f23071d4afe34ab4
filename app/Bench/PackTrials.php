<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Values\BatteryWish;
use NeatSpindle\Core\Donor\Bike\FrameMaterial;
use NeatSpindle\Core\Fitting\Battery\PackPapers;
use NeatSpindle\Core\Fitting\Battery\PackSite;
use NeatSpindle\Core\Fitting\Battery\PackTrial;
use NeatSpindle\Core\Fitting\Battery\Room;
use NeatSpindle\Core\Fitting\Battery\VoltageRange;
use NeatSpindle\Core\Measuring\Survey\Spot;

/** A bike and a motor that batteries are tried on, one after the other. */
final readonly class PackTrials implements FromJob
{
    /**
     * @param  ?Room  $room  the triangle inside the tubes; null while not all three sides are measured
     * @param  ?VoltageRange  $voltage  what the motor bears; null where nobody has said
     * @param  ?float  $mostAmps  what the motor draws; null where nobody has said
     */
    private function __construct(
        private BatteryWish $wish, public ?Room $room, private FrameMaterial $material, private ?VoltageRange $voltage, private ?float $mostAmps,
    ) {}

    public static function of(OpenJob $open): static
    {
        $side = $open->findings->measurement(...);
        [$base, $front, $rear] = [$side(Spot::RoomBase), $side(Spot::RoomFront), $side(Spot::RoomRear)];
        $papers = $open->motor()?->papers;

        return new self(
            $open->job->kit->battery ?? new BatteryWish,
            $base === null || $front === null || $rear === null ? null : new Room($base, $front, $rear),
            $open->job->bike->frame_material, $papers?->voltage, $papers?->mostAmps,
        );
    }

    public function trial(PackPapers $pack, PackSite $site): PackTrial
    {
        return PackTrial::of($pack, $this->wish->settingAt($site), $this->material, $this->room, $this->voltage, $this->mostAmps);
    }
}
