<?php

declare(strict_types=1);

namespace App\Models\Values;

use NeatSpindle\Core\Fitting\Route\Plug;
use NeatSpindle\Core\Fitting\Route\PlugColour;
use NeatSpindle\Core\Fitting\Route\PlugShape;

/** A plug as somebody looked at it. */
final readonly class PlugAtHand implements Kept
{
    use ReadsKept;

    public function __construct(public Plug $plug) {}

    public static function fromArray(array $kept): static
    {
        return new self(new Plug(
            (int) (self::figure($kept, 'pins') ?? 1.0), self::oneOf($kept, 'colour', PlugColour::class) ?? PlugColour::Black,
            self::oneOf($kept, 'shape', PlugShape::class) ?? PlugShape::Barrel,
            ($kept['is_socket'] ?? false) === true, ($kept['is_sealed'] ?? true) === true,
        ));
    }

    public function toArray(): array
    {
        return [
            'pins' => $this->plug->pins, 'colour' => $this->plug->colour->value, 'shape' => $this->plug->shape->value,
            'is_socket' => $this->plug->isSocket, 'is_sealed' => $this->plug->isSealed,
        ];
    }
}
