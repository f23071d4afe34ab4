<?php

declare(strict_types=1);

use Tests\Support\Site;
use Tests\Support\Workshops;

it('says at the field what is wrong, and keeps what was typed', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::job($person);
    $site = Site::open()->signIn($person->email, Workshops::PASSWORD)->visit("/jobs/{$job->id}/survey?spot=shell_width");
    $site->type('typed', '7')->choose('instrument', 'rule')->press('Keep');

    expect($site->text('#typed-fault'))->toContain('7.00 mm cannot be')
        ->and($site->driver()->executeScript('return [typed.value, instrument.value, document.activeElement.id]'))
        ->toBe(['7', 'rule', 'typed']);
});
