<?php

declare(strict_types=1);

namespace App\View\Prove;

use App\Bench\LineWatch;
use App\Bench\OpenJob;
use App\Instruments\Display;
use App\Instruments\InstrumentIsSilent;
use App\View\Drawings\LineGauges;
use NeatSpindle\Core\Ground\Measure\CannotReadLine;
use NeatSpindle\Core\Whole\Prove\DisplayLine;
use NeatSpindle\Core\Whole\Prove\Look;

use function is_string;

/** What a motor says on its display's line just now, and what that means for the check at hand. */
class LivePage
{
    /** Null while it says nothing that can be read. */
    public readonly ?DisplayLine $line;

    /** Why nothing is read; null while something is. */
    public readonly ?string $silence;

    public readonly ?Look $look;

    public function __construct(OpenJob $open, mixed $step, Display $display)
    {
        [$this->line, $this->silence] = self::read($display);
        $watch = $open->the(LineWatch::class);
        $check = $watch->check(is_string($step) ? $step : '');
        $this->look = $check === null || $this->line === null ? null : $watch->lookAt($check, $this->line);
    }

    public function gauges(): ?LineGauges
    {
        return $this->line === null ? null : new LineGauges($this->line);
    }

    /** @return array{?DisplayLine, ?string} */
    private static function read(Display $display): array
    {
        try {
            return [$display->read(), null];
        } catch (InstrumentIsSilent|CannotReadLine $e) {
            return [null, $e->getMessage()];
        }
    }
}
