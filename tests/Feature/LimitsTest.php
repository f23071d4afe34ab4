<?php

declare(strict_types=1);

use App\Actions\Catalogue\ReadCatalogueIn;
use App\Documents\CatalogueDocument;
use App\Models\FreeText;
use App\Models\LogbookEntry;
use App\Models\Longest;
use App\Models\User;
use Illuminate\Contracts\Validation\ValidationRule;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\File;
use Illuminate\Validation\Rules\Enum;
use Illuminate\Validation\Rules\In;
use NeatSpindle\Core\Ground\Document\Value;
use Tests\Support\Workshops;

/**
 * Where the text of a field goes: the columns it is kept in; none where it is read as a figure, a code or a secret. A form
 * with a field that is missing here fails the test.
 */
const GOES_TO = [
    'AddRunRequest' => [
        'name' => ['runs.name'], 'from_place' => ['runs.from_place'], 'to_place' => ['runs.to_place'], 'supply' => [],
        'connector' => ['runs.connector', 'leads.connector'],
    ],
    'AddSpacerRequest' => ['thickness' => [], 'new_lies_in' => ['spacers.lies_in']],
    'AddStockRequest' => ['name' => ['stock_items.name'], 'lies_in' => ['stock_items.lies_in'], 'good_until' => []],
    'KeepShelfRequest' => ['lies_in' => ['stock_items.lies_in', 'spacers.lies_in', 'leads.lies_in'], 'seen' => []],
    'MoveStockRequest' => ['note' => ['movements.note']],
    'PlaceOrderRequest' => [
        'supplier' => ['suppliers.name'], 'take.*' => [], 'else' => ['order_lines.what'], 'note' => ['orders.note'], 'expected_on' => [],
    ],
    'ExpectOrderRequest' => ['expected_on' => []],
    'KeepPictureRequest' => ['of' => [], 'code' => ['pictures.code'], 'picture_note' => ['pictures.note']],
    'SayOfPictureRequest' => ['note' => ['pictures.note'], 'seen' => []],
    'ReadArchiveRequest' => ['stashed' => []],
    'TokenRequest' => ['token_name' => ['personal_access_tokens.name'], 'scopes.*' => [], 'until' => []],
    'ReadJobRequest' => ['stashed' => []],
    'AllowDecisionRequest' => ['because' => ['decisions.allowed_because']],
    'AnswerForRequest' => ['lack' => [], 'mark' => ['decisions.choice'], 'why.*' => ['decisions.reason']],
    'AnswerRequest' => ['value' => ['answers.value'], 'seen' => []],
    'ArrivalsRequest' => ['here.*' => ['arrivals.mark']],
    'BandRequest' => ['step' => [], 'low' => [], 'high' => [], 'paper' => ['fastener_bands.paper']],
    'BoxRequest' => ['note' => ['box_records.note']],
    'BraceRequest' => [
        'nut_torque' => [], 'shell_outer' => [], 'shell_inner' => [], 'rest_radius' => [], 'tube' => [], 'block' => [], 'soft' => [],
        'maker_allows' => ['kits.bracing'],
    ],
    'BuildStepRequest' => [
        'step' => ['step_records.step'], 'note' => ['step_records.note'], 'torque' => [], 'sure' => [], 'band' => [],
        'paper' => ['fastener_bands.paper'],
    ],
    'CaliperRequest' => ['typed' => []],
    'ChangePasswordRequest' => ['current' => [], 'password' => []],
    'ChooseBatteryRequest' => ['pack' => ['packs.code']],
    'ChooseMotorRequest' => ['mounting' => ['kits.ring_mounting']],
    'ChooseRingRequest' => ['mounting' => ['kits.ring_mounting']],
    'CockpitRequest' => ['widths.*' => [], 'bore' => [], 'display' => ['motors.code']],
    'ConditionRequest' => ['declined_by' => ['conditions.declined_by'], 'note' => ['conditions.note']],
    'ContactRequest' => ['seen' => [], 'phone' => ['customers.phone'], 'email' => ['customers.email']],
    'CountSpacerRequest' => ['lies_in' => ['spacers.lies_in'], 'seen_lies_in' => []],
    'EditStackRequest' => ['seen.*' => [], 'typed' => []],
    'ElsewhereRequest' => ['what' => ['jobs.elsewhere']],
    'EndJobRequest' => ['ended_because' => ['jobs.ended_because']],
    'ForgetRequest' => ['also' => []],
    'ForgottenRequest' => ['email' => ['users.email', 'password_reset_tokens.email']],
    'HandOverRequest' => ['note' => ['hand_overs.note']],
    'HoursRequest' => ['mon' => [], 'tue' => [], 'wed' => [], 'thu' => [], 'fri' => [], 'sat' => [], 'sun' => [], 'closed' => []],
    'ImportCatalogueRequest' => ['seen' => [], 'stashed' => []],
    'ImportDrawerRequest' => ['seen' => []],
    'InsistenceRequest' => ['reason' => ['decisions.reason'], 'signed_by' => ['decisions.reason']],
    'InviteRequest' => [
        'seen_role' => [], 'seen_name' => [], 'name' => ['users.name'], 'email' => ['users.email', 'password_reset_tokens.email'],
    ],
    'LiftStopRequest' => ['reason' => ['conditions.lifted_because', 'hand_overs.taken_back_because']],
    'MoveRunRequest' => ['place' => ['runs.via']],
    'NewPasswordRequest' => ['token' => [], 'email' => ['users.email'], 'password' => []],
    'NutSocketRequest' => ['seen' => [], 'socket_bore' => [], 'socket_depth' => []],
    'ObstacleRequest' => ['height' => []],
    'OwnStretchRequest' => [
        'stretch_from' => ['own_stretches.from_place'], 'stretch_to' => ['own_stretches.to_place', 'runs.via', 'runs.to_place'],
        'stretch_length' => [],
    ],
    'PassRequest' => ['step' => [], 'hold' => ['decisions.choice'], 'because' => ['decisions.reason']],
    'PersonRequest' => ['seen_role' => [], 'seen_name' => [], 'name' => ['users.name']],
    'DecideSensorsRequest' => [
        'reasons.brake-sensor-left' => ['decisions.reason'], 'reasons.brake-sensor-right' => ['decisions.reason'],
        'reasons.gear-sensor' => ['decisions.reason'], 'reasons.speed-sensor' => ['decisions.reason'],
    ],
    'RowRequest' => ['row' => []],
    'SettingsRequest' => ['values.*' => ['settings.value']],
    'ProveLineRequest' => ['step' => ['step_records.step']],
    'ProveRequest' => ['step' => ['step_records.step'], 'note' => ['step_records.note']],
    'ReadingRequest' => ['typed' => []],
    'RecheckRequest' => ['note' => ['rechecks.note'], 'torques.*' => [], 'notes.*' => ['recheck_items.note']],
    'RecheckWrenchRequest' => ['wrench' => []],
    'RunDetailsRequest' => ['threaded_with' => ['runs.threaded_with']],
    'SchoolRequest' => ['why' => ['house_rules.why', 'decisions.reason']],
    'SensorGapRequest' => ['typed' => []],
    'SetBatteryRequest' => ['at' => [], 'length' => [], 'width' => []],
    'SettingRequest' => ['value' => ['settings.value'], 'reason' => ['settings.reason'], 'law' => ['settings.law']],
    'SignInRequest' => ['email' => [], 'password' => []],
    'SkillRequest' => ['seen' => [], 'was' => [], 'name' => ['workshops.skills']],
    'StartJobRequest' => [
        'customer' => ['customers.name'], 'bike' => ['bikes.label'], 'phone' => ['customers.phone'], 'email' => ['customers.email'],
    ],
    'StepRequest' => ['step' => ['step_records.step'], 'note' => ['step_records.note']],
    'StripStepRequest' => ['step' => ['step_records.step'], 'note' => ['step_records.note'], 'lies_in' => ['step_records.lies_in']],
    'SupplyRequest' => ['supply' => []],
    'TakeUpFoundRequest' => ['steps.*' => []],
    'TrackRequest' => ['stashed' => [], 'named' => ['tracks.name']],
    'UseAlternativeRequest' => ['way' => []],
    'WeightsRequest' => ['seen' => []],
    'WrenchStepRequest' => [
        'step' => ['step_records.step'], 'note' => ['step_records.note'], 'torque' => [], 'sure' => [], 'band' => [],
        'paper' => ['fastener_bands.paper'],
    ],
];

/** Columns whose text is kept in another one too, as it is. */
const COPIED = [
    'motors.code' => ['logbook_entries.motor', 'rings.code'], 'motors.name' => ['logbook_entries.motor_name'], 'rings.code' => [
        'logbook_entries.ring', 'kits.ring_mounting',
    ],
    'leads.connector' => ['runs.connector'], 'runs.connector' => ['leads.connector'], 'own_stretches.to_place' => [
        'runs.to_place', 'runs.via', 'runs.from_place',
    ],
    'users.email' => ['password_reset_tokens.email'],
];

/** Texts the program makes of others and cuts to what a column holds. */
const CUT = [
    'jobs.stopped_for' => Longest::STOP, 'jobs.next_step' => Longest::NEXT_STEP, 'arrivals.what' => Longest::NEED,
    'kit_changes.what' => Longest::CHANGE,
    'readings.typed' => Longest::TYPED, 'decisions.reason' => 2 * Longest::REASON_BESIDE, 'tracks.name' => Longest::NAME,
    'spacers.lies_in' => Longest::DRAWER_PLACE,
];

/**
 * @param  class-string<FormRequest>  $class
 * @return array<string, ?int> how long each text of a form may be, by its field; null where nothing bounds it
 */
function textsOf(string $class, User $by): array
{
    $request = $class::create('/', 'POST', ['state' => 'done', 'lack' => '*']);
    $request->setContainer(app())->setUserResolver(fn () => $by);
    $texts = [];
    foreach (method_exists($request, 'rules') ? $request->rules() : [] as $field => $rules) {
        $rules = is_array($rules) ? $rules : explode('|', $rules);
        $isBounded = array_filter(
            $rules,
            fn (mixed $rule) => $rule instanceof Enum || $rule instanceof In || $rule instanceof ValidationRule || (
                is_string($rule) && preg_match('/^(in|regex|date_format|size):/', $rule) === 1
            ),
        ) !== [];
        $most = array_values(array_filter($rules, fn (mixed $rule) => is_string($rule) && str_starts_with($rule, 'max:')));
        if (in_array('string', $rules, true) && ! $isBounded) {
            $texts[$field === 'why.' ? 'why.*' : (string) $field] = $most === [] ? null : (int) substr($most[0], 4);
        }
    }

    return $texts;
}

it('takes no text that a column it goes to does not hold', function (): void {
    [$by, $held, $missing, $endless, $overflows] = [Workshops::person(), FreeText::lengths(), [], [], []];
    foreach (File::files(app_path('Http/Requests')) as $file) {
        $class = 'App\Http\Requests\\'.$file->getBasename('.php');
        $isForm = is_subclass_of($class, FormRequest::class) && ! (new ReflectionClass($class))->isAbstract();
        foreach ($isForm ? textsOf($class, $by) : [] as $field => $most) {
            $goes = GOES_TO[class_basename($class)][$field] ?? null;
            $goes !== null ?: $missing[] = class_basename($class).".{$field}";
            $most !== null ?: $endless[] = class_basename($class).".{$field}";
            $overflows = [
                ...$overflows,
                ...array_map(
                    fn (string $column) => class_basename($class).".{$field} into {$column}",
                    array_filter($goes ?? [], fn (string $column) => $most > $held[$column]),
                ),
            ];
        }
    }
    expect($missing)->toBe([])->and($endless)->toBe([])->and($overflows)->toBe([]);
});

it('keeps in another column only what that one holds', function (): void {
    $held = FreeText::lengths();
    foreach (COPIED as $from => $columns) {
        foreach ($columns as $to) {
            $most = in_array($to, ['runs.via'], true) ? Longest::PLACE : min(
                $held[$from], $from === 'users.email' ? Longest::ADDRESS : Longest::CODE,
            );
            expect($most)->toBeLessThanOrEqual($held[$to], "{$from} overflows {$to}");
        }
    }
    foreach (CUT as $column => $most) {
        expect($most)->toBeLessThanOrEqual($held[$column], $column);
    }
    foreach ([
        'motors.code', 'motors.name', 'rings.code', 'packs.code', 'inserts.code', 'spiders.code', 'leads.connector', 'runs.name',
        'runs.connector',
    ] as $column) {
        expect(Value::MAX_TEXT)->toBeLessThanOrEqual($held[$column], $column);
    }
});

it('lets a job leave, end and come back whose parts have names as long as a catalogue takes', function (): void {
    $person = Workshops::stocked();
    $this->actingAs($person);
    $long = fn (string $what): string => $what.str_repeat('ä', Value::MAX_TEXT - mb_strlen($what));
    $text = strtr(
        (string) file_get_contents(database_path('demo/catalogue.json')),
        [
            '"heron-73"' => '"'.$long('heron').'"', '"Heron, 73 sleeve"' => '"'.$long('Heron').'"', '"deep-40"' => '"'.$long('deep').'"',
            '"Deep-dish 40"' => '"'.$long('Deep').'"',
        ],
    );
    app(ReadCatalogueIn::class)($person, CatalogueDocument::read($text));
    $job = Workshops::proved(Workshops::kitted($person, $long('heron'), $long('deep')), $person);
    $at = "/jobs/{$job->id}";
    $this->post("{$at}/end", ['ended_as' => 'given-up', 'ended_because' => str_repeat('ö', Longest::REASON)])->assertSessionHasNoErrors();
    expect(LogbookEntry::query()->sole()->motor_name)->toBe($long('Heron'))->and(LogbookEntry::query()->sole()->ring)->toBe($long('Deep'));
    $this->delete("{$at}/end")->assertSessionHasNoErrors();
    $this->post(
        "{$at}/prove/hand-over",
        [
            'version' => Workshops::fresh($job)->version, 'recheck_on' => today()->addDays(14)->format('Y-m-d'),
            'note' => str_repeat('ü', Longest::NOTE),
        ],
    )
        ->assertSessionHasNoErrors();
    $this->post("{$at}/prove/come-back", ['kilometres' => '50', 'found' => ['ring' => 'held', 'nut-torque' => 'held']])
        ->assertSessionHasNoErrors();
    $this->get("{$at}/prove/hand-over")->assertOk()->assertSee($long('Heron'));
    $this->get('/logbook')->assertOk();
});
