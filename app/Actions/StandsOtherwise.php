<?php

declare(strict_types=1);

namespace App\Actions;

/** What stands there is not what the form showed to the person who sent it. */
class StandsOtherwise extends ChangedMeanwhile
{
    /** @param  string  $what  what was done meanwhile and by whom, without a full stop */
    public static function told(string $what, string $field): self
    {
        return new self(
            "{$what}, after you had opened this page. Yours was not kept: look again, then say it once more if it still holds.", $field,
        );
    }
}
