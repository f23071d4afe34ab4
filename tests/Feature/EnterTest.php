<?php

declare(strict_types=1);

use App\Bench\OpenJob;
use App\Bench\Proving;
use App\Models\StepRecord;
use NeatSpindle\Core\Holding\Build\BuildStep;
use NeatSpindle\Core\Whole\Prove\Check;
use Tests\Support\Instruments;
use Tests\Support\Workshops;

/**
 * What Enter presses in each form with a field to type in: its first button.
 *
 * @return list<array{form: string, does: string, name: string, value: string}>
 */
function pressedByEnter(string $html): array
{
    $dom = new DOMDocument;
    @$dom->loadHTML('<?xml encoding="utf-8"?>'.$html);
    $at = new DOMXPath($dom);
    $pressed = [];
    foreach ($at->query(
        '//form[.//input[not(@type) or @type="text" or @type="number" or @type="search" or @type="date"]]',
    ) ?: [] as $form) {
        $button = $form instanceof DOMElement ? ($at->query('.//button[not(@type="button")]', $form) ?: null)?->item(0) : null;
        if ($form instanceof DOMElement && $button instanceof DOMElement && ! $button->hasAttribute('disabled')) {
            $pressed[] = [
                'form' => $form->getAttribute('action'), 'does' => $button->getAttribute('formaction'),
                'name' => $button->getAttribute('name'), 'value' => $button->getAttribute('value'),
            ];
        }
    }

    return $pressed;
}

afterEach(fn () => $this->instruments->stop());

it('keeps the field it stands in when Enter is pressed, and does nothing else, on every form', function (): void {
    $this->instruments = Instruments::plugIn('caliper', 'wrench', 'display', 'scale');
    $this->actingAs($person = Workshops::stocked());
    $job = Workshops::ready(Workshops::kitted($person));
    $built = Workshops::built(Workshops::kitted($person), $person);
    $open = OpenJob::of(Workshops::fresh($job));
    $places = [
        'survey?spot=shell_width', 'survey?spot=cogs', 'condition?subject=pads', 'strip', 'stack', 'stack/rest', 'line', 'line/hills',
        'route', 'route/battery', 'route/cockpit', 'route/sensors', 'box',
        ...array_map(fn (BuildStep $step) => 'build?step='.urlencode($step->code), $open->buildSheet()->steps ?? []),
    ];
    $checks = array_map(fn (Check $check) => "/jobs/{$built->id}/prove?step={$check->code}", $open->the(Proving::class)->plan->checks);
    $paths = [
        "/jobs/{$built->id}/prove/settings", "/jobs/{$built->id}/prove/come-back", '/', '/drawer', '/people', '/account', '/calendar',
        '/calendar/hours',
    ];
    $forms = 0;
    $odd = [];
    foreach ([...array_map(fn (string $place) => "/jobs/{$job->id}/{$place}", $places), ...$checks, ...$paths] as $path) {
        foreach (pressedByEnter((string) $this->get($path)->assertOk()->getContent()) as $first) {
            $forms++;
            $isOther = $first['does'] !== '' || in_array($first['name'], ['wrench', 'cut', 'drop', 'move', 'out'], true) || in_array(
                $first['value'], ['undone', 'stopped', 'here', 'missing'], true,
            );
            $isOther && $odd[] = "{$path}: ".json_encode($first);
        }
    }
    expect($odd)->toBe([])->and($forms)->toBeGreaterThan(count($checks));
});

it('takes a figure that was typed for what it is, though the motor’s line says another', function (): void {
    $this->instruments = Instruments::plugIn('display');
    $this->actingAs($person = Workshops::stocked());
    $job = Workshops::built(Workshops::kitted($person), $person);
    foreach (['turns-free', 'pack-locked'] as $before) {
        $this->post("/jobs/{$job->id}/prove", ['step' => $before, 'state' => 'done', 'seen' => 0])->assertSessionHasNoErrors();
    }
    $html = (string) $this->get("/jobs/{$job->id}/prove?step=wakes")->assertOk()->assertSee('name="figure"', false)->getContent();
    $first = array_values(array_filter(pressedByEnter($html), fn (array $one) => str_ends_with($one['form'], '/prove')))[0] ?? null;
    expect($first)->not->toBeNull()->and($first['does'] ?? '')->toBe('')->and($first['value'] ?? '')->toBe('done');
    $this->post(
        "/jobs/{$job->id}/prove", ['step' => 'wakes', $first['name'] ?? '' => $first['value'] ?? '', 'figure' => '46,4', 'seen' => 0],
    )
        ->assertSessionHasNoErrors();
    expect(StepRecord::query()->where('sheet', 'prove')->where('step', 'wakes')->sole()->figure)->toBe(46.4);
});
