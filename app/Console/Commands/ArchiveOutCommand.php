<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\Archive\ArchiveWriter;
use App\Models\Workshop;

/** Writes a whole workshop as an archive. */
class ArchiveOutCommand extends SaysInALine
{
    protected $signature = 'spindle:archive-out
        {file : where the archive is written}
        {--workshop= : the number of the workshop, where there are several}';

    protected $description = 'Write a whole workshop as one archive';

    public function handle(): int
    {
        $asked = $this->option('workshop');
        $workshops = Workshop::query()->when($asked !== null, fn ($one) => $one->whereKey($asked))->orderBy('id')->get();
        $workshop = $workshops->first();
        if ($workshop === null || $workshops->count() > 1) {
            $this->error($workshop === null ? 'There is no such workshop.' : 'There are several; say which with --workshop: '.$workshops->map(
                fn (Workshop $one) => "{$one->id} {$one->name}",
            )->implode(', '));

            return self::INVALID;
        }
        $file = $this->argument('file');
        ArchiveWriter::write($workshop->id, $file);
        $this->info("{$workshop->name} is written to {$file}.");

        return self::SUCCESS;
    }
}
