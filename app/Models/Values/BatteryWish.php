<?php

declare(strict_types=1);

namespace App\Models\Values;

use NeatSpindle\Core\Fitting\Battery\Fixing;
use NeatSpindle\Core\Fitting\Battery\Floor;
use NeatSpindle\Core\Fitting\Battery\PackSetting;
use NeatSpindle\Core\Fitting\Battery\PackSite;

use function is_array;
use function is_bool;
use function is_string;

/** Which battery goes where, what holds it, and what was seen with it held there. In mm and kg. */
final readonly class BatteryWish implements Kept
{
    use ReadsKept;

    /**
     * @param  array<string, array<string, float>>  $floors  what was measured of other places, by the place's code
     * @param  array<string, bool>  $seen  what a check came to, by its code
     */
    public function __construct(
        public ?string $pack = null,
        public ?PackSite $site = null,
        public ?float $at = null,
        public ?Fixing $fixing = null,
        public array $floors = [],
        public array $seen = [],
    ) {}

    public static function fromArray(array $kept): static
    {
        $floors = [];
        foreach (is_array($kept['floors'] ?? null) ? $kept['floors'] : [] as $site => $floor) {
            foreach (is_array($floor) ? ['length', 'width', 'load'] : [] as $key) {
                $figure = self::figure($floor, $key);
                $figure === null ?: $floors[(string) $site][$key] = $figure;
            }
        }
        $seen = array_filter(
            is_array($kept['seen'] ?? null) ? $kept['seen'] : [],
            fn (mixed $value, mixed $key) => is_bool($value) && is_string($key), ARRAY_FILTER_USE_BOTH,
        );

        return new self(
            is_string($kept['pack'] ?? null) ? $kept['pack'] : null, self::oneOf($kept, 'site', PackSite::class), self::figure($kept, 'at_mm'),
            self::oneOf($kept, 'fixing', Fixing::class), $floors, $seen,
        );
    }

    public function toArray(): array
    {
        return self::said([
            'pack' => $this->pack, 'site' => $this->site?->value, 'at_mm' => $this->at, 'fixing' => $this->fixing?->value,
            'floors' => $this->floors ?: null, 'seen' => $this->seen ?: null,
        ]);
    }

    public function floor(PackSite $site): Floor
    {
        $floor = $this->floors[$site->value] ?? [];

        return new Floor($floor['length'] ?? null, $floor['width'] ?? null, $floor['load'] ?? null);
    }

    /** How a battery would be set at a place: as it was chosen where that is the one, else with what is measured there. */
    public function settingAt(PackSite $site): PackSetting
    {
        return $site === $this->site
            ? new PackSetting($site, $this->at, $this->fixing, $this->floor($site), $this->seen)
            : new PackSetting($site, floor: $this->floor($site));
    }
}
