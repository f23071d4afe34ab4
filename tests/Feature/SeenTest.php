<?php

declare(strict_types=1);

use App\Models\BoxRecord;
use App\Models\FastenerBand;
use App\Models\Role;
use App\Models\Setting;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Tests\Support\Workshops;

/**
 * Actions that write without being told what the person saw, and why nobody's words are lost by it. Every other action
 * compares: with the job's version, or with the very thing that stands there.
 */
const WITHOUT_COMPARING = [
    'Calendar/NoteAbsence' => 'adds', 'Calendar/TakeAbsenceBack' => 'takes this very absence back, once',
    'Calendar/TakeBackIn' => 'says that this very thing is back, once', 'Calendar/GiveFeed' => 'adds',
    'Calendar/WriteMornings' => 'writes once a day, whoever asks first', 'Calendar/RevokeFeed' => 'calls this very address back, once',
    'Catalogue/BeginPart' => 'adds', 'Catalogue/DropPart' => 'takes this very part away, once',
    'Stock/AddStockItem' => 'adds; a name that is there already is refused',
    'Stock/MoveStock' => 'adds a line to the book; more than there are is refused',
    'Archive/ReadArchiveIn' => 'writes into an empty workshop alone', 'People/GiveToken' => 'adds',
    'People/CallTokenBack' => 'calls this very token back, once',
    'Pictures/KeepPicture' => 'adds', 'Pictures/TakePictureAway' => 'takes this very picture away, once',
    'Orders/PlaceOrder' => 'adds; what is not missing any more is refused',
    'Drawer/AddKind' => 'adds; a kind that is there already is refused',
    'Drawer/RetireKind' => 'says out or in, and is the same said twice; the count stays',
    'Jobs/StartJob' => 'adds', 'Kit/AddRun' => 'adds', 'Kit/AddStretch' => 'adds',
    'Kit/RemoveStretch' => 'takes off this very row, once; it stays in the table',
    'Kit/AllowDecision' => 'is given the decision that was seen, and another stands by then or it is refused',
    'People/ChoosePassword' => 'their own', 'People/FoundWorkshop' => 'adds',
    'People/InvitePerson' => 'adds; an address that is known is refused',
    'People/ForgetCustomer' => 'is the same said twice, and refused then', 'People/LeaveNoTrace' => 'keeps nothing',
    'People/ShutOut' => 'says out or in, and is the same said twice', 'People/TakeHandDoubt' => 'their own',
    'Prove/EndJob' => 'refused where the job has ended', 'Prove/TakeUpAgain' => 'refused where it has not',
    'Prove/GiveSheetAddress' => 'adds',
    'Prove/RevokeSheetAddress' => 'takes back this very address, once',
    'Prove/TakeUpFound' => 'takes a hand-over back, once; what is open already is not opened again',
    'Prove/TakeHandOverBack' => 'refused where the bike has not left',
    'Prove/KeepRecheck' => 'adds', 'Prove/WriteLogbook' => 'writes what the job says, inside another change',
    'Road/DropRoad' => 'says away or back of this very road', 'Road/KeepRoad' => 'adds',
    'Survey/BringReadingBack' => 'is given the reading that was seen', 'Survey/TakeBackReading' => 'is given the reading that was seen',
    'Survey/CureObstacle' => 'is given the row that was seen, and refused where another took its place',
    'Survey/FindRestFine' => 'says it only of what nobody has looked at', 'Survey/LiftStop' => 'is given the stop that was seen',
    'Survey/NoteObstacle' => 'adds',
    'Survey/KeepRow' => 'adds', 'Survey/KeepReading' => 'adds; taken afresh it sets others aside, which stay and can be brought back',
];

it('compares with what the person saw wherever something is written over', function (): void {
    $without = [];
    foreach (File::allFiles(app_path('Actions')) as $file) {
        $name = str_replace('.php', '', str_replace('\\', '/', $file->getRelativePathname()));
        $class = 'App\Actions\\'.str_replace('/', '\\', $name);
        $takes = str_contains($name, '/') && method_exists($class, '__invoke') ? array_map(
            fn (ReflectionParameter $one) => $one->getName(), (new ReflectionMethod($class, '__invoke'))->getParameters(),
        ) : null;
        if ($takes !== null && ! in_array('seen', $takes, true)) {
            $without[] = $name;
        }
    }
    expect($without)->toEqualCanonicalizing(array_keys(WITHOUT_COMPARING));
});

beforeEach(function (): void {
    $this->person = Workshops::stocked();
    $this->actingAs($this->person);
    $this->job = Workshops::kitted($this->person);
});

/** The mark a form on a page carries of what it shows. */
function seenOn(string $html, string $after): string
{
    preg_match('~'.preg_quote($after, '~').'.*?name="seen" value="([^"]*)"~s', $html, $found);

    return $found[1] ?? throw new LogicException('no form carries what it saw');
}

it('tells whoever comes later that a setting, a box’s note, a band or the cogs’ weights are others now', function (): void {
    $at = "/jobs/{$this->job->id}";
    $maren = Workshops::person(Role::Installer, $this->person->workshop()->first(), 'Maren Tester');

    $sees = fn (): string => preg_match(
        '~name="saw\[levels]" value="(\d+)"~', (string) $this->get("{$at}/prove/settings")->getContent(), $found,
    ) === 1 ? $found[1] : '';
    $seen = $sees();
    $set = fn (string $value, string $saw) => $this->put("{$at}/prove/settings", ['values' => ['levels' => $value], 'saw' => ['levels' => $saw]]);
    $this->actingAs($maren);
    $set('9', $seen)->assertSessionHasNoErrors();
    $this->actingAs($this->person);
    $set('5', $seen)->assertSessionHasErrors('values.levels');
    expect(session('errors')->first('values.levels'))->toContain('Maren set it to 9')
        ->and(Setting::query()->whereNull('superseded_at')->sole()->value)->toBe('9');
    $set('5', $sees())->assertSessionHasNoErrors();

    $note = fn (string $state, string $saw, ?string $why = null) => $this
        ->post("{$at}/box", ['position' => '0', 'state' => $state, 'seen' => $saw, 'note' => $why]);
    $this->actingAs($maren);
    $note('missing', '0')->assertSessionHasNoErrors();
    $this->actingAs($this->person);
    $note('here', '0')->assertSessionHasErrors('state');
    expect(session('errors')->first('state'))->toContain('Maren noted “missing”')
        ->and(BoxRecord::query()->whereNull('superseded_at')->sole()->state->value)->toBe('missing');
    $missing = (string) BoxRecord::query()->sole()->id;
    $note('wrong', $missing, 'Bent')->assertSessionHasNoErrors();
    $note('wrong', $missing, 'Scratched')->assertSessionHasErrors('state');
    expect(BoxRecord::query()->whereNull('superseded_at')->sole()->note)->toBe('Bent');

    $band = fn (string $low, string $saw) => $this
        ->post("{$at}/build/band", ['fastener' => 'pedal', 'low' => $low, 'high' => '40', 'paper' => 'card', 'seen' => $saw]);
    $band('30', '0')->assertSessionHasNoErrors();
    $band('20', '0')->assertSessionHasErrors('low');
    expect(FastenerBand::query()->whereNull('superseded_at')->sole()->low_nm)->toBe(30.0);

    $weigh = fn (string $weight, string $saw) => $this->put("{$at}/line/weights", ['weights' => array_fill(0, 9, $weight), 'seen' => $saw]);
    $this->actingAs($maren);
    $weigh('3', '')->assertSessionHasNoErrors();
    $this->actingAs($this->person);
    $weigh('4', 'never')->assertSessionHasErrors('weights');
    $weigh('4', seenOn((string) $this->get("{$at}/line")->getContent(), 'id="weights"'))->assertSessionHasNoErrors();
});

it('puts no role back with a form that only renames, and counts no drawer, socket or catalogue over another’s', function (): void {
    $maren = Workshops::person(Role::Apprentice, $this->person->workshop()->first(), 'Maren Tester');
    $change = fn (array $with) => $this->put(
        "/people/{$maren->id}",
        ['name' => 'Maren Tester', 'role' => 'apprentice', 'seen_name' => 'Maren Tester', 'seen_role' => 'apprentice', ...$with],
    );
    $change(['role' => 'installer'])->assertSessionHasNoErrors();
    $change(['name' => 'Maren Other'])->assertSessionHasErrors("role.{$maren->id}");
    expect(User::query()->findOrFail($maren->id)->only(['name', 'role']))->toBe(['name' => 'Maren Tester', 'role' => Role::Installer]);
    $change(['name' => 'Maren Other', 'role' => 'installer', 'seen_role' => 'installer'])->assertSessionHasNoErrors();

    $drawer = (string) $this->get('/drawer')->getContent();
    $socket = fn (string $bore, string $saw) => $this->put('/drawer/socket', ['socket_bore' => $bore, 'socket_depth' => '60', 'seen' => $saw]);
    $socket('30', seenOn($drawer, 'drawer/socket'))->assertSessionHasNoErrors();
    $socket('31', seenOn($drawer, 'drawer/socket'))->assertSessionHasErrors('socket_bore');
    $table = fn (string $saw) => $this->post(
        '/drawer.csv',
        ['table' => UploadedFile::fake()->createWithContent('drawer.csv', "thickness_mm,quantity,use\n1,7,drive\n"), 'seen' => $saw],
    );
    $table(seenOn($drawer, 'drawer.csv'))->assertSessionHasNoErrors();
    $table(seenOn($drawer, 'drawer.csv'))->assertSessionHasErrors('table');
    $catalogue = (string) $this->get('/catalogue')->getContent();
    $read = fn () => $this->post(
        '/catalogue',
        [
            'file' => UploadedFile::fake()
                ->createWithContent('c.json', (string) file_get_contents(database_path('demo/catalogue.json'))),
            'seen' => seenOn($catalogue, 'action'),
        ],
    );
    $read()->assertSessionHasNoErrors();
    $read()->assertSessionHasErrors('file');
});

/** What somebody tried to set, who it was, and what came of it. The next finding is a line. */
dataset('settings', [
    'an apprentice, as good as none' => [
        Role::Apprentice, 'cut_off_kmh', '80', 403, null,
    ], 'an apprentice, above the usual' => [Role::Apprentice, 'cut_off_kmh', '32', 302, null],
    'an apprentice, the usual' => [
        Role::Apprentice, 'cut_off_kmh', '25', 302, '25',
    ], 'an installer, above it' => [Role::Installer, 'cut_off_kmh', '45', 302, '45'],
    'an installer, as good as none' => [
        Role::Installer, 'cut_off_kmh', '46', 403, null,
    ], 'an owner, as good as none, without a word' => [Role::Owner, 'cut_off_kmh', '80', 302, null],
    'an apprentice, a throttle that works at zero' => [
        Role::Apprentice, 'throttle_at_zero', 'works', 302, null,
    ], 'an apprentice, one that is dead' => [Role::Apprentice, 'throttle_at_zero', 'dead', 302, 'dead'],
    'a figure in powers of ten' => [Role::Owner, 'cut_off_kmh', '2e1', 302, null], 'with zeros before' => [
        Role::Owner, 'cut_off_kmh', '025', 302, '25',
    ], 'with a comma' => [Role::Owner, 'cut_off_kmh', ' 25,50 ', 302, '25.5'],
    'half a level' => [Role::Owner, 'levels', '2.5', 302, null], 'a sign' => [Role::Owner, 'levels', '+5', 302, null],
    'a wheel of its own' => [Role::Owner, 'wheel_mm', '1100', 302, null],
    'a wheel as measured' => [Role::Owner, 'wheel_mm', '2200', 302, '2200'], 'in hex' => [Role::Owner, 'wheel_mm', '0x884', 302, null],
]);

it('lets nobody lift a limit who may not, and keeps figures as numbers', function (
    Role $role, string $name, string $typed, int $status, ?string $kept
): void {
    $this->actingAs(Workshops::person($role, $this->person->workshop()->first()));
    $this->post("/jobs/{$this->job->id}/prove/settings", ['name' => $name, 'value' => $typed, 'seen' => '0'])->assertStatus($status);
    expect(Setting::query()->value('value'))->toBe($kept);
})->with('settings');

it('lets an apprentice lower a limit and raise none', function (): void {
    Setting::query()
        ->create(['job_id' => $this->job->id, 'user_id' => $this->person->id, 'name' => 'current_a', 'value' => '15', 'set_at' => now()]);
    $this->actingAs(Workshops::person(Role::Apprentice, $this->person->workshop()->first()));
    $set = fn (string $value) => $this->post(
        "/jobs/{$this->job->id}/prove/settings",
        ['name' => 'current_a', 'value' => $value, 'seen' => (string) Setting::query()->whereNull('superseded_at')->sole()->id],
    );
    $set('20')->assertSessionHasErrors('value');
    $set('12')->assertSessionHasNoErrors();
    expect(Setting::query()->whereNull('superseded_at')->sole()->value)->toBe('12');
});
