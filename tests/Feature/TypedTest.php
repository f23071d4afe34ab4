<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\Spacer;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Whole\Prove\Check;
use Tests\Support\SentForm;
use Tests\Support\Workshops;

/*
 * Types into every field of every form and presses Enter: what is written is what was typed, or a message says why not,
 * and no field of the form is lost.
 */

const TYPED_IN = [
    'figure' => ['7.31', '12', '7'], 'words' => ['Second try at 7 o’clock', '7.31'], 'date' => ['2027-03-01'],
    'email' => ['second@try.example'], 'tel' => ['0123 4567'],
];

/**
 * Whether a value is among what a statement wrote, as it is, inside a text or as the same number.
 *
 * @param  list<mixed>  $written
 */
function isAmong(string $typed, array $written): bool
{
    $json = trim((string) json_encode($typed), '"');
    foreach ($written as $value) {
        $text = is_scalar($value) ? (string) $value : (string) json_encode($value);
        $isThere = is_numeric($typed)
            ? (is_numeric($text) && abs((float) $typed - (float) $text) < 1e-6) || preg_match(
                '/(?<![\d.-])(?<!\d:)'.preg_quote($typed, '/').'(?:\.0+)?(?![\d.-])(?!:\d)/', $text,
            ) === 1
            : str_contains($text, $typed) || str_contains($text, $json) || str_contains((string) json_encode($text), $json);
        if ($isThere) {
            return true;
        }
    }

    return false;
}

/** Whether a field of the page still holds a text. */
function isHeldIn(string $html, string $text): bool
{
    return str_contains($html, "value=\"{$text}\"") || preg_match('/>\s*'.preg_quote($text, '/').'\s*<\/textarea>/', $html) === 1;
}

it('keeps what was typed into any field of any form, or says at it why not and loses nothing', function (): void {
    $this->actingAs($person = Workshops::stocked());
    $job = Workshops::ready(Workshops::kitted($person));
    $built = Workshops::built(Workshops::kitted($person), $person);
    $steps = array_map(
        fn (BuildStep $step) => "/jobs/{$job->id}/build?step=".urlencode($step->code),
        OpenJob::of(Workshops::fresh($job))->buildSheet()->steps ?? [],
    );
    $checks = array_map(
        fn (Check $check) => "/jobs/{$built->id}/prove?step={$check->code}",
        OpenJob::of(Workshops::fresh($job))->the(Proving::class)->plan->checks,
    );
    $places = [
        'survey?spot=shell_width', 'survey?spot=cogs', 'survey?spot=stay_45', 'condition?subject=pads', 'strip', 'strip?step=chain',
        'stack', 'stack/rest', 'line', 'line/hills', 'route', 'route/battery', 'route/cockpit', 'route/sensors', 'box',
    ];
    $paths = [
        ...array_map(fn (string $place) => "/jobs/{$job->id}/{$place}", $places), ...$steps, ...$checks,
        "/jobs/{$built->id}/prove/settings", "/jobs/{$built->id}/prove/hand-over", '/jobs/new', '/drawer', '/drawer/stock', '/drawer/count', '/drawer/orders/new', '/drawer/stock/spacer-'.Spacer::query()
            ->value('id'), '/people', '/account', '/calendar?change='.$job->number, '/calendar/hours',
    ];
    [$faults, $sent, $written] = [[], 0, []];
    DB::listen(function (QueryExecuted $query) use (&$written): void {
        preg_match('/^\s*(insert|update)/i', $query->sql) === 1 && array_push($written, ...$query->bindings);
    });
    foreach ($paths as $path) {
        foreach (SentForm::on((string) $this->get($path)->assertOk()->getContent()) as $form) {
            foreach ($form->typed as $name => $kind) {
                foreach (TYPED_IN[$kind] as $value) {
                    RateLimiter::clear('letters');
                    DB::beginTransaction();
                    $written = [];
                    $response = $this->from($path)->call($form->method, $form->path, $form->with($name, $value, 'Beside it'));
                    $isRefused = session()->has('errors') || $response->getStatusCode() >= 400;
                    $sent++;
                    $what = "{$path}: {$name} = {$value}";
                    if ($response->getStatusCode() >= 500) {
                        $faults[] = "{$what}: {$response->getStatusCode()}";
                    } elseif ($isRefused) {
                        $html = html_entity_decode((string) $this->get($path)->getContent(), ENT_QUOTES);
                        str_contains($html, 'class="fault"') || str_contains($html, 'role="alert"')
                            || $faults[] = "{$what}: refused without a word";
                        isHeldIn($html, $value) || $faults[] = "{$what}: lost";
                        $beside = array_diff(array_keys(array_filter($form->typed, fn (string $one) => $one === 'words')), [$name]);
                        substr_count($html, 'Beside it') >= count($beside) || $faults[] = "{$what}: a field beside it is lost";
                    } elseif (
                        ! isAmong($value, $written) && $form->fields[$name] !== $value && ! (
                            $response->isOk() && str_contains((string) $response->getContent(), "value=\"{$value}\"")
                        )
                    ) {
                        $faults[] = "{$what}: not kept";
                    }
                    DB::rollBack();
                    session()->forget(['errors', '_old_input']);
                }
            }
        }
    }
    fwrite(STDERR, "{$sent} fields typed in and sent by Enter\n");
    expect($faults)->toBe([])->and($sent)->toBeGreaterThan(200);
});
