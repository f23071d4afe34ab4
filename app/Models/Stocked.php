<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use NeatSpindle\Core\Ground\Measure\LengthUnit;
use NeatSpindle\Core\Parts\Stock\Shelf;

/**
 * Something a workshop keeps, whose number is the sum of its movements.
 *
 * @property int $id
 * @property int $workshop_id
 * @property int $quantity how many lie there, reserved or not
 * @property int $kept how many of them are reserved for jobs
 * @property ?int $minimum below which it is ordered
 * @property ?string $lies_in
 * @property ?float $price of one, in whatever the workshop counts in; null where nobody has said
 *
 * @phpstan-require-extends Row
 */
interface Stocked
{
    /** Of a movement: the column that says that it was one of these. */
    public static function movementKey(): string;

    /** What a person calls it. */
    public function called(LengthUnit $unit): string;

    /** By what it is counted. */
    public function counted(): string;

    /** Whether it is reserved for a job by hand; a spacer is from the job's own page, by what its stack uses. */
    public function isKeptByHand(): bool;

    public function shelf(): Shelf;

    /** By which it is known whether somebody has changed where it lies, or how many there should be. */
    public function shelfMark(): string;

    /** @return HasMany<Movement, covariant Row> the latest first */
    public function movements(): HasMany;
}
