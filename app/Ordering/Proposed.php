<?php

declare(strict_types=1);

namespace App\Ordering;

/** Something that could go on an order. */
final readonly class Proposed
{
    /**
     * @param  string  $key  by which the form names it
     * @param  ?string  $stock  where it lies in the book of stock; null where it is not kept there
     * @param  ?array{int, list<string>}  $kind  a spacer the drawer does not know yet: hundredths of a mm, and what it is good for
     * @param  ?int  $job  the job it is for; null where it fills the shelf
     * @param  ?int  $jobNumber  of that job
     * @param  ?string  $mark  of the need of that job
     */
    public function __construct(
        public string $key, public string $what, public int $count, public ?string $stock = null, public ?array $kind = null,
        public ?int $job = null, public ?int $jobNumber = null, public ?string $mark = null,
    ) {}
}
