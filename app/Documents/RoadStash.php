<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\User;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** Puts a person's road file aside while they are asked about it, for a day at most. */
class RoadStash
{
    private const FOLDER = 'roads';

    private const SECONDS = 86_400;

    public function __construct(private readonly User $owner) {}

    /** @return string the key to ask for it with */
    public function put(string $path): string
    {
        $this->clear();
        $key = Str::lower((string) Str::ulid());
        Storage::put($this->name($key), (string) file_get_contents($path));

        return $key;
    }

    /** Where it lies; null when it lies there no longer, or never did. */
    public function path(string $key): ?string
    {
        return preg_match('/^[a-z0-9]{26}$/D', $key) === 1 && Storage::exists($this->name($key)) ? Storage::path($this->name($key)) : null;
    }

    private function clear(): void
    {
        $old = array_filter(Storage::files(self::FOLDER), fn (string $file) => Storage::lastModified($file) < time() - self::SECONDS);
        Storage::delete($old);
    }

    private function name(string $key): string
    {
        return self::FOLDER."/{$this->owner->id}-{$key}.gpx";
    }
}
