<?php

declare(strict_types=1);

namespace App\Actions\People;

/** One place where a name stands, and what will stand there instead. */
final readonly class Mention
{
    /**
     * @param  ?int  $jobNumber  null where it is no job's
     * @param  string  $label  what is written there, in a person's words
     * @param  string  $says  as it reads
     * @param  string  $after  as it is kept then
     */
    public function __construct(
        public string $table, public string $column, public int $id, public ?int $jobNumber, public string $label, public string $says, public string $after,
    ) {}
}
