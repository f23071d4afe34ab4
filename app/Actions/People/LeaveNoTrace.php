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
use function in_array;
use function is_string;
use function preg_match;

/**
 * Lets go of what lies beside the records after somebody was forgotten: files set aside, sessions in which the name stands,
 * and what was worked out before.
 */
class LeaveNoTrace
{
    /** Whose session it is, as the framework keeps it. What another workshop's people wrote is theirs. */
    private const SIGNED_IN = '/"login_[a-z]+_[0-9a-f]+";i:(\d+);/';

    /** @param  list<NameInText>  $names */
    public function __invoke(int $workshop, array $names): void
    {
        $people = User::query()->where('workshop_id', $workshop)->pluck('id')->all();
        UploadStash::clearOf($people);
        Session::forget(['_previous', '_old_input', 'url']);
        $folder = config('session.driver') === 'file' ? config('session.files') : null;
        $isNamed = fn (string $text): bool => array_filter($names, fn (NameInText $name) => $name->isIn(mb_scrub($text))) !== [];
        foreach (is_string($folder) && File::isDirectory($folder) ? File::files($folder) : [] as $file) {
            $text = File::get($file->getPathname());
            $isOthers = preg_match(self::SIGNED_IN, $text, $who) === 1 && ! in_array((int) $who[1], $people, true);
            if ($file->getFilename() !== Session::getId() && ! $isOthers && $isNamed($text)) {
                File::delete($file->getPathname());
            }
        }
        Cache::flush();
    }
}
