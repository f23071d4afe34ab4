<?php

declare(strict_types=1);

use App\Assembly\KnownParts;
use App\Bench\OpenJob;
use App\Models\MeasuredPart;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use NeatSpindle\Core\Sums\Margin\Verdict;
use NeatSpindle\Core\Whole\Measured\PartKind;
use Tests\Support\MotorWithoutPapers;
use Tests\Support\Workshops;

const MEASURED_SLEEVE = [
    'name' => 'Grey second-hand motor', 'native_shells' => ['bsa'], 'sleeve-sleeve_od_mm' => '33', 'sleeve-sleeve_length_mm' => '97.5',
    'sleeve-boss_plane_mm' => '75.6', 'sleeve-spindle_left_mm' => '112', 'continuous_w' => '250 W',
] + MotorWithoutPapers::FIGURES;

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->begin = function (PartKind $kind): MeasuredPart {
        $this->post('/parts', ['kind' => $kind->value])->assertSessionHasNoErrors()->assertRedirect();

        return MeasuredPart::query()->latest('id')->firstOrFail();
    };
    $this->keep = function (MeasuredPart $part, array $figures) {
        $choices = [];
        foreach (array_filter($figures, is_array(...)) as $field => $chosen) {
            array_push($choices, ...array_map(fn (string $one) => "{$field} {$one}", $chosen));
        }

        return $this->put(
            "/parts/{$part->id}",
            ['seen' => $part->refresh()->mark(), 'figures' => array_filter($figures, is_string(...)), 'choices' => $choices],
        );
    };
});

it('takes a motor a few figures first, and tries it in a bike once the rest is there', function (): void {
    $part = ($this->begin)(PartKind::Sleeve);
    ($this->keep)($part, array_slice(MEASURED_SLEEVE, 0, 4))->assertSessionHasNoErrors();
    expect($part->refresh()->in_catalogue_at)->toBeNull()
        ->and(KnownParts::of($this->person->workshop_id)->motorCalled($part->code))->toBeNull();
    $this->get("/parts/{$part->id}")->assertOk()->assertSee('figures are missing')->assertSee('97.50 mm');
    $this->get('/parts')->assertOk()->assertSee('Grey second-hand motor')->assertSee('figures are missing');
    ($this->keep)($part, MEASURED_SLEEVE)->assertSessionHasNoErrors();
    expect($part->refresh()->in_catalogue_at)->not->toBeNull();

    $motor = KnownParts::of($this->person->workshop_id)->motorCalled($part->code);
    expect($motor?->name)->toBe('Grey second-hand motor')->and($motor?->isMeasuredHere)->toBeTrue()
        ->and($motor?->part->held->nut()?->torque->high)->toBe(45.0);
    $this->get('/catalogue')->assertSee('measured here');
    expect($this->get('/catalogue.json')->json("motors.{$part->code}.measured_here"))->toBe(now()->toDateString());
    $job = Workshops::kitted($this->person, $part->code);
    expect(OpenJob::of(Workshops::fresh($job))->worksheet()?->stack->verdict)->toBeInstanceOf(Verdict::class);
    $this->get("/jobs/{$job->id}/match")->assertOk()->assertSee('measured here');
});

it('reads every figure as people type it, and says at the figure what it cannot read or what goes ill together', function (): void {
    $part = ($this->begin)(PartKind::Sleeve);
    ($this->keep)(
        $part,
        [
            'sleeve-sleeve_length_mm' => '3 27/32 in', 'nut-torque_nm' => '30 - 35 ft·lb', 'native_shells' => ['bsa', 't47'],
            'sleeve-spindle_comes_out' => 'yes', 'displays' => 'Lumen 3, Dot',
        ],
    )
        ->assertSessionHasNoErrors();
    expect($part->refresh()->figures['sleeve.sleeve_length_mm'])->toEqualWithDelta(97.63, 0.01)
        ->and($part->figures['nut.torque_nm'][1])->toEqualWithDelta(47.45, 0.01)
        ->and($part->figures['native_shells'])->toBe(['bsa', 't47'])->and($part->figures['sleeve.spindle_comes_out'])->toBeTrue()
        ->and($part->figures['displays'])->toBe(['Lumen 3', 'Dot']);
    $faults = [
        'sleeve-sleeve_length_mm' => 'long', 'nut-torque_nm' => '45-35', 'native_shells' => ['moon'], 'continuous_w' => '250 V',
        'max_torque_nm' => '-3', 'sleeve-spindle_comes_out' => 'perhaps',
    ];
    ($this->keep)($part, $faults)->assertSessionHasErrors(array_map(fn (string $field) => "figures.{$field}", array_keys($faults)));
    ($this->keep)($part, ['sleeve-thread_length_mm' => '99'] + MEASURED_SLEEVE)->assertSessionHasErrors('figures.sleeve-thread_length_mm');
    expect(session('errors')->first('figures.sleeve-thread_length_mm'))->toContain('shorter than the sleeve');
    ($this->keep)($part, ['lockring-thickness_mm' => '4'] + MEASURED_SLEEVE)->assertSessionHasNoErrors();
    expect($part->refresh()->in_catalogue_at)->toBeNull();
    foreach ([
        ['figures' => 'x'], ['figures' => ['name' => ['x']]], ['figures' => ['native_shells' => [['x']]]], ['seen' => 'no'], [],
    ] as $broken) {
        expect($this->put("/parts/{$part->id}", $broken + ['seen' => $part->refresh()->mark()])->status())->toBe(302);
    }
});

it('keeps what others measured meanwhile, and what a job may have', function (): void {
    $part = ($this->begin)(PartKind::Sleeve);
    $old = $part->refresh()->mark();
    ($this->keep)($part, MEASURED_SLEEVE)->assertSessionHasNoErrors();
    $this->put("/parts/{$part->id}", ['seen' => $old, 'figures' => ['name' => 'Another']])->assertSessionHasErrors('part');
    ($this->keep)($part, ['continuous_w' => ''] + MEASURED_SLEEVE)->assertSessionHasErrors('figures.continuous_w');
    $this->delete("/parts/{$part->id}")->assertSessionHasErrors('part');
    ($this->keep)($part, ['continuous_w' => '350'] + MEASURED_SLEEVE)->assertSessionHasNoErrors();
    expect(KnownParts::of($this->person->workshop_id)->motorCalled($part->code)?->part->continuousW)->toBe(350.0);
    $draft = ($this->begin)(PartKind::Ring);
    $this->delete("/parts/{$draft->id}")->assertSessionHasNoErrors();
    expect(MeasuredPart::query()->count())->toBe(1);
});

it('takes a ring, an insert, a battery, another nut and the other mounts', function (
    PartKind $kind, array $figures, callable $stands
): void {
    $part = ($this->begin)($kind);
    ($this->keep)($part, $figures)->assertSessionHasNoErrors();
    expect($part->refresh()->part()->missing())->toBe([])->and($part->in_catalogue_at)->not->toBeNull();
    $stands(KnownParts::of($this->person->workshop_id), $part->code);
    $this->get("/parts/{$part->id}")->assertOk()->assertSee('Nothing is missing');
    $out = $this->get('/catalogue.json')->assertOk()->json("{$kind->table()}.{$part->code}");
    expect($out['measured_here'])->toBe(now()->toDateString());
})->with([
    'the bike’s own ring' => [
        PartKind::Ring, ['teeth' => '38', 'dish_mm' => '-2.5', 'thickness_mm' => '3.1', 'bolt_circle_mm' => '104', 'reversible' => 'yes'],
        fn (KnownParts $parts, string $code) => expect($parts->coreRings[$code]->dish)->toBe(-2.5),
    ],
    'an insert' => [
        PartKind::Insert, ['shells' => ['pf41'], 'motors' => ['heron-73'], 'bore_mm' => '33.6', 'flange_mm' => '0'],
        fn (KnownParts $parts, string $code) => expect($parts->coreInserts[$code]->bore)->toBe(33.6),
    ],
    'a battery' => [
        PartKind::Pack,
        [
            'name' => 'Flat one', 'length_mm' => '365', 'height_mm' => '110', 'width_mm' => '90', 'mass_kg' => '3,4', 'voltage_v' => '48 V',
            'energy_wh' => '610',
        ],
        fn (KnownParts $parts, string $code) => expect($parts->packs[$code]->mass)->toBe(3.4),
    ],
    'a nut' => [PartKind::Nut, [
        'name' => 'Heron 73, squeezed nut', 'for_motor' => 'heron-73', 'nut-thickness_mm' => '12', 'nut-thread_major_mm' => '33',
        'nut-min_engagement_mm' => '6', 'nut-torque_nm' => '20',
    ],
        fn (KnownParts $parts, string $code) => expect(
            $parts->motorCalled($code)?->part->held->nut()?->thickness,
        )->toBe(12.0)->and($parts->motorCalled($code)?->part->name)->toBe('Heron 73, squeezed nut')],
    'a motor between plates' => [PartKind::TwinPlate, [
        'name' => 'Loose one', 'native_shells' => ['bsa'], 'twin_plate-plate_thickness_mm' => '5', 'twin_plate-motor_width_mm' => '61',
        'twin_plate-min_insertion_mm' => '14', 'twin_plate-min_bolt_turns' => '3', 'continuous_w' => '250', 'max_torque_nm' => '60',
        'rated_crank_rpm' => '75', 'max_crank_rpm' => '110',
    ],
        fn (KnownParts $parts, string $code) => expect($parts->motorCalled($code)?->mount()->code())->toBe('twin-plate')],
    'a yoke' => [PartKind::Yoke, [
        'name' => 'Straddler', 'native_shells' => ['bsa'], 'yoke-cup_od_mm' => '33', 'yoke-base_mm' => '84', 'yoke-slot_start_mm' => '66',
        'yoke-slot_end_mm' => '96', 'yoke-yoke_thickness_mm' => '6', 'yoke-body_gap_mm' => '8', 'yoke-case_standoff_mm' => '6',
        'yoke-case_radius_mm' => '60', 'yoke-ring_face_mm' => '24', 'yoke-cup_reach_mm' => '50', 'yoke-cup_min_engagement_mm' => '8',
        'yoke-body_thread_end_mm' => '56', 'yoke-body_thread_depth_mm' => '20', 'yoke-collar_thickness_mm' => '8',
        'yoke-crank_marker_mm' => '112', 'cup_hand' => 'left', 'continuous_w' => '250', 'max_torque_nm' => '60', 'rated_crank_rpm' => '75',
        'max_crank_rpm' => '110',
    ],
        fn (KnownParts $parts, string $code) => expect($parts->motorCalled($code)?->papers->cupHand?->value)->toBe('left')],
]);

it('is drawn while it is typed, whatever stands in its fields', function (): void {
    foreach (PartKind::cases() as $kind) {
        $part = ($this->begin)($kind);
        $this->get("/parts/{$part->id}")->assertOk();
        $drawing = fn (array $figures): string => (string) $this
            ->post("/parts/{$part->id}/drawing", ['seen' => $part->mark(), 'figures' => $figures])->getContent();
        $all = array_fill_keys(array_map(fn ($figure) => $figure->field(), $kind->figures()), '37');
        expect($drawing([]))->toContain('<svg')->and($drawing($all))->toContain('<svg')->not->toContain('NAN')->not->toContain('INF');
    }
    expect(MeasuredPart::query()->whereNotNull('in_catalogue_at')->count())->toBe(0);
});

it('is for those who can judge a part, and for their own workshop', function (): void {
    $part = ($this->begin)(PartKind::Ring);
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop()->first()));
    $this->get("/parts/{$part->id}")->assertOk()->assertSee('for installers and the owner');
    $this->get('/parts')->assertOk()->assertSee('for installers and the owner');
    $this->post('/parts', ['kind' => 'ring'])->assertForbidden();
    $this->put("/parts/{$part->id}", ['seen' => $part->mark(), 'figures' => []])->assertForbidden();
    $this->delete("/parts/{$part->id}")->assertForbidden();
    $this->actingAs(Workshops::person());
    $this->get("/parts/{$part->id}")->assertNotFound();
    $this->put("/parts/{$part->id}", ['seen' => $part->mark(), 'figures' => []])->assertNotFound();
});

it('goes out with the catalogue half measured, and in again at another workshop', function (): void {
    $part = ($this->begin)(PartKind::Sleeve);
    ($this->keep)($part, array_slice(MEASURED_SLEEVE, 0, 6) + ['nut-torque_nm' => '30-40'])->assertSessionHasNoErrors();
    $out = (string) $this->get('/catalogue.json')->assertOk()->getContent();
    expect(json_decode($out, true)['measured'][$part->code]['figures']['sleeve.sleeve_length_mm'])->toEqual(97.5);
    $this->actingAs(Workshops::person());
    $read = fn (string $json) => $this->post('/catalogue', ['file' => UploadedFile::fake()->createWithContent('catalogue.json', $json)]);
    $read($out)->assertSessionHasNoErrors();
    $there = MeasuredPart::query()->sole();
    expect($there->figures)->toEqual($part->refresh()->figures)->and($there->kind)->toBe(PartKind::Sleeve);
    $read($out)->assertSessionHasNoErrors();
    expect(MeasuredPart::query()->count())->toBe(1);
    $broken = json_decode($out, true);
    $broken['measured'] = [
        'a' => ['kind' => 'moon', 'figures' => []], 'b' => ['kind' => 'ring', 'figures' => ['teeth' => 'many', 'dish_mm' => true]],
        'c' => 7,
    ];
    $read((string) json_encode($broken))->assertSessionHasErrors('file');
    expect(session('errors')->first('file'))->toContain('/measured/a/kind');
});
