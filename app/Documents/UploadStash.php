<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

use function dirname;
use function in_array;

/** Puts a file a person sent aside while they are asked about it, for a day at most. Nobody else can ask for it. */
class UploadStash
{
    private const SECONDS = 86_400;

    /** @param  string  $folder  what it is for, and a folder of its own */
    public function __construct(private readonly User $owner, private readonly string $folder) {}

    /** @return string the key to ask for it with */
    public function put(string $content): string
    {
        $this->clear();
        $key = Str::lower((string) Str::ulid());
        Storage::put($this->name($key), $content);

        return $key;
    }

    /** @return string the key to ask for it with; the file is not read for it */
    public function putFile(UploadedFile $file): string
    {
        $this->clear();
        $key = Str::lower((string) Str::ulid());
        Storage::putFileAs(dirname($this->name($key)), $file, basename($this->name($key)));

        return $key;
    }

    /** Where it lies; null when it lies there no longer, or never did. */
    public function path(string $key): ?string
    {
        return preg_match('/^[a-z0-9]{26}$/D', $key) === 1 && Storage::exists($this->name($key)) ? Storage::path($this->name($key)) : null;
    }

    /**
     * Lets go of all that these people have set aside.
     *
     * @param  array<array-key, mixed>  $owners  their numbers
     */
    public static function clearOf(array $owners): void
    {
        Storage::delete(array_filter(Storage::allFiles('stash'), fn (string $file) => in_array((int) basename($file), $owners)));
    }

    private function clear(): void
    {
        $old = array_filter(Storage::files("stash/{$this->folder}"),
            fn (string $file) => Storage::lastModified($file) < time() - self::SECONDS);
        Storage::delete($old);
    }

    private function name(string $key): string
    {
        return "stash/{$this->folder}/{$this->owner->id}-{$key}";
    }
}
