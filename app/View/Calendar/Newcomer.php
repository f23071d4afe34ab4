<?php

declare(strict_types=1);

namespace App\View\Calendar;

use NeatSpindle\Core\Donor\Bike\BikeKind;

use function is_string;

/** A bike that somebody asks about on the telephone: what is known of it. */
final readonly class Newcomer
{
    /** @param  ?string  $motor  its code; null for any */
    public function __construct(public ?BikeKind $kind = null, public ?string $motor = null, public bool $awaitsParts = false) {}

    /**
     * @param  mixed  $kind  from the address, as the others
     * @param  mixed  $motor  a code
     * @param  mixed  $parts  `come` where they have to
     */
    public static function asked(mixed $kind, mixed $motor, mixed $parts): self
    {
        return new self(is_string($kind) ? BikeKind::tryFrom($kind) : null, is_string($motor) && $motor !== '' ? $motor : null, $parts === 'come');
    }
}
