<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Documents\UploadStash;
use App\Models\User;
use App\Models\Values\NameInText;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Session;

use function array_filter;
use function is_string;

/**
 * Lets go of what lies beside the records after somebody was forgotten: files set aside, sessions in which the name stands,
 * and what was worked out before.
 */
class LeaveNoTrace
{
    /** @param  list<NameInText>  $names */
    public function __invoke(int $workshop, array $names): void
    {
        UploadStash::clearOf(User::query()->where('workshop_id', $workshop)->pluck('id')->all());
        Session::forget(['_previous', '_old_input', 'url']);
        $folder = config('session.driver') === 'file' ? config('session.files') : null;
        $isNamed = fn (string $text): bool => array_filter($names, fn (NameInText $name) => $name->isIn(mb_scrub($text))) !== [];
        foreach (is_string($folder) && File::isDirectory($folder) ? File::files($folder) : [] as $file) {
            if ($file->getFilename() !== Session::getId() && $isNamed(File::get($file->getPathname()))) {
                File::delete($file->getPathname());
            }
        }
        Cache::flush();
    }
}
