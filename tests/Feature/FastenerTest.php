<?php

declare(strict_types=1);

use App\Models\FastenerBand;
use App\Models\StepRecord;
use Tests\Support\Workshops;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->job = Workshops::kitted($this->person);
    $this->actingAs($this->person);
    $this->tick = fn (string $step, array $with = []) => $this->from('/')
        ->post("/jobs/{$this->job->id}/build", ['step' => $step, 'state' => 'done', ...$with]);
    $this->band = fn (array $with = []) => $this->from('/')
        ->post(
            "/jobs/{$this->job->id}/build/band",
            ['fastener' => 'pedal', 'step' => 'pedals', 'low' => '30', 'high' => '35', 'paper' => 'card in the box', ...$with],
        );
});

it('asks for the band of a fastener nobody has said, and takes no torque without', function (): void {
    Workshops::built($this->job, $this->person, 'pedals');
    $this->get("/jobs/{$this->job->id}/build?step=pedals")->assertOk()->assertSee('No band is known for the pedals')
        ->assertSee('value="30.0 to 40.0"', false)->assertSee('only usual');
    ($this->tick)('pedals', ['torque' => '34'])
        ->assertSessionHasErrors([
            'torque' => 'No band is known for the pedals: type it from the part’s paper first, or say that it went by hand, and why.',
        ]);
    ($this->band)(['low' => ''])->assertSessionHasErrors('low');
    ($this->band)(['low' => '40'])->assertSessionHasErrors(['low' => 'The lower figure comes first.']);
    ($this->band)(['high' => '900'])->assertSessionHasErrors('high');
    ($this->band)(['paper' => ' '])->assertSessionHasErrors('paper');
    ($this->band)(['fastener' => 'saddle'])->assertSessionHasErrors('fastener');
    expect(FastenerBand::query()->count())->toBe(0);

    ($this->band)()->assertRedirect("/jobs/{$this->job->id}/build?step=pedals");
    $this->get("/jobs/{$this->job->id}/build?step=pedals")->assertSee('30.0 to 35.0 N·m, from card in the box')->assertSee('Torque given');
    ($this->tick)('pedals', ['torque' => '34'])->assertSessionHasNoErrors();
    expect(StepRecord::query()->where('step', 'pedals')->sole()->asked)
        ->toMatchArray(['torque_nm' => [30, 35], 'source' => 'card in the box']);
});

it('takes by hand only with a reason, and what is above the band only with one too', function (): void {
    Workshops::built($this->job, $this->person, 'nut-torque');
    ($this->tick)('nut-torque', ['by_hand' => '1'])
        ->assertSessionHasErrors(['note' => 'Say why it went by hand: the reason stays on record.']);
    ($this->tick)('nut-torque', ['torque' => '58'])->assertSessionHasErrors('note');
    ($this->tick)('nut-torque', ['torque' => '9', 'note' => 'it will do'])->assertSessionHasErrors('torque');
    ($this->tick)('nut-torque', ['torque' => '41.9', 'note' => 'nearly', 'sure' => '1'])->assertSessionHasErrors('torque');
    expect(StepRecord::query()->where('step', 'nut-torque')->count())->toBe(0);
    ($this->tick)('nut-torque', ['torque' => '58', 'note' => 'crept at 50, the owner decided'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/build?step=nut-torque")->assertSee('Above the maker’s band')->assertSee('crept at 50');

    ($this->tick)('plate-look')->assertSessionHasNoErrors();
    ($this->tick)('boss-bolts', ['by_hand' => '1', 'torque' => '2', 'note' => 'no room for the wrench'])->assertSessionHasErrors('torque');
    ($this->tick)('boss-bolts', ['by_hand' => '1', 'note' => 'no room for the wrench'])->assertSessionHasNoErrors();
    $record = StepRecord::query()->where('step', 'boss-bolts')->sole();
    expect($record->by_hand)->toBeTrue()->and($record->torque_nm)->toBeNull();
    $this->get("/jobs/{$this->job->id}/build/print")->assertSeeInOrder(['Plate bolts to torque', 'by hand', 'no room for the wrench']);
});

it('goes by what was typed from the part at hand before the catalogue', function (): void {
    ($this->band)(['fastener' => 'ring_bolts', 'low' => '6', 'high' => '7', 'paper' => 'engraved on the ring'])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/build?step=ring")->assertSee('6.0 to 7.0 N·m, from engraved on the ring');
});

it('reads bands and contents in with a catalogue, and says at its pointer what is wrong with one', function (): void {
    $catalogue = json_decode((string) file_get_contents(database_path('demo/catalogue.json')), true);
    $catalogue['motors']['heron-73']['fasteners']['wing_nut'] = ['torque_nm' => [1, 2]];
    $catalogue['motors']['heron-73']['contents'][0]['quantity'] = 0;
    $catalogue['rings']['deep-40']['bolt_torque_nm'] = [10, 8];
    $this->from('/catalogue')
        ->post(
            '/catalogue', ['file' => Illuminate\Http\UploadedFile::fake()->createWithContent('c.json', (string) json_encode($catalogue))],
        );
    $said = implode("\n", session('errors')->get('file'));
    expect($said)->toContain('/motors/heron-73/fasteners/wing_nut')->toContain('/motors/heron-73/contents/0/quantity')
        ->toContain('/rings/deep-40/bolt_torque_nm');
});

it('keeps the band on a part’s paper and the torque that was given in one go, or nothing of both', function (): void {
    Workshops::built($this->job, $this->person, 'pedals');
    ($this->tick)('pedals', ['band' => '30 to 35', 'torque' => '33'])->assertSessionHasErrors('paper');
    ($this->tick)('pedals', ['band' => 'tight', 'paper' => 'card', 'torque' => '33'])->assertSessionHasErrors('band');
    ($this->tick)('pedals', ['band' => '35 to 30', 'paper' => 'card', 'torque' => '33'])->assertSessionHasErrors('band');
    ($this->tick)('pedals', ['band' => '30 to 35', 'paper' => 'card', 'torque' => '12'])->assertSessionHasErrors('torque');
    ($this->tick)('pedals', ['band' => '30 to 35', 'paper' => 'card'])->assertSessionHasErrors('torque');
    expect(FastenerBand::query()->exists())->toBeFalse();
    ($this->tick)('pedals', ['band' => '30–35 Nm', 'paper' => 'card in the box', 'torque' => '33'])->assertSessionHasNoErrors();
    $record = StepRecord::query()->where('step', 'pedals')->sole();
    expect($record->asked)->toMatchArray(['torque_nm' => [30, 35], 'source' => 'card in the box'])->and($record->torque_nm)->toBe(33.0)
        ->and(FastenerBand::query()->sole()->only(['low_nm', 'high_nm', 'paper']))
        ->toBe(['low_nm' => 30.0, 'high_nm' => 35.0, 'paper' => 'card in the box']);
});

it('lets a band that was typed wrong be typed anew, and keeps one typed beside a step that went by hand', function (): void {
    Workshops::built($this->job, $this->person, 'pedals');
    ($this->tick)(
        'pedals',
        ['band' => '30 to 40', 'paper' => 'as pedals usually are, not their maker’s', 'by_hand' => '1', 'note' => 'no wrench fits'],
    )
        ->assertSessionHasNoErrors();
    expect(FastenerBand::query()->exists())->toBeFalse();
    ($this->tick)('pedals', ['state' => 'undone', 'seen' => StepRecord::query()->where('step', 'pedals')->value('id')])
        ->assertSessionHasNoErrors();
    ($this->tick)('pedals', ['band' => '300 to 350', 'paper' => 'card', 'by_hand' => '1', 'note' => 'no wrench fits'])
        ->assertSessionHasNoErrors();
    expect(FastenerBand::query()->sole()->high_nm)->toBe(350.0);
    ($this->tick)('pedals', ['state' => 'undone', 'seen' => StepRecord::query()->where('step', 'pedals')->latest('id')->value('id')])
        ->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/build?step=pedals")->assertSee('The paper says otherwise')->assertSee('value="300.0"', false);
    ($this->band)(['seen' => FastenerBand::query()->value('id')])->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->job->id}/build?step=pedals")->assertSee('30.0 to 35.0 N·m, from card in the box');
});
