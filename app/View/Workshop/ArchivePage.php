<?php

declare(strict_types=1);

namespace App\View\Workshop;

use App\Actions\Archive\ReadArchiveIn;
use App\Documents\Archive\ArchiveCheck;
use App\Documents\Archive\ArchiveFile;
use App\Documents\Archive\CannotReadArchive;
use App\Documents\UploadStash;
use App\Models\User;

use function is_string;
use function str_replace;
use function ucfirst;

/** A workshop out and in, and what is in an archive that was put aside to be looked at. */
class ArchivePage
{
    public readonly bool $isEmpty;

    public readonly ?string $stashed;

    public readonly ?ArchiveCheck $check;

    /** Why it cannot be read; null where it can, or there is none. */
    public readonly ?string $cannot;

    public readonly ?string $name;

    /** @param  mixed  $look  the key of one that was put aside, from the address */
    public function __construct(User $user, mixed $look)
    {
        $this->isEmpty = ReadArchiveIn::isEmpty($user->workshop_id);
        $path = is_string($look) ? (new UploadStash($user, 'archives'))->path($look) : null;
        $this->stashed = $path === null ? null : $look;
        $check = $cannot = $name = null;
        try {
            $file = $path === null ? null : ArchiveFile::open($path);
            $check = $file === null ? null : ArchiveCheck::of($file, $user->workshop_id);
            $said = $file?->workshop->name;
            $name = is_string($said) ? $said : null;
        } catch (CannotReadArchive $e) {
            $cannot = $e->getMessage();
        }
        [$this->check, $this->cannot, $this->name] = [$check, $cannot, $name];
    }

    /** @return array<string, int> how many there are of what, in words */
    public function counts(): array
    {
        $counts = [];
        foreach ($this->check?->counts() ?? [] as $table => $rows) {
            $counts[ucfirst(str_replace('_', ' ', $table))] = $rows;
        }

        return $counts;
    }
}
