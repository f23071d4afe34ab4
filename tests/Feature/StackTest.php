<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Reservation;
use App\Models\ReservationState;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use NeatSpindle\Core\Measuring\Survey\Spot;
use Tests\Support\Workshops;

/** A job whose motor hangs between plates, on a shell it is native to. */
function hungJob(User $person): Job
{
    return Workshops::kitted($person, 'wren-pair', 'plain-40');
}

function readAt(Job $job, User $person, string $spot, string $typed): void
{
    Workshops::read($job, $person, Spot::from($spot), $typed);
}

it('asks for a twin-plate motor’s own measures, and lets another be chosen meanwhile', function (): void {
    $person = Workshops::stocked();
    $job = hungJob($person);
    $this->actingAs($person)->get("/jobs/{$job->id}/stack")->assertOk()->assertSee('Ring to plate');
    $this->get("/jobs/{$job->id}/match")->assertOk()->assertSee('Measure with the plates')->assertSee('Choose Heron, 73 sleeve');
    $this->get("/jobs/{$job->id}/survey")->assertOk()->assertSee('Plates and ring');
    expect(Workshops::fresh($job)->next_step)->toBe('Measure with the plates: Ring to plate');
});

it('solves a twin-plate motor from its measures, decides play by hand and has a sheet for it', function (): void {
    $person = Workshops::stocked();
    $job = hungJob($person);
    foreach (['shell_width' => '92.0', 'ring_to_plate' => '10.4', 'pinion_to_face' => '40.7', 'crank_gap' => '23.1'] as $spot => $typed) {
        readAt($job, $person, $spot, $typed);
    }
    $this->actingAs($person)->get("/jobs/{$job->id}/stack")->assertOk()->assertSee('First chain off line')
        ->assertSee('Too few shims give play');
    $this->post("/jobs/{$job->id}/answers", ['spot' => 'bearing_feel', 'value' => 'drag', 'back' => 'stack'])
        ->assertRedirect("/jobs/{$job->id}/stack");
    $this->post("/jobs/{$job->id}/answers", ['spot' => 'crank_bolt_turns', 'value' => '2', 'back' => 'stack'])->assertRedirect();
    $this->get("/jobs/{$job->id}/stack")->assertSee('never from under the crank')->assertSee('2 of at least 3');
    $this->get("/jobs/{$job->id}/build")->assertOk()->assertSee('First chain over ring and pinion');
    $document = $this->get("/jobs/{$job->id}/job.json")->json();
    expect($document['bike']['twin_plate_measures']['crank_gap_mm']['readings'])->toEqual([23.1])
        ->and($document['kit']['motor'])->toBe('wren-pair');
});

it('says how the first chain hangs and what its tensioner has left, once measured', function (): void {
    $person = Workshops::stocked();
    $job = hungJob($person);
    foreach (['shell_width' => '92.0', 'ring_to_plate' => '10.4', 'pinion_to_face' => '40.7', 'crank_gap' => '23.1'] as $spot => $typed) {
        readAt($job, $person, $spot, $typed);
    }
    $this->actingAs($person)->get("/jobs/{$job->id}/stack")->assertSee('its free run')->assertSee('its way in and out');
    foreach (['first_chain_run' => '182', 'first_chain_play' => '16', 'arm_in' => '2', 'arm_out' => '14'] as $spot => $typed) {
        readAt($job, $person, $spot, $typed);
    }
    $this->get("/jobs/{$job->id}/stack")->assertSee('4.4 ± 0.')->assertSee('Too slack:')->assertSee('It cannot follow a chain that wears:');
});

it('opens every margin into the readings and figures behind it', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)->get("/jobs/{$job->id}/stack")->assertOk()
        ->assertSeeInOrder(['Case to chainstay', 'Drive side, spacers', 'Case, from the shoulder', 'Chainstay’s outer side', 'Together'])
        ->assertSeeInOrder(['Thread for the nut', 'Sleeve’s length', 'Shell’s width']);
});

it('looks at a detail and gives it out as a drawing', function (string $detail): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)->get("/jobs/{$job->id}/stack?detail={$detail}")->assertOk();
    expect(simplexml_load_string((string) $this->get("/jobs/{$job->id}/section.svg?detail={$detail}")->assertOk()->getContent()))->not
        ->toBeFalse();
})->with(['whole', 'left', 'drive', 'nonsense']);

it('says what the nut holds and keeps what the body rests on', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)->get("/jobs/{$job->id}/stack/rest")->assertOk()->assertSee('Friction holds')->assertSee('There is no boom');
    $brace = fn (array $data) => $this->put(
        "/jobs/{$job->id}/stack/rest",
        ['version' => Workshops::fresh($job)->version, 'position' => 'below', 'gap' => 'nothing', ...$data],
    );

    $brace(['nut_torque' => '35 ft lb', 'thread_state' => 'grease', 'shell_face' => 'bare', 'rest' => 'block', 'rest_radius' => '150'])
        ->assertSessionHasNoErrors();
    $worksheet = $this->get("/jobs/{$job->id}/worksheet.json")->json('reaction');
    expect($worksheet['rest_load_n'])->not->toBeNull()
        ->and(Workshops::fresh($job)->kit?->bracing?->nutTorque)->toEqualWithDelta(47.45, 0.01);
    $brace(['rest' => 'boom_clamp'])->assertSessionHasErrors('rest');
    $brace(['nut_torque' => 'tight'])->assertSessionHasErrors('nut_torque');
    $brace(['shell_outer' => '30', 'shell_inner' => '34'])->assertSessionHasErrors('shell_outer');
    $brace(['rest' => 'block', 'rest_radius' => '-3'])->assertSessionHasErrors('rest_radius');
});

it('stops the job when something soft lies in the gap and the body presses on it', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)
        ->put(
            "/jobs/{$job->id}/stack/rest",
            ['version' => $job->version, 'position' => 'below', 'gap' => 'hose', 'rest' => 'frame', 'rest_radius' => '150'],
        )
        ->assertSessionHasNoErrors();

    $this->get("/jobs/{$job->id}/stack")->assertSee('This job is stopped')->assertSee('A hydraulic hose lies where the body presses');
    $this->post("/jobs/{$job->id}/build", ['step' => 'safe', 'state' => 'done'])->assertSessionHasErrors('state');
    expect(Workshops::fresh($job)->next_step)->toStartWith('Stopped.');
    $this->put(
        "/jobs/{$job->id}/stack/rest",
        [
            'version' => Workshops::fresh($job)->version, 'position' => 'below', 'gap' => 'hose', 'rest' => 'strut',
            'rest_radius' => '150',
        ],
    )
        ->assertSessionHasNoErrors();
    $this->get("/jobs/{$job->id}/stack")->assertDontSee('This job is stopped');
});

it('never clamps carbon', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $job->bike->update(['frame_material' => 'carbon']);
    $this->actingAs($person)
        ->put(
            "/jobs/{$job->id}/stack/rest",
            ['version' => $job->version, 'position' => 'below', 'gap' => 'nothing', 'rest' => 'tube_band', 'rest_radius' => '150'],
        )
        ->assertSessionHasErrors('rest');
});

it('reserves what a stack uses, so that another job cannot count on it', function (): void {
    $person = Workshops::stocked();
    $person->workshop->spacers()->update(['quantity' => 1]);
    $first = Workshops::kitted($person);
    $second = Workshops::kitted($person);
    $uses = exportedDrive($first);
    $this->actingAs($person)->post("/jobs/{$first->id}/stack/order", ['does' => 'reserve', 'version' => $first->version])
        ->assertSessionHasNoErrors();

    expect($uses)->not->toBe([])->and(exportedDrive($first))->toBe($uses)->and(exportedDrive($second))->not->toBe($uses);
    $this->get('/drawer')->assertOk()->assertSee("{$first->number}</a>", false);

    $spacer = Reservation::query()->where('job_id', $first->id)->firstOrFail()->spacer;
    $this->post("/jobs/{$first->id}/stack/order", ['does' => 'take', 'version' => $first->version])->assertSessionHasErrors('version');
    expect($spacer->refresh()->quantity)->toBe(1);
    $this->post("/jobs/{$first->id}/stack/order", ['does' => 'take', 'version' => Workshops::fresh($first)->version]);
    expect($spacer->refresh()->quantity)->toBe(0)->and(exportedDrive($first))->toBe($uses);
    $this->post("/jobs/{$first->id}/stack/order", ['does' => 'give_back', 'version' => Workshops::fresh($first)->version]);
    expect($spacer->refresh()->quantity)->toBe(1)->and(Reservation::query()
        ->where('job_id', $first->id)->pluck('state')->unique()->all())->toBe([ReservationState::Returned]);
});

it('takes nothing out that is no longer there', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person)->post("/jobs/{$job->id}/stack/order", ['does' => 'reserve', 'version' => $job->version])
        ->assertSessionHasNoErrors();
    $person->workshop->spacers()->update(['quantity' => 0]);
    $this->post("/jobs/{$job->id}/stack/order", ['does' => 'take', 'version' => $job->version])->assertSessionHasErrors('version');
    $this->post("/jobs/{$job->id}/stack/order", ['does' => 'take', 'version' => Workshops::fresh($job)->version])
        ->assertSessionHasErrors('does');
    expect(Reservation::query()->where('job_id', $job->id)->where('state', ReservationState::Taken)->count())->toBe(0);
});

it('reads no catalogue whose drawer has a row twice', function (): void {
    $person = Workshops::stocked();
    $catalogue = $this->actingAs($person)->get('/catalogue.json')->json();
    $catalogue['spacers'][] = $catalogue['spacers'][0];
    $before = $person->workshop->spacers()->count();
    $this->post('/catalogue', ['file' => UploadedFile::fake()->createWithContent('catalogue.json', (string) json_encode($catalogue))])
        ->assertSessionHasErrors();
    expect(implode(' ', session('errors')->all()))->toContain('The same thickness and uses as /spacers/0')
        ->and($person->workshop->spacers()->count())->toBe($before);
});

/** @return list<float|int> */
function exportedDrive(Job $job): array
{
    return test()->actingAs($job->workshop()->firstOrFail()->users()->firstOrFail())->get("/jobs/{$job->id}/worksheet.json")
        ->json('stack.spacers.drive') ?? [];
}

it('says what to get, also when the doubt has its way, and gives it out as a table', function (): void {
    $person = Workshops::stocked();
    $person->workshop->spacers()->update(['quantity' => 0]);
    $job = Workshops::kitted($person);
    $this->actingAs($person)->get("/jobs/{$job->id}/stack/order")->assertOk()->assertSee('Missing, with as few pieces')
        ->assertSee('Drop any piece');
    $csv = (string) $this->get("/jobs/{$job->id}/stack/order.csv")->assertOk()
        ->assertHeader('Content-Type', 'text/csv; charset=UTF-8')->getContent();
    expect($csv)->toStartWith("thickness_mm,quantity,use\n")->and(substr_count($csv, "\n"))->toBeGreaterThan(1);
    $this->get('/drawer/missing')->assertOk()->assertSee((string) $job->number);
    expect((string) $this->get('/drawer/missing.csv')->assertOk()->getContent())->toContain((string) $job->number);

    foreach ([['handed_over_at' => now()], ['handed_over_at' => null, 'ended_at' => now()]] as $since) {
        Workshops::fresh($job)->forceFill($since)->save();
        $this->get('/drawer/missing')->assertDontSee("{$job->number} Grey hardtail");
    }
});

it('counts a job whose ring is turned round among those that may lack something', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $ring = $person->workshop->rings()->where('code', 'half-36')->sole();
    $this->actingAs($person)->put("/jobs/{$job->id}/ring", ['ring_id' => $ring->id, 'mounting' => 'turned', 'version' => $job->version])
        ->assertSessionHasNoErrors();
    $person->workshop->spacers()->update(['quantity' => 0]);

    $this->get('/drawer/missing')->assertSee("{$job->number} Grey hardtail")->assertSee('for “Boss washers”');
});

it('reads a drawer in from a table and writes the same out', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person);
    $table = (string) $this->get('/drawer.csv')->assertOk()->getContent();
    $more = $table."2.75,3,\"drive plate\",\"=shelf, left\"\n";
    $this->post('/drawer.csv', ['table' => UploadedFile::fake()->createWithContent('drawer.csv', $more)])->assertSessionHasNoErrors();
    $again = (string) $this->get('/drawer.csv')->getContent();

    expect($again)->toContain('2.75,3,"drive plate","\'=shelf, left"')
        ->and(count(explode("\n", $again)))->toBe(count(explode("\n", $table)) + 1);
    $this->post(
        '/drawer.csv',
        ['table' => UploadedFile::fake()->createWithContent('semi.csv', "thickness_mm;quantity;use\r\n2,75;9;plate drive\r\n")],
    )
        ->assertSessionHasNoErrors();
    expect($person->workshop->spacers()->where('thickness_mm', 2.75)->sole()->quantity)->toBe(9);
});

it('says line by line what is wrong with a table, and keeps nothing of it', function (string $rows, string $message): void {
    $person = Workshops::stocked();
    $before = $person->workshop->spacers()->count();
    $this->actingAs($person)
        ->post('/drawer.csv', ['table' => UploadedFile::fake()->createWithContent('drawer.csv', "thickness_mm,quantity,use\n{$rows}")])
        ->assertSessionHasErrors('table');
    expect(implode(' ', session('errors')->get('table')))->toContain($message)->and($person->workshop->spacers()->count())->toBe($before);
})->with([
    'zero' => ["0,3,drive\n", 'Line 2: A spacer is thicker than 0'],
    'words' => ["thick,3,drive\n", 'is no thickness'],
    'too fine' => ["1.005,3,drive\n", 'whole number of hundredths'],
    'negative count' => ["1,-3,drive\n", 'from 0 to 1000'],
    'unknown use' => ["1,3,roof\n", 'Uses are'],
    'twice' => ["1,3,drive\n1.00,2,drive\n", 'the same thickness and uses as line 2'],
    'nothing' => ['', 'no rows'],
]);

it('puts a new kind into the drawer, once', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person)
        ->post('/drawer', ['thickness' => '2.75', 'new_quantity' => '4', 'uses' => ['drive', 'nut'], 'new_lies_in' => 'tin 3'])
        ->assertSessionHasNoErrors();
    $this->post('/drawer', ['thickness' => '2.75', 'new_quantity' => '4', 'uses' => ['nut', 'drive']])->assertSessionHasErrors('thickness');
    $this->post('/drawer', ['thickness' => '0', 'new_quantity' => '4', 'uses' => ['nut']])->assertSessionHasErrors('thickness');
    $this->post('/drawer', ['thickness' => 'some', 'new_quantity' => '-1'])->assertSessionHasErrors(['thickness', 'new_quantity', 'uses']);
    expect($person->workshop->spacers()->where('thickness_mm', 2.75)->sole()->lies_in)->toBe('tin 3');
});

it('filters motors and sets two side by side', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::measured($person);
    $this->actingAs($person)->get("/jobs/{$job->id}/match?mount=yoke")->assertOk()->assertSee('Bittern')->assertDontSee('Choose Heron');
    $this->get("/jobs/{$job->id}/match?law=to-250")->assertSee('Otter')->assertDontSee('Choose Heron');
    $this->get("/jobs/{$job->id}/match?voltage=36")->assertSee('Otter')->assertDontSee('Choose Heron');
    $this->get("/jobs/{$job->id}/match?least_w=900")->assertSee('No motor passes');
    $this->get("/jobs/{$job->id}/match?compare[]=heron-73&compare[]=otter-73")->assertSee('Pieces from the drawer');
    $this->get("/jobs/{$job->id}/match?compare[]=heron-73&mount[]=x&law=zzz")->assertOk()->assertDontSee('Pieces from the drawer');
});

it('says before the strip which answers may turn, and which reading decides', function (): void {
    $person = Workshops::stocked();
    $readings = array_diff_key(Workshops::READINGS, ['shell_width' => 1]);
    $job = Workshops::measured($person, ['cups_width' => '87.2', 'cup_flange' => '2', 'guide_depth' => '3.4'] + $readings);
    $this->actingAs($person)->get("/jobs/{$job->id}/match")->assertOk()->assertSee('told from the cups')->assertSee('may turn')
        ->assertSee('One reading decides');
});

it('draws a sleeve made to measure for a shell its own is too short for', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::measured($person);
    $motor = $person->workshop->motors()->where('code', 'heron-68')->sole();
    $this->actingAs($person)->get("/jobs/{$job->id}/sleeve/{$motor->id}")->assertOk()->assertSee('longer than its own');
    expect(simplexml_load_string((string) $this->get("/jobs/{$job->id}/sleeve/{$motor->id}/drawing.svg")
        ->assertOk()->getContent()))->not->toBeFalse();
    $yoke = $person->workshop->motors()->where('code', 'bittern-83')->sole();
    $this->get("/jobs/{$job->id}/sleeve/{$yoke->id}")->assertSee('No sleeve can be drawn');
    $this->get("/jobs/{$job->id}/sleeve/{$yoke->id}/drawing.svg")->assertNotFound();
});

it('builds a yoke motor from a sheet of its own', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person, 'bittern-83', 'half-36');
    readAt($job, $person, 'shell_width', '68.02');
    $this->actingAs($person)->get("/jobs/{$job->id}/stack")->assertOk()->assertSee('Slot, inner')->assertSee('Thread for the cup');
    $this->get("/jobs/{$job->id}/build")->assertOk()->assertSee('Yoke into its slot')->assertDontSee('Nut to torque');
});

it('keeps an apprentice from reserving and bracing', function (): void {
    $owner = Workshops::stocked();
    $job = Workshops::kitted($owner);
    $this->actingAs(Workshops::person(Role::Apprentice, $owner->workshop));
    $this->post("/jobs/{$job->id}/stack/order", ['does' => 'reserve', 'version' => $job->version])->assertForbidden();
    $this->put("/jobs/{$job->id}/stack/rest", ['version' => $job->version, 'position' => 'below', 'gap' => 'nothing'])->assertForbidden();
    $this->post("/jobs/{$job->id}/stack/undo", ['version' => $job->version])->assertForbidden();
    $this->get("/jobs/{$job->id}/stack/rest")->assertOk()->assertSee('for installers and the owner');
});

it('says whether the nut’s socket reaches, in Match, in Stack and in the document', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $socket = fn (string $bore, string $depth) => $this->from('/drawer')
        ->put('/drawer/socket', ['socket_bore' => $bore, 'socket_depth' => $depth]);
    expect($this->get("/jobs/{$job->id}/worksheet.json")->json('reach'))->toBeNull();
    $socket('30', '')->assertSessionHasErrors('socket_depth');
    $socket('30', '900')->assertSessionHasErrors('socket_depth');
    $socket('wide', '20')->assertSessionHasErrors('socket_bore');
    $socket('30', '20')->assertSessionHasNoErrors();
    expect($this->get("/jobs/{$job->id}/worksheet.json")->json('reach.verdict'))->toBe('spindle_first')
        ->and($this->get("/jobs/{$job->id}/job.json")->json('tools.nut_socket'))->toEqual(['bore_mm' => 30, 'depth_mm' => 20]);
    $this->get("/jobs/{$job->id}/stack")->assertSee('does not reach it over the spindle');
    $this->get("/jobs/{$job->id}/match")->assertSee('socket will not reach');
    $socket('24.5', '90')->assertSessionHasNoErrors();
    expect($this->get("/jobs/{$job->id}/worksheet.json")->json('reach'))->toMatchArray(['needed_bore_mm' => 24.5, 'verdict' => 'reaches']);
    $this->get("/jobs/{$job->id}/match")->assertDontSee('socket will not reach');
    $socket('', '')->assertSessionHasNoErrors();
    expect($this->get("/jobs/{$job->id}/worksheet.json")->json('reach'))->toBeNull();
    $this->actingAs(Workshops::person(Role::Apprentice, $person->workshop))
        ->put('/drawer/socket', ['socket_bore' => '30', 'socket_depth' => '20'])->assertSessionHasNoErrors();
});

it('builds a kit with a single nut, and names no lock ring it does not have', function (): void {
    $person = Workshops::stocked();
    $row = $person->workshop->motors()->where('code', 'heron-73')->sole();
    $row->update(['figures' => array_diff_key($row->figures, ['lockring' => 1])]);
    $person->workshop->renewCatalogue();
    $job = Workshops::kitted($person);
    $sheet = $this->actingAs($person)->get("/jobs/{$job->id}/worksheet.json")->json('stack');
    expect($sheet['engagement_mm']['lockring'])->toBeNull()->and($sheet['turns']['lockring'])->toBeNull()
        ->and(array_column($sheet['margins'], 'name'))->not->toContain('lockring_engagement');
    $this->get("/jobs/{$job->id}/stack")->assertOk()->assertSee('this kit has a single nut')->assertDontSee('Thread for the lock ring');
    $this->get("/jobs/{$job->id}/build")->assertOk()->assertSee('Nut to torque')->assertDontSee('Lock ring');
    Workshops::built($job, $person);
});

it('judges the block that keeps something soft whole', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $brace = fn (array $typed) => $this->put(
        "/jobs/{$job->id}/stack/rest",
        ['version' => Workshops::fresh($job)->version, 'position' => 'below', 'gap' => 'block', ...$typed],
    );
    $brace(['block' => 'thick'])->assertSessionHasErrors('block');
    $brace(['block' => '6.2', 'soft' => '5 ± 0.3'])->assertSessionHasNoErrors();
    expect($this->get("/jobs/{$job->id}/worksheet.json")->json('reaction.gap'))
        ->toEqual(['clearance_mm' => 1.2, 'plus_minus_mm' => 0.32, 'verdict' => 'tight']);
    $this->get("/jobs/{$job->id}/stack/rest")->assertSee('1.20 mm ± 0.32 mm thicker')->assertSee('5.00 ± 0.30 mm');
    $brace(['block' => '6.2'])->assertSessionHasNoErrors();
    expect($this->get("/jobs/{$job->id}/worksheet.json")->json('reaction.gap'))->toBeNull();
});

it('says in the head of every place how the whole job stands, and where to deal with it', function (): void {
    $person = Workshops::stocked();
    $job = Workshops::kitted($person);
    $this->actingAs($person);
    $head = function (string $place = 'line') use ($job): string {
        preg_match('#<a class="head-section".*?</a>#s', (string) $this->get("/jobs/{$job->id}/{$place}")->assertOk()->getContent(), $found);

        return (string) preg_replace('/\s+/', ' ', $found[0] ?? '');
    };
    expect($head())->toContain('>Clear<')->not->toContain('class="also"');

    $version = fn (): int => Workshops::fresh($job)->version;
    $this->put("/jobs/{$job->id}/stack/rest", ['version' => $version(), 'position' => 'below', 'gap' => 'nothing'])
        ->assertSessionHasNoErrors();
    expect($head('build'))->toContain('>Open: body’s hold<')->toContain('Nobody has decided yet')->toContain("/jobs/{$job->id}/stack/rest");

    $this->put("/jobs/{$job->id}/stack", ['version' => $version(), 'place' => 'drive', 'op' => 'fill', 'typed' => '20'])
        ->assertSessionHasNoErrors();
    expect($head('route'))->toContain('>Fails: stack<')->toContain('also chainline, body’s hold');
    $this->get("/jobs/{$job->id}/stack/order")->assertOk()->assertDontSee('Reserve what the stack uses')
        ->assertDontSee('verdict-clear', false);

    $this->post("/jobs/{$job->id}/condition", ['subject' => 'frame', 'severity' => 'stop', 'note' => 'cracked'])
        ->assertSessionHasNoErrors();
    expect($head())->toContain('>Stopped<')->toContain("/jobs/{$job->id}/condition");
});
