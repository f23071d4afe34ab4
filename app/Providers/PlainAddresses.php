<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Contracts\Routing\UrlRoutable;
use Illuminate\Routing\Route;
use Illuminate\Routing\UrlGenerator;

use function array_is_list;
use function array_shift;
use function http_build_query;
use function is_array;
use function is_int;
use function is_string;
use function preg_match;
use function rtrim;
use function str_replace;

/**
 * Addresses of our own ways, dozens of which stand on a page. Nearly all are a way with numbers or codes in it, and words
 * behind it: these are put together as they are, which takes a fifth of what the framework looks through for any address
 * there can be. Everything else goes its way; a test holds each against it.
 */
final class PlainAddresses extends UrlGenerator
{
    /**
     * @param  Route  $route
     * @param  mixed  $parameters
     * @param  bool  $absolute
     */
    public function toRoute($route, $parameters, $absolute): string
    {
        $path = $this->request->getBaseUrl() === '' && $route->getDomain() === null ? self::plain($route, is_array($parameters) ? $parameters : [$parameters]) : null;

        return match (true) {
            $path === null => parent::toRoute($route, $parameters, $absolute),
            $absolute => rtrim("{$this->formatRoot($this->formatScheme())}/{$path}", '/'),
            default => "/{$path}",
        };
    }

    /**
     * The path without the slash it begins with; null where more has to be looked at.
     *
     * @param  array<array-key, mixed>  $given
     */
    private static function plain(Route $route, array $given): ?string
    {
        $path = $route->uri() === '/' ? '' : $route->uri();
        $isList = array_is_list($given);
        foreach ($route->parameterNames() as $name) {
            $value = self::word($isList ? array_shift($given) : $given[$name] ?? null);
            if ($value === null) {
                return null;
            }
            unset($given[$name]);
            $path = str_replace("{{$name}}", $value, $path);
        }
        $said = $isList && $given !== [] ? null : self::said($given);

        return $said === null || preg_match('/[{}]/', $path) === 1 || ($path === '' && $said !== '') ? null : $path.$said;
    }

    /** What stands in an address as it is; null for anything else. */
    private static function word(mixed $value): ?string
    {
        $value = $value instanceof UrlRoutable ? $value->getRouteKey() : $value;

        return is_int($value) || (is_string($value) && preg_match('/^[A-Za-z0-9_-]+$/D', $value) === 1) ? (string) $value : null;
    }

    /**
     * @param  array<array-key, mixed>  $given
     */
    private static function said(array $given): ?string
    {
        foreach ($given as $name => $value) {
            if (! is_string($name) || ! (is_int($value) || is_string($value))) {
                return null;
            }
        }

        return $given === [] ? '' : '?'.http_build_query($given, '', '&', PHP_QUERY_RFC3986);
    }
}
