<?php

declare(strict_types=1);

use App\Models\Reading;
use App\Models\Role;
use App\Models\User;
use App\Models\Workshop;
use App\Notifications\Invitation;
use App\Notifications\PasswordForgotten;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Notification;
use NeatSpindle\Core\Measuring\Survey\Spot;
use Tests\Support\Workshops;

/** The address behind the button of a letter. */
function wayInLetter(User $to, string $letter): string
{
    $way = '';
    Notification::assertSentTo($to, $letter, function ($sent) use ($to, &$way): bool {
        $way = $sent->toMail($to)->actionUrl;

        return true;
    });

    return $way;
}

it('makes a workshop and its owner from the command line, with no password of its own', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'spindle');
    file_put_contents($file, "a long enough one\n");
    $say = [
        '--name' => 'Ford Lane', '--place' => 'Nether Brig', '--owner' => 'Jon Abbick', '--email' => 'Jon@Ford.example',
        '--no-interaction' => true,
    ];
    $this->artisan('spindle:workshop', $say)->assertExitCode(2);
    expect(Workshop::query()->count())->toBe(0);
    $this->artisan('spindle:workshop', [...$say, '--password-file' => $file])->assertSuccessful();
    $this->artisan('spindle:workshop', [...$say, '--password-file' => $file])->assertExitCode(2);
    unlink($file);

    expect(User::query()->sole()->role)->toBe(Role::Owner)->and(Workshop::query()->sole()->name)->toBe('Ford Lane');
    $this->post('/sign-in', ['email' => 'jon@ford.example', 'password' => 'a long enough one'])->assertRedirect('/');
});

it('asks for what no option says', function (): void {
    $this->artisan('spindle:workshop', ['--name' => 'Ford Lane'])
        ->expectsQuestion('Where is it?', 'Nether Brig')->expectsQuestion('What is its owner called?', 'Jon Abbick')
        ->expectsQuestion('The owner’s e-mail address?', 'jon@ford.example')
        ->expectsQuestion('A password for the owner, ten characters or more', 'short')
        ->assertExitCode(2);
    expect(User::query()->count())->toBe(0);
});

it('takes a person in by a letter, and nobody but they knows the password', function (): void {
    Notification::fake();
    $owner = Workshops::person();
    $this->actingAs($owner)->post('/people', ['name' => 'Ida Thorn', 'email' => 'Ida@Thorn.example', 'role' => 'apprentice'])
        ->assertSessionHasNoErrors();
    $ida = User::query()->where('email', 'ida@thorn.example')->sole();
    expect($ida->role)->toBe(Role::Apprentice)->and($ida->workshop_id)->toBe($owner->workshop_id);
    $this->get('/people')->assertSee('Ida Thorn');

    Auth::logout();
    $this->flushSession();
    $way = wayInLetter($ida, Invitation::class);
    preg_match('#/password/new/([^?]+)#', $way, $token);
    $this->get($way)->assertOk()->assertSee('ida@thorn.example');
    $choose = fn (array $more) => $this->post(
        '/password/new',
        [
            'token' => $token[1] ?? '', 'email' => 'ida@thorn.example', 'password' => 'a bicycle shed',
            'password_confirmation' => 'a bicycle shed', ...$more,
        ],
    );
    $choose(['password' => 'short', 'password_confirmation' => 'short'])->assertSessionHasErrors('password');
    $choose(['password_confirmation' => 'another one'])->assertSessionHasErrors('password');
    $choose(['token' => 'made up'])->assertSessionHasErrors('email');
    $choose([])->assertSessionHasNoErrors();
    $choose([])->assertSessionHasErrors('email');
    $this->post('/sign-in', ['email' => 'ida@thorn.example', 'password' => 'a bicycle shed'])->assertRedirect('/');
});

it('says the same to a known and an unknown address that forgot', function (): void {
    Notification::fake();
    $person = Workshops::person();
    $known = $this->post('/password/forgotten', ['email' => $person->email])->assertSessionHasNoErrors();
    expect(session('kept'))->toContain('If there is an account');
    $this->post('/password/forgotten', ['email' => 'nobody@nowhere.example'])->assertSessionHasNoErrors();
    expect(session('kept'))->toContain('If there is an account');
    Notification::assertSentTo($person, PasswordForgotten::class);
    Notification::assertCount(1);
});

it('looks up who forgot later, out of a queue in the database, and by an address of our own', function (): void {
    config(['queue.default' => 'database', 'app.url' => 'http://127.0.0.1:8443']);
    Mail::fake();
    $person = Workshops::person();
    $ask = fn (string $email) => $this->withServerVariables(['HTTP_HOST' => '127.0.0.1:6666'])
        ->post('/password/forgotten', ['email' => $email])->assertSessionHasNoErrors();
    foreach ([$person->email, 'nobody@nowhere.example'] as $email) {
        DB::enableQueryLog();
        DB::flushQueryLog();
        $ask($email);
        $asked[] = array_column(DB::getQueryLog(), 'query');
    }
    expect($asked[0])->toBe($asked[1])->and(DB::table('letters')->count())->toBe(2)
        ->and((string) DB::table('letters')->value('payload'))->not->toContain($person->email)->not->toContain('nowhere.example');
    Notification::fake();
    // The whole suite lives in this process: the worker must not take it for too large after one letter.
    Artisan::call('queue:work', ['--stop-when-empty' => true, '--memory' => 4096]);
    Notification::assertSentTo(
        $person, PasswordForgotten::class,
        fn (PasswordForgotten $letter): bool => str_starts_with($letter->toMail($person)->actionUrl, 'http://127.0.0.1:8443/password/new/'),
    );
    expect(DB::table('letters')->count())->toBe(0);
});

it('takes somebody in once who is invited three times at once', function (): void {
    Notification::fake();
    $owner = Workshops::person();
    $this->actingAs($owner);
    // The form has been looked at, and somebody else came in before it is kept.
    User::creating(function (User $user): void {
        DB::table('users')->insertOrIgnore([...$user->getAttributes(), 'email' => $user->email]);
    });
    $this->post('/people', ['name' => 'Ida', 'email' => 'ida@thorn.example', 'role' => 'installer'])
        ->assertSessionHasErrors(['email' => 'There is an account with this address already.']);
    User::flushEventListeners();
    expect(User::query()->where('email', 'ida@thorn.example')->count())->toBe(0);
    $this->post('/people', ['name' => 'Ida', 'email' => 'ida@thorn.example', 'role' => 'installer'])->assertSessionHasNoErrors();
    $this->post('/people', ['name' => 'Ida', 'email' => 'ida@thorn.example', 'role' => 'installer'])->assertSessionHasErrors('email');
});

it('changes a password only against the old one', function (): void {
    $person = Workshops::person();
    $this->actingAs($person)
        ->put(
            '/account/password', ['current' => 'wrong', 'password' => 'ten or more signs', 'password_confirmation' => 'ten or more signs'],
        )
        ->assertSessionHasErrors('current');
    $this->put(
        '/account/password',
        ['current' => Workshops::PASSWORD, 'password' => 'ten or more signs', 'password_confirmation' => 'ten or more signs'],
    )
        ->assertSessionHasNoErrors();
    expect(Hash::check('ten or more signs', $person->refresh()->password))->toBeTrue();
    $this->get('/')->assertOk();
});

it('ends every other session of a person, and keeps this one', function (): void {
    $person = Workshops::person();
    $this->post('/sign-in', ['email' => $person->email, 'password' => Workshops::PASSWORD])->assertRedirect('/');
    $this->get('/')->assertOk();
    $elsewhere = session()->all();
    $this->post('/account/sign-out-everywhere', ['current_password' => 'wrong'])->assertSessionHasErrors('current_password');
    $this->post('/account/sign-out-everywhere', ['current_password' => Workshops::PASSWORD])->assertSessionHasNoErrors();
    $this->get('/')->assertOk();

    $this->flushSession();
    Auth::forgetGuards();
    $this->withSession($elsewhere)->get('/')->assertRedirect('/sign-in');
});

it('shuts a person out at once, and keeps what they did under their name', function (): void {
    $owner = Workshops::stocked();
    $dov = Workshops::person(Role::Installer, $owner->workshop);
    $job = Workshops::job($dov);
    Workshops::read($job, $dov, Spot::ShellWidth, '73.04');
    $this->actingAs($dov)->get('/')->assertOk();
    $this->actingAs($owner)->put("/people/{$dov->id}/access", ['out' => 1])->assertSessionHasNoErrors();

    $this->actingAs($dov->refresh())->get('/')->assertRedirect('/sign-in');
    $this->flushSession();
    Auth::forgetGuards();
    $this->post('/sign-in', ['email' => $dov->email, 'password' => Workshops::PASSWORD])->assertSessionHasErrors('email');
    expect(Reading::query()->sole()->user_id)->toBe($dov->id);
    $this->actingAs($owner)->get('/people')->assertSee('shut out');
    $this->get('/jobs/new')->assertDontSee($dov->name);
    $this->put("/people/{$dov->id}/access", ['out' => 0])->assertSessionHasNoErrors();
    expect($dov->refresh()->isShutOut())->toBeFalse();
});

it('never leaves a workshop without an owner who may come in', function (): void {
    $owner = Workshops::person();
    $this->actingAs($owner)
        ->put("/people/{$owner->id}", $as = ['name' => 'Me', 'role' => 'installer', 'seen_name' => $owner->name, 'seen_role' => 'owner'])
        ->assertSessionHasErrors("role.{$owner->id}");
    $this->put("/people/{$owner->id}/access", ['out' => 1])->assertSessionHasErrors("access.{$owner->id}");
    $second = Workshops::person(Role::Owner, $owner->workshop);
    $this->put("/people/{$owner->id}", $as)->assertSessionHasNoErrors();
    expect($owner->refresh()->role)->toBe(Role::Installer)->and($second->refresh()->role)->toBe(Role::Owner);
});

it('leaves people to the owner, and each workshop its own', function (Role $role): void {
    $owner = Workshops::person();
    $person = Workshops::person($role, $owner->workshop);
    $stranger = Workshops::person();
    $this->actingAs($person)->post('/people', ['name' => 'X', 'email' => 'x@x.example', 'role' => 'owner'])->assertForbidden();
    $this->put("/people/{$person->id}", ['name' => 'X', 'role' => 'owner'])->assertForbidden();
    $this->put("/people/{$owner->id}/access", ['out' => 1])->assertForbidden();
    $this->actingAs($stranger)->put("/people/{$owner->id}", ['name' => 'X', 'role' => 'apprentice'])->assertForbidden();
    expect($owner->refresh()->role)->toBe(Role::Owner)->and(User::query()->where('email', 'x@x.example')->exists())->toBeFalse();
})->with([Role::Installer, Role::Apprentice]);

it('answers at /up only while the database does', function (): void {
    expect((string) $this->get('/up')->assertOk()->getContent())->toBe('Up.');
    config(['database.connections.mariadb.port' => 1]);
    app('db')->purge();
    $this->get('/up')->assertStatus(503);
    config(['database.connections.mariadb.port' => getenv('DB_PORT')]);
    app('db')->purge();
});

it('says beside the person what is wrong with their name, and not where somebody is invited', function (): void {
    $owner = Workshops::person();
    $other = Workshops::person(Role::Installer, $owner->workshop);

    $this->actingAs($owner)->from('/people')->put("/people/{$other->id}", ['name' => ' ', 'role' => 'installer'])
        ->assertSessionHasErrorsIn("person-{$other->id}", 'name');
    $page = (string) $this->get('/people')->assertOk()->getContent();
    expect(substr_count($page, 'What is the person called?'))->toBe(1)
        ->and(strpos($page, 'What is the person called?'))->toBeLessThan((int) strpos($page, 'Invite somebody'));

    $this->put("/people/{$other->id}", ['name' => ['x'], 'role' => ['owner']])->assertSessionHasErrors(['name', 'role']);
});
