<?php

declare(strict_types=1);

/*
 * Median time of each page of a demo served on loopback, one request at a time, and how many times that of a bare page
 * of the framework it is. The pages are asked for in turn, so that a machine that slows down slows all of them.
 *   php bench/pages.php http://127.0.0.1:PORT
 */

const TIMES = 50;
const WARM_UP = 4;

final class Visitor
{
    private readonly CurlHandle $curl;

    /** @param  non-empty-string  $address */
    public function __construct(private readonly string $address)
    {
        $this->curl = curl_init();
        curl_setopt_array($this->curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_TIMEOUT => 30]);
    }

    public function signIn(): void
    {
        preg_match('/name="_token" value="([^"]+)"/', $this->get('/sign-in'), $token);
        curl_setopt_array($this->curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query([
            '_token' => $token[1] ?? '', 'email' => 'maren@tollgate.example', 'password' => 'bench-demo',
        ])]);
        $this->get('/sign-in', 302);
        curl_setopt($this->curl, CURLOPT_HTTPGET, true);
    }

    public function get(string $path, int $expected = 200): string
    {
        curl_setopt($this->curl, CURLOPT_URL, $this->address.$path);
        $body = curl_exec($this->curl);
        $status = curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);
        if (! is_string($body) || $status !== $expected) {
            throw new RuntimeException("{$path} answered {$status}, expected {$expected}.");
        }

        return $body;
    }

    /**
     * In milliseconds, until the first byte.
     *
     * @param  array<string, string>  $paths by name
     * @return array<string, float> by name
     */
    public function medians(array $paths): array
    {
        $times = [];
        for ($i = 0; $i < WARM_UP + TIMES; $i++) {
            foreach ($paths as $name => $path) {
                $this->get($path);
                if ($i >= WARM_UP) {
                    $times[$name][] = $this->lastTime();
                }
            }
        }

        return array_map(self::median(...), $times);
    }

    /** Of keeping a reading, each one a little different, until the answer that it is kept. */
    public function medianReading(string $job, string $spot): float
    {
        preg_match('/name="_token" value="([^"]+)"/', $this->get("{$job}/survey?spot={$spot}"), $token);
        $count = 0;
        $median = $this->medianOf(function () use ($job, $spot, $token, &$count): void {
            curl_setopt_array($this->curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query([
                '_token' => $token[1] ?? '', 'spot' => $spot, 'typed' => number_format(73 + ++$count / 100, 2), 'instrument' => 'caliper', 'afresh' => 1,
            ])]);
            $this->get("{$job}/readings", 302);
        });
        curl_setopt($this->curl, CURLOPT_HTTPGET, true);

        return $median;
    }

    /** Of putting another spacer into the stack, until the answer that it is in. */
    public function medianSpacer(string $job): float
    {
        $page = $this->get("{$job}/stack");
        preg_match('/name="_token" value="([^"]+)"/', $page, $token);
        preg_match('/name="version" value="(\d+)"/', $page, $version);
        $count = 0;
        $median = $this->medianOf(function () use ($job, $token, $version, &$count): void {
            curl_setopt_array($this->curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query([
                '_token' => $token[1] ?? '', '_method' => 'PUT', 'version' => (int) ($version[1] ?? 0) + $count++,
                'place' => 'nut', 'op' => 'fill', 'typed' => number_format($count / 100, 2),
            ])]);
            $this->get("{$job}/stack", 302);
        });
        curl_setopt($this->curl, CURLOPT_HTTPGET, true);

        return $median;
    }

    /** Of ticking a step once more, until the answer that it is kept. */
    public function medianTick(string $sheet, string $step): float
    {
        return $this->medianOf(function () use ($sheet, $step): void {
            curl_setopt($this->curl, CURLOPT_HTTPGET, true);
            $page = $this->get("{$sheet}?step={$step}");
            preg_match('/name="_token" value="([^"]+)"/', $page, $token);
            preg_match('/name="seen" value="(\d+)"/', $page, $seen);
            curl_setopt_array($this->curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query([
                '_token' => $token[1] ?? '', 'step' => $step, 'state' => 'done', 'seen' => $seen[1] ?? 0,
            ])]);
            $this->get($sheet, 302);
        });
    }

    /** @param  callable(): mixed  $ask */
    private function medianOf(callable $ask): float
    {
        $times = [];
        for ($i = 0; $i < WARM_UP + TIMES; $i++) {
            $ask();
            if ($i >= WARM_UP) {
                $times[] = $this->lastTime();
            }
        }

        return self::median($times);
    }

    private function lastTime(): float
    {
        return curl_getinfo($this->curl, CURLINFO_STARTTRANSFER_TIME_T) / 1000;
    }

    /** @param  list<float>  $times */
    public static function median(array $times): float
    {
        sort($times);
        $middle = intdiv(count($times), 2);

        return count($times) % 2 === 1 ? $times[$middle] : ($times[$middle - 1] + $times[$middle]) / 2;
    }
}

$visitor = new Visitor(($argv[1] ?? '') ?: 'http://127.0.0.1:8180');
$visitor->signIn();
$pages = [
    'a bare page of the framework' => '/bare',
    'Bench' => '/',
    'Take a bike in' => '/jobs/new',
    'Calendar' => '/calendar',
    'Measured here' => '/parts',
    'Survey' => '/jobs/2/survey?spot=shell_width',
    'Condition' => '/jobs/2/condition',
    'Strip' => '/jobs/7/strip',
    'Match' => '/jobs/3/match',
    'Stack' => '/jobs/2/stack',
    'Stack, other ways' => '/jobs/8/stack/ways',
    'Stack, what to get' => '/jobs/2/stack/order',
    'Stack, nut and rest' => '/jobs/2/stack/rest',
    'Line' => '/jobs/2/line',
    'Gears' => '/jobs/2/line/gears',
    'Hills, a road of 18 km' => '/jobs/2/line/hills',
    'Route' => '/jobs/2/route',
    'Cockpit' => '/jobs/1/route/cockpit',
    'Sensors' => '/jobs/1/route/sensors',
    'Battery' => '/jobs/1/route/battery',
    'Build' => '/jobs/2/build',
    'Sheet for paper' => '/jobs/2/build/print',
    'Prove' => '/jobs/1/prove',
    'Hand over' => '/jobs/17/prove/hand-over',
    'Come back' => '/jobs/17/prove/come-back',
    'House rules' => '/house?job=241',
    'Rules of a job' => '/jobs/1/build/house',
    'Motor’s line, once' => '/jobs/1/prove/live?step=brake-left',
    'Logbook, the likest first' => '/logbook?like=2',
    'Drawer' => '/drawer',
    'Missing for all open jobs' => '/drawer/missing',
    'Catalogue' => '/catalogue',
];
$medians = $visitor->medians($pages);
$bare = $medians['a bare page of the framework'];
foreach ($medians as $name => $ms) {
    printf("%-42s %8.1f ms %6.2f\n", $name, $ms, $ms / $bare);
}
$ofAJob = array_filter($medians, fn (string $name) => preg_match('#^/jobs/\d+/(?!build/print)#', $pages[$name]) === 1, ARRAY_FILTER_USE_KEY);
printf("%-42s %18.2f, at most %.2f\n", 'a job’s places, median', Visitor::median(array_values($ofAJob)) / $bare, max([0.0, ...array_values($ofAJob)]) / $bare);
$kept = [
    'a spacer put in' => $visitor->medianSpacer('/jobs/2'),
    'a reading kept' => $visitor->medianReading('/jobs/14', 'shell_width'),
    'a step of the build ticked' => $visitor->medianTick('/jobs/2/build', 'safe'),
    'a step of the strip ticked' => $visitor->medianTick('/jobs/2/strip', 'power'),
];
foreach ($kept as $name => $ms) {
    printf("%-42s %8.1f ms %6.2f\n", $name, $ms, $ms / $bare);
}
