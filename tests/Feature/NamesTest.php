<?php

declare(strict_types=1);

use App\Assembly\KnownParts;
use App\Models\Job;
use Tests\Support\Workshops;

/** What a person reads on a page: its words, and what it says of things to who does not see them. */
function wordsOn(string $html): string
{
    preg_match_all('/(?:aria-label|title|placeholder)="([^"]*)"/u', $html, $said);
    $body = preg_replace(['#<(script|style)\b.*?</\1>#su', '#<[^>]+>#u'], ' ', $html);

    return html_entity_decode($body.' '.implode(' ', $said[1]), ENT_QUOTES);
}

it('calls parts by their names on every screen, and keeps codes for documents', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::proved(Workshops::kitted($person), $person);
    $job->kit?->forceFill(['ring_id' => $person->workshop->rings()
        ->where('code', 'out-48')->value('id'), 'ring_mounting' => 'turned on crab-130'])->save();
    Job::query()->whereKey($job->id)->increment('version');
    $this->actingAs($person);
    $codes = array_filter(
        array_map(strval(...), array_keys(KnownParts::of($person->workshop_id)->names())),
        fn (string $code) => preg_match('/-\d/', $code) === 1,
    );
    $places = [
        'survey', 'match', 'stack', 'stack/ways', 'stack/order', 'stack/rest', 'line', 'line/gears?with=deep-44', 'line/hills', 'route',
        'route/battery', 'build', 'build?step=ring', 'build/print', 'prove', 'prove/hand-over', 'box',
    ];
    $found = [];
    foreach ([
        ...array_map(fn (string $place) => "/jobs/{$job->id}/{$place}", $places), '/', '/logbook', '/drawer', '/drawer/missing',
    ] as $address) {
        $words = wordsOn((string) $this->get($address)->assertOk()->getContent());
        foreach ([...$codes, 'down-low', 'square-taper', 'crab-130', 'pf30', 'boom-end'] as $code) {
            preg_match('/(?<![\w-])'.preg_quote($code, '/').'(?![\w-])/u', $words) === 1 && $found[] = "{$address}: {$code}";
        }
    }
    expect($found)->toBe([])->and(wordsOn((string) $this->get("/jobs/{$job->id}/line")->getContent()))
        ->toContain('Outboard 48, turned round, on the outer face of spider Crab, 130');
});

it('says what a word of the trade means where it stands, once in a text, and escapes what is not ours', function (): void {
    $marked = (string) App\View\Shared\TradeWords::in(
        'The dish of a ring, and its dish again: <b>"dish"</b>. Bottle bosses are no bosses of a motor.',
    );
    expect(substr_count($marked, '<dfn'))->toBe(2)
        ->and($marked)->toContain('title="How far a ring’s teeth sit inboard')->toContain('&lt;b&gt;&quot;dish&quot;')
        ->toContain('Bottle bosses')->toContain('no <dfn class="word" tabindex="0" title="Faces of the motor')
        ->and((string) App\View\Shared\TradeWords::in(null))->toBe('');
});
