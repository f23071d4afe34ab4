<?php

declare(strict_types=1);

use App\Actions\Prove\WriteLogbook;
use App\Bench\OpenJob;
use App\Models\BoxRecord;
use App\Models\BoxState;
use App\Models\Decision;
use App\Models\Job;
use App\Models\Motor;
use App\Models\StepRecord;
use App\Models\User;
use App\Models\Values\About;
use Illuminate\Support\Facades\DB;
use NeatSpindle\Core\Fitting\Cockpit\BarSide;
use NeatSpindle\Core\Ground\House\Question;
use NeatSpindle\Core\Measuring\Survey\Spot;
use Tests\Support\Workshops;

/** A bike that was given out, however it was built. */
function logged(User $by, string $bike, string $width): Job
{
    $job = Workshops::job($by, $bike);
    foreach (['shell_width' => $width, 'stay_64' => '3', 'over_locknuts' => '135', 'chainstay_length' => '440'] as $spot => $typed) {
        Workshops::read($job, $by, Spot::from($spot), $typed);
    }
    $job->forceFill(['handed_over_at' => now()])->save();
    app(WriteLogbook::class)(OpenJob::of(Workshops::fresh($job)));

    return Workshops::fresh($job);
}

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
});

it('lists what was given out, and nothing else, and finds it by frame, name or what was decided', function (): void {
    $this->get('/logbook')->assertOk()->assertSee('No bike was given out yet');
    $out = logged($this->person, 'Heather commuter', '73');
    logged($this->person, 'Barge of a bike', '68');
    Workshops::job($this->person, 'Still on the bench');
    Decision::record($out, $this->person, About::gearSensor(), 'left-off', 'Hardly ever shifted');
    $this->get('/logbook')->assertSee('Heather commuter')->assertSee('Barge of a bike')->assertDontSee('Still on the bench');
    $this->get('/logbook?find=HEATHER')->assertSee('Heather commuter')->assertDontSee('Barge of a bike');
    $this->get('/logbook?find=hardly+ever')->assertSee('Heather commuter')->assertDontSee('Barge of a bike');
    $this->get('/logbook?find=nothing+like+it')->assertSee('Nothing in it matches');
    $this->get('/logbook?find[]=x&like[]=y')->assertOk();
    $this->actingAs(Workshops::person())->get('/logbook')->assertDontSee('Heather commuter');
});

it('finds by shell, by what was missed on the stand, and by what was got in vain', function (): void {
    $out = logged($this->person, 'Heather commuter', '73.02');
    $barge = logged($this->person, 'Barge of a bike', '68.05');
    StepRecord::query()->create([
        'job_id' => $out->id, 'user_id' => $this->person->id, 'sheet' => 'prove', 'step' => 'quiet', 'state' => 'stopped',
        'note' => 'Howls in the third gear', 'asked' => [],
        'recorded_at' => now(), 'superseded_at' => now(),
    ]);
    BoxRecord::query()
        ->create([
            'job_id' => $barge->id, 'motor_id' => Motor::query()->firstOrFail()->id, 'user_id' => $this->person->id, 'position' => 1,
            'what' => 'Bell', 'state' => BoxState::ToBag, 'noted_at' => now(),
        ]);
    app(WriteLogbook::class)(OpenJob::of(Workshops::fresh($barge)));
    $this->get('/logbook')->assertSee('Got in vain: bell, from the box, to the bag');
    $this->get('/logbook?find=howls')->assertSee('Heather commuter')->assertDontSee('Barge of a bike');
    $this->get('/logbook?find=shell+73')->assertSee('Heather commuter')->assertDontSee('Barge of a bike');
    $this->get('/logbook?find=bell')->assertSee('Barge of a bike')->assertDontSee('Heather commuter');
});

it('puts the likest frame first, as it was measured', function (): void {
    [$near, $far] = [logged($this->person, 'Near frame', '73.4'), logged($this->person, 'Far frame', '86')];
    $mine = logged($this->person, 'My frame', '73');
    $this->get("/logbook?like={$mine->id}")->assertSeeInOrder(['Near frame', 'Far frame']);
    logged($this->person, 'Twin of it', '73');
    $this->get("/logbook?like={$mine->id}")->assertSeeInOrder(['100 %', 'Twin of it', 'Near frame', 'Far frame']);
    $this->actingAs(Workshops::person())->get("/logbook?like={$near->id}")->assertOk()->assertDontSee('Near frame');
});

it('asks the database no more for many bikes than for few', function (): void {
    $count = function (): int {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get('/logbook')->assertOk();

        return count(DB::getQueryLog());
    };
    logged($this->person, 'One', '73');
    $few = $count();
    foreach (range(1, 5) as $i) {
        logged($this->person, "Bike {$i}", '68');
    }
    expect($count())->toBe($few);
});

it('keeps what a decision is about as one word, reads it back, and says which one it was', function (About $about, string $label): void {
    $read = About::read($about->kept());
    expect($read?->is($about))->toBeTrue()->and($read?->label())->toBe($label);
})->with([
    fn () => [About::pass('plate-on'), 'A step that was held, plate on'],
    fn () => [About::departure(Question::PlateOrNut), 'Otherwise than the house, '.lcfirst(Question::PlateOrNut->label())],
    fn () => [About::insistence('ring-side'), 'What the customer insists on, ring side'],
    fn () => [About::brakeSensor(BarSide::Left), 'Brake sensor left'],
    fn () => [About::gearSensor(), 'Gear sensor'],
]);
