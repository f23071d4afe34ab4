<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Archive\ReadArchiveIn;
use App\Documents\Archive\ArchiveCheck;
use App\Documents\Archive\ArchiveFile;
use App\Documents\Archive\CannotReadArchive;

/** Reads an archive in as a new workshop, or says what would be read. */
class ArchiveInCommand extends SaysInALine
{
    protected $signature = 'spindle:archive-in
        {file : the archive}
        {--dry : only say what is in it, and what is wrong with it}';

    protected $description = 'Read an archive in as a new workshop';

    public function handle(ReadArchiveIn $read): int
    {
        try {
            $file = ArchiveFile::open($this->argument('file'));
            if ($this->option('dry') === true) {
                return $this->say(ArchiveCheck::of($file, null));
            }
            $workshop = $read($file, null);
            $this->info("{$workshop->name} is here. Its people choose a password by “forgotten” on the page to sign in.");
        } catch (CannotReadArchive $e) {
            $this->error($e->getMessage());

            return self::INVALID;
        }

        return self::SUCCESS;
    }

    private function say(ArchiveCheck $check): int
    {
        foreach ($check->counts() as $table => $rows) {
            $this->line("{$rows} × {$table}");
        }
        array_map($this->error(...), $check->faults());

        return $check->faults() === [] ? self::SUCCESS : self::FAILURE;
    }
}
