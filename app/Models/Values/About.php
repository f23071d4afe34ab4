<?php

declare(strict_types=1);

namespace App\Models\Values;

use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Ground\House\Question;

use function strlen;

/** What a decision by name is about: its kind, and which one of that kind. A row keeps both as one word. */
final readonly class About
{
    /** @param  string  $which  a step's code, a side, a question, what is insisted on; empty where there is only one */
    private function __construct(public AboutKind $kind, public string $which = '') {}

    /** Going on with a step that is held. */
    public static function pass(string $step): self
    {
        return new self(AboutKind::Pass, $step);
    }

    /** Going about one job otherwise than the house does. */
    public static function departure(Question $question): self
    {
        return new self(AboutKind::Departure, $question->value);
    }

    /** @param  string  $what  what a customer insists on against advice */
    public static function insistence(string $what): self
    {
        return new self(AboutKind::Insistence, $what);
    }

    public static function brakeSensor(BarSide $side): self
    {
        return new self(AboutKind::BrakeSensor, $side->value);
    }

    public static function gearSensor(): self
    {
        return new self(AboutKind::GearSensor);
    }

    public static function speedSensor(): self
    {
        return new self(AboutKind::SpeedSensor);
    }

    /** Going without something that is wanting, told by its code. */
    public static function without(string $lack): self
    {
        return new self(AboutKind::Without, $lack);
    }

    /** What a row has kept; null where no such thing is decided. */
    public static function read(string $kept): ?self
    {
        foreach (AboutKind::cases() as $kind) {
            if ($kept === $kind->value || ($kind->hasMany() && str_starts_with($kept, "{$kind->value}-"))) {
                return new self($kind, $kind->hasMany() ? substr($kept, strlen($kind->value) + 1) : '');
            }
        }

        return null;
    }

    public function kept(): string
    {
        return $this->kind->hasMany() ? "{$this->kind->value}-{$this->which}" : $this->kind->value;
    }

    public function is(self $other): bool
    {
        return $this->kind === $other->kind && $this->which === $other->which;
    }

    /** The side of the bar it is about; null where it is about none. */
    public function side(): ?BarSide
    {
        return $this->kind === AboutKind::BrakeSensor ? BarSide::tryFrom($this->which) : null;
    }

    /** Before its choice is named, in words. */
    public function label(): string
    {
        return match ($this->kind) {
            AboutKind::BrakeSensor => "Brake sensor {$this->which}",
            AboutKind::GearSensor => 'Gear sensor',
            AboutKind::SpeedSensor => 'Speed sensor',
            AboutKind::Pass => 'A step that was held, '.str_replace('-', ' ', $this->which),
            AboutKind::Departure => 'Otherwise than the house, '.lcfirst(Question::tryFrom($this->which)?->label() ?? $this->which),
            AboutKind::Without => 'Gone without',
            AboutKind::Insistence => 'What the customer insists on, '.str_replace('-', ' ', $this->which),
        };
    }
}
