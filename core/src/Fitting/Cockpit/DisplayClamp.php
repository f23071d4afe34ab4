<?php

declare(strict_types=1);

namespace NeatSpindle\Core\Fitting\Cockpit;

use NeatSpindle\Core\Sums\Margin\Verdict;

/** A display's clamp on the bar where it goes: with nothing, a shim or a grommet between, or not at all. In mm. */
final readonly class DisplayClamp
{
    /** Within this a clamp closes on a bar by itself. Ours. */
    private const CLOSES = 0.4;

    /** A wall thicker than this is a grommet's, no shim's. Ours. */
    private const SHIM = 2.5;

    private const GROMMET = 8.0;

    public function __construct(public float $bore, public float $bar) {}

    /** How thick what goes between has to be, all round; negative where the clamp is too small. */
    public function wall(): float
    {
        return ($this->bore - $this->bar) / 2;
    }

    public function verdict(): Verdict
    {
        return $this->bore < $this->bar - self::CLOSES || $this->wall() > self::GROMMET ? Verdict::Fails : Verdict::Clear;
    }

    public function says(): string
    {
        return match (true) {
            $this->bore < $this->bar - self::CLOSES => 'The clamp is too small for the bar there: nearer to its end, or another clamp.',
            $this->bore - $this->bar <= self::CLOSES => 'The clamp closes on the bar by itself.',
            $this->wall() > self::GROMMET => 'The clamp is far too wide for the bar there: another clamp.',
            default => ucfirst((string) $this->part()).' between clamp and bar.',
        };
    }

    /** What has to be got for it; null where nothing goes between. */
    public function part(): ?string
    {
        return $this->verdict() === Verdict::Fails || $this->bore - $this->bar <= self::CLOSES
            ? null
            : sprintf('%s with a wall of %.1f mm, %.1f mm inside', $this->wall() > self::SHIM ? 'rubber grommet' : 'shim', $this->wall(), $this->bar);
    }
}
