<?php

declare(strict_types=1);

use App\Providers\PlainAddresses;
use Illuminate\Routing\UrlGenerator;
use Illuminate\Support\Facades\URL;
use Tests\Support\Workshops;

it('makes every address as the framework does, whatever stands in it', function (): void {
    $plain = URL::getFacadeRoot();
    $framework = new UrlGenerator(app('routes'), request());
    $job = Workshops::job(Workshops::stocked());
    [$compared, $other] = [0, []];
    foreach (app('router')->getRoutes()->getRoutes() as $route) {
        $names = $route->parameterNames();
        foreach ($route->getName() === null ? [] : [7, $job, 'brake-left', 'ä/b 50%', '', 1.5] as $value) {
            $named = array_fill_keys($names, $value);
            foreach ([
                $named, array_values($named), $value, [...array_values($named), 'more'], [...$named, 'step' => 'body-in', 'seen' => 0],
                [...$named, 'find' => 'ä & b ~ [c]', 'of' => ['x', 'y']], [...$named, 'none' => null],
            ] as $given) {
                foreach ([true, false] as $isAbsolute) {
                    $made = array_map(function (UrlGenerator $by) use ($route, $given, $isAbsolute): string {
                        try {
                            return $by->route((string) $route->getName(), $given, $isAbsolute);
                        } catch (Throwable $e) {
                            return $e::class;
                        }
                    }, [$plain, $framework]);
                    $made[0] === $made[1] ?: $other[] = "{$made[0]}, not {$made[1]}";
                    $compared++;
                }
            }
        }
    }
    expect($other)->toBe([])->and($plain)->toBeInstanceOf(PlainAddresses::class)->and($compared)->toBeGreaterThan(5_000);
});
