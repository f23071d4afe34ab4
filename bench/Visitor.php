<?php

declare(strict_types=1);

const TIMES = 50;
const WARM_UP = 4;

/** Somebody signed in to a demo who asks for its pages and measures how long they take. */
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

    /**
     * Of keeping a reading, each one a little different, until the answer that it is kept.
     *
     * @return array{float, float} and of the bare page beside it
     */
    public function medianReading(string $job, string $spot): array
    {
        preg_match('/name="_token" value="([^"]+)"/', $this->get("{$job}/survey?spot={$spot}"), $token);
        $count = 0;

        return $this->medianOf(function () use ($job, $spot, $token, &$count): void {
            curl_setopt_array($this->curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query([
                '_token' => $token[1] ?? '', 'spot' => $spot, 'typed' => number_format(73 + ++$count / 100, 2), 'instrument' => 'caliper', 'afresh' => 1,
            ])]);
            $this->get("{$job}/readings", 302);
        });
    }

    /**
     * Of putting another spacer into the stack, until the answer that it is in.
     *
     * @return array{float, float} and of the bare page beside it
     */
    public function medianSpacer(string $job): array
    {
        $page = $this->get("{$job}/stack");
        preg_match('/name="_token" value="([^"]+)"/', $page, $token);
        preg_match('/name="version" value="(\d+)"/', $page, $version);
        $count = 0;

        return $this->medianOf(function () use ($job, $token, $version, &$count): void {
            curl_setopt_array($this->curl, [CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query([
                '_token' => $token[1] ?? '', '_method' => 'PUT', 'version' => (int) ($version[1] ?? 0) + $count++,
                'place' => 'nut', 'op' => 'fill', 'typed' => number_format($count / 100, 2),
            ])]);
            $this->get("{$job}/stack", 302);
        });
    }

    /**
     * Of ticking a step once more, until the answer that it is kept.
     *
     * @return array{float, float} and of the bare page beside it
     */
    public function medianTick(string $sheet, string $step): array
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

    /**
     * Asked in turn with the bare page, so that a slow minute of the machine slows both.
     *
     * @param  callable(): mixed  $ask
     * @return array{float, float} the median, and that of the bare page beside it
     */
    private function medianOf(callable $ask): array
    {
        [$times, $bare] = [[], []];
        for ($i = 0; $i < WARM_UP + TIMES; $i++) {
            $ask();
            $times[] = $this->lastTime();
            curl_setopt($this->curl, CURLOPT_HTTPGET, true);
            $this->get('/bare');
            $bare[] = $this->lastTime();
        }

        return [self::median(array_slice($times, WARM_UP)), self::median(array_slice($bare, WARM_UP))];
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
