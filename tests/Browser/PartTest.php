<?php

declare(strict_types=1);

use App\Models\MeasuredPart;
use Tests\Support\MotorWithoutPapers;
use Tests\Support\Site;
use Tests\Support\Workshops;

it('draws a part while its figures are typed, and says what is missing until nothing is', function (): void {
    $site = Site::open()->signIn(Workshops::stocked()->email, Workshops::PASSWORD)->visit('/catalogue');
    $site->press('Measure a part')->click('button[value="sleeve"]');
    $site->type('figure-name', 'Grey motor without papers')->tick('input[value="native_shells bsa"]')
        ->type('figure-sleeve-sleeve_od_mm', '33')->type('figure-sleeve-sleeve_length_mm', '92.5');
    foreach (MotorWithoutPapers::FIGURES as $field => $typed) {
        $site->type("figure-{$field}", $typed);
    }
    $site->waitForText('#part-drawing', 'Nothing is missing');
    expect(MeasuredPart::query()->sole()->figures)->toBe([])->and($site->seriousFaults())->toBe([])->and($site->consoleErrors())->toBe([]);
});
