<?php

declare(strict_types=1);

use App\Models\StepRecord;
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
    foreach ($at->query('//form[.//input[not(@type) or @type="text" or @type="number" or @type="search" or @type="date"]]') ?: [] as $form) {
        $button = $form instanceof DOMElement ? ($at->query('.//button[not(@type="button") and not(@disabled)]', $form) ?: null)?->item(0) : null;
        if ($form instanceof DOMElement && $button instanceof DOMElement) {
            $pressed[] = ['form' => $form->getAttribute('action'), 'does' => $button->getAttribute('formaction'), 'name' => $button->getAttribute('name'), 'value' => $button->getAttribute('value')];
        }
    }

    return $pressed;
}

afterEach(fn () => $this->instruments->stop());

it('keeps the field it stands in when Enter is pressed, and does nothing else, on every form', function (): void {
    $this->instruments = Instruments::plugIn('caliper', 'wrench', 'display', 'scale');
    $this->actingAs($person = Workshops::stocked());
    $job = Workshops::proved(Workshops::kitted($person), $person);
    $places = [
        'survey?spot=shell_width', 'survey?spot=cogs', 'condition?subject=pads', 'strip', 'stack', 'stack/rest', 'line', 'line/hills', 'route', 'route/battery', 'route/cockpit', 'route/sensors', 'box',
        'build?step=nut-torque', 'build?step=pedals', 'prove?step=wakes', 'prove?step=pack-volts', 'prove?step=brake-left', 'prove/settings', 'prove/come-back',
    ];
    $odd = [];
    foreach ([...array_map(fn (string $place) => "/jobs/{$job->id}/{$place}", $places), '/', '/drawer', '/people', '/account', '/calendar'] as $path) {
        foreach (pressedByEnter((string) $this->get($path)->assertOk()->getContent()) as $first) {
            $isOther = $first['does'] !== '' || in_array($first['name'], ['wrench', 'cut', 'drop', 'move', 'out'], true) || in_array($first['value'], ['undone', 'stopped', 'here', 'missing'], true);
            $isOther && $odd[] = "{$path}: ".json_encode($first);
        }
    }
    expect($odd)->toBe([]);
});

it('takes a figure that was typed for what it is, though the motor’s line says another', function (): void {
    $this->instruments = Instruments::plugIn('display');
    $this->actingAs($person = Workshops::stocked());
    $job = Workshops::built(Workshops::kitted($person), $person);
    foreach ([1, 2, 3] as $ignored) {
        $html = (string) $this->get("/jobs/{$job->id}/prove")->assertOk()->getContent();
        if (str_contains($html, 'name="figure"')) {
            break;
        }
        preg_match('/name="step" value="([^"]+)"/', $html, $step);
        $this->post("/jobs/{$job->id}/prove", ['step' => $step[1] ?? '', 'state' => 'done', 'seen' => 0]);
    }
    preg_match('/name="step" value="([^"]+)"/', $html, $step);
    $first = array_values(array_filter(pressedByEnter($html), fn (array $one) => str_ends_with($one['form'], '/prove')))[0] ?? null;
    expect($first)->not->toBeNull()->and($first['does'] ?? '')->toBe('')->and($first['value'] ?? '')->toBe('done');
    $this->post("/jobs/{$job->id}/prove", ['step' => $step[1] ?? '', 'state' => 'done', 'figure' => '52,4', 'seen' => 0]);
    $kept = StepRecord::query()->where('sheet', 'prove')->where('step', $step[1] ?? '')->whereNull('superseded_at')->first();
    expect($kept === null ? null : $kept->figure)->toBe(str_contains($html, 'name="figure"') && $kept !== null ? 52.4 : null);
});
