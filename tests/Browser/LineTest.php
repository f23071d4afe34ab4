<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\Site;
use Tests\Support\Workshops;

/** @return list<string> codes of the rings in the order they are shown */
function shownRings(Site $site): array
{
    $rows = array_values($site->driver()->findElements(WebDriverBy::cssSelector('tr[data-ring]')));

    return array_map(fn ($row) => (string) $row->getAttribute('data-ring'), $rows);
}

it('ranks the rings anew when the cogs are weighed by keyboard', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/line");
    $before = [shownRings($site), $site->text('[data-figure="weighted"]')];

    $site->tabTo('#weight-0');
    for ($i = 0; $i < 9; $i++) {
        $site->andWait(fn () => $site->keys(WebDriverKeys::ARROW_RIGHT));
        expect($site->driver()->executeScript('return document.activeElement.id'))->toBe('weight-0');
    }
    expect($site->text('[data-figure="weighted"]'))->not->toBe($before[1])
        ->and(shownRings($site))->not->toBe($before[0]);
});

it('rides a road of 20,000 points', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $points = implode(
        '',
        array_map(
            fn (int $i) => sprintf('<trkpt lat="%.6f" lon="-20"><ele>%.1f</ele></trkpt>', 5 + $i * 10 / 111_195, 200 + 30 * sin($i / 90)),
            range(0, 19_999),
        ),
    );
    $file = sys_get_temp_dir().'/neat-spindle-road-'.bin2hex(random_bytes(4)).'.gpx';
    file_put_contents($file, "<gpx version=\"1.1\"><trk><name>The long way</name><trkseg>{$points}</trkseg></trk></gpx>");
    try {
        $site = Site::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/line/hills");
        $site->driver()->findElement(WebDriverBy::id('track'))->sendKeys($file);
        $site->press('Load a road');
    } finally {
        unlink($file);
    }

    expect($site->text())->toContain('The long way')->toContain('200.0 km')->toContain('20,000 points')
        ->and($site->has('svg .battery-line'))->toBeTrue();
});
