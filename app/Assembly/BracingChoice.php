<?php

declare(strict_types=1);

namespace App\Assembly;

use App\Models\Kit;
use NeatSpindle\Core\Reaction\BodyPosition;
use NeatSpindle\Core\Reaction\GapContents;
use NeatSpindle\Core\Reaction\Rest;
use NeatSpindle\Core\Reaction\ShellFace;
use NeatSpindle\Core\Reaction\ThreadState;
use NeatSpindle\Core\Reaction\Torquing;

use function is_string;

/** What was decided about nut and rest; what nobody decided is the house rule: the band's middle, threadlocker, painted faces. */
class BracingChoice
{
    /** @param  array<string, mixed>  $kept */
    private function __construct(private readonly array $kept, private readonly KnownMotor $motor) {}

    public static function of(?Kit $kit, KnownMotor $motor): self
    {
        return new self($kit->bracing ?? [], $motor);
    }

    public function torquing(): Torquing
    {
        return new Torquing(
            $this->nutTorque(),
            ThreadState::tryFrom($this->text('thread_state')) ?? ThreadState::Threadlocker,
            ShellFace::tryFrom($this->text('shell_face')) ?? ShellFace::Painted,
            $this->figure('shell_outer_mm') ?? 40.0,
            $this->figure('shell_inner_mm') ?? 34.0,
            $this->rest() === null ? null : $this->restRadius(),
        );
    }

    public function rest(): ?Rest
    {
        return Rest::tryFrom($this->text('rest'));
    }

    public function restRadius(): ?float
    {
        return $this->figure('rest_radius_mm');
    }

    public function gap(): GapContents
    {
        return GapContents::tryFrom($this->text('gap')) ?? GapContents::Nothing;
    }

    public function position(): BodyPosition
    {
        return BodyPosition::tryFrom($this->text('position')) ?? BodyPosition::Below;
    }

    public function isDecided(): bool
    {
        return $this->kept !== [];
    }

    private function nutTorque(): float
    {
        $band = $this->motor->part->held->nut()?->torque;

        return $this->figure('nut_torque_nm') ?? ($band === null ? 1.0 : $band->middle());
    }

    private function text(string $key): string
    {
        $value = $this->kept[$key] ?? null;

        return is_string($value) ? $value : '';
    }

    private function figure(string $key): ?float
    {
        $value = $this->kept[$key] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }
}
