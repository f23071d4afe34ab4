<?php

declare(strict_types=1);

namespace App\Models\Values;

use Illuminate\Support\Facades\URL;

use function is_string;

/** An address that is given away: under the name, scheme and port this installation is called by, whatever a request said. */
final class OurAddress
{
    /** @param  callable(): string  $make */
    public static function of(callable $make): string
    {
        $ours = config('app.url');
        $ours = is_string($ours) ? $ours : null;
        URL::forceRootUrl($ours);
        URL::forceScheme($ours === null ? null : (parse_url($ours, PHP_URL_SCHEME) ?: null));
        try {
            return $make();
        } finally {
            URL::forceRootUrl(null);
            URL::forceScheme(null);
        }
    }
}
