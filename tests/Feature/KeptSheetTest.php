<?php

declare(strict_types=1);

use App\Models\HandOver;
use App\Models\Setting;
use App\Models\SheetAddress;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;
use Illuminate\Testing\TestResponse;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::proved(Workshops::kitted($this->person), $this->person);
    $this->at = fn (string $more = ''): string => "/jobs/{$this->job->id}/prove/hand-over{$more}";
    $this->give = fn (array $with = []) => $this->post(
        ($this->at)(),
        ['version' => Workshops::fresh($this->job)->version, 'recheck_on' => today()->addDays(14)->format('Y-m-d'), ...$with],
    );
});

/**
 * What happens to a workshop after a bike has left: what is done to its rows, in the words of whoever does it. The next
 * finding is a line.
 */
dataset('what happens later', [
    'the motor is called otherwise in a catalogue that is read in' => [
        "update motors set name = 'Otherwise called', figures = json_set(figures, '$.nut.torque_nm', json_array(1, 2))",
    ],
    'the ring is gone from the catalogue' => ['update kits set ring_id = null'],
    'a person marries' => ["update users set name = 'Somebody Otherwise'"],
    'the workshop has another name' => ["update workshops set name = 'Another House', place = 'Elsewhere'"],
    'the bike is called otherwise' => ["update bikes set label = 'Blue something'"],
    'the house has other rules' => ["update decisions set reason = 'Changed by hand'"],
]);

/**
 * The sheet itself, without what stands round it.
 *
 * @param  TestResponse<Symfony\Component\HttpFoundation\Response>  $page
 */
function sheetOf(TestResponse $page): string
{
    return trim(
        (string) preg_replace(
            '/\s+/', ' ',
            strip_tags((string) preg_replace('~.*<div class="sheet-paper[^>]*>(.*?)</div>.*~s', '$1', (string) $page->getContent())),
        ),
    );
}

it('shows on screen, on paper and at its address what left, whatever happens later', function (string $later): void {
    ($this->give)(['note' => 'Charger in the bag'])->assertSessionHasNoErrors();
    $this->post(($this->at)('/addresses'), ['days' => '10'])->assertSessionHasNoErrors();
    $address = SheetAddress::query()->sole()->url();
    $before = [sheetOf($this->get(($this->at)())), sheetOf($this->get($address))];
    $pdf = strlen((string) $this->actingAs($this->person)->get(($this->at)('.pdf'))->getContent());
    DB::statement($later);
    DB::update('update workshops set catalogue_version = ?', ['another']);
    $this->actingAs($this->person->refresh());
    expect(sheetOf($this->get(($this->at)())))->toBe($before[0])->toContain('Heron, 73 sleeve')->toContain('42.0 to 50.0 N·m')
        ->toContain('Charger in the bag')
        ->and(sheetOf($this->get($address)->assertOk()))->toBe($before[1])->toContain('Heron, 73 sleeve')
        ->and(abs(strlen((string) $this->actingAs($this->person)->get(($this->at)('.pdf'))->getContent()) - $pdf))->toBeLessThan(20);
    $this->get("/jobs/{$this->job->id}/prove/come-back")->assertOk()->assertSee('Nut to torque');
})->with('what happens later');

it('lets no old address open anything once the hand-over was taken back, nor after the next', function (): void {
    ($this->give)()->assertSessionHasNoErrors();
    $this->post(($this->at)('/addresses'), ['days' => '10'])->assertSessionHasNoErrors();
    $address = SheetAddress::query()->sole()->url();
    $this->get($address)->assertOk();
    $this->actingAs($this->person)->delete(($this->at)(), ['reason' => 'A bolt was forgotten'])->assertSessionHasNoErrors();
    $this->get($address)->assertNotFound();
    $this->actingAs($this->person);
    ($this->give)(['note' => 'The second time'])->assertSessionHasNoErrors();
    $this->get($address)->assertNotFound();
    expect(HandOver::query()->count())->toBe(2)->and(HandOver::query()->latest('id')->first()?->sheet?->note)->toBe('The second time');
    $this->get(URL::temporarySignedRoute('sheet', now()->addDay(), ['address' => SheetAddress::query()->sole()->id]))->assertNotFound();
});

it('writes a sheet for a bike that left before sheets were kept', function (): void {
    ($this->give)()->assertSessionHasNoErrors();
    HandOver::query()->update(['sheet' => null]);
    $this->get(($this->at)())->assertOk()->assertSee('Heron, 73 sleeve')->assertSee('handed over');
    $this->get("/jobs/{$this->job->id}/prove/come-back")->assertSee('Nut to torque');
});

it('lists parts among what came off, and no looks', function (): void {
    $strip = fn (string $step, array $with) => $this
        ->post("/jobs/{$this->job->id}/strip", ['step' => $step, 'state' => 'done', 'seen' => 0, ...$with]);
    $strip('crank-left', ['lies_in' => 'box 257'])->assertSessionHasErrors('lies_in');
    $strip('look-inside', ['lies_in' => 'box 9'])->assertSessionHasNoErrors();
    $strip('pedal-left', ['lies_in' => 'box 12'])->assertSessionHasNoErrors();
    $this->get(($this->at)())->assertSee('The pedal, marked L: box 12')->assertSee('The cable guide’s screw: box 9')
        ->assertDontSee('Look inside');
});

it('stays short and small on paper with thousands of settings, the rest on a list of its own', function (): void {
    Setting::query()->insert(array_map(fn (int $i) => [
        'job_id' => $this->job->id, 'user_id' => $this->person->id, 'name' => 'cut_off_kmh', 'value' => 'none', 'reason' => "Reason {$i}",
        'law' => 'Section 4',
        'set_at' => now(), 'superseded_at' => now(),
    ], range(1, 2_000)));
    ($this->give)()->assertSessionHasNoErrors();
    memory_reset_peak_usage();
    $memory = memory_get_usage();
    $pdf = (string) $this->get(($this->at)('.pdf'))->assertOk()->getContent();
    expect($pdf)->toStartWith('%PDF-')->and(memory_get_peak_usage() - $memory)->toBeLessThan(48 * 1024 * 1024)
        ->and(preg_match_all('~/Type\s*/Page\b~', $pdf))->toBeLessThan(6);
    $this->get(($this->at)())->assertSee('All that was decided')->assertSee('Reason 1999');
    expect(substr_count((string) $this->get(($this->at)('/decided.csv'))->assertOk()->getContent(), 'Reason'))->toBe(2_000);
});
