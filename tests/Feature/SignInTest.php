<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\User;
use Illuminate\Hashing\HashManager;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Sleep;
use Tests\Support\Workshops;

it('asks everyone to sign in first', function (string $path): void {
    $this->get($path)->assertRedirect('/sign-in');
})->with(['/', '/jobs/new', '/jobs/1/survey', '/catalogue', '/catalogue.json', '/drawer']);

it('lets a person in with the right password', function (): void {
    $person = Workshops::person();
    $this->post('/sign-in', ['email' => $person->email, 'password' => Workshops::PASSWORD])->assertRedirect('/');
    $this->assertAuthenticatedAs($person);
});

it('says what is wrong and keeps the address typed', function (): void {
    $person = Workshops::person();
    $this->from('/sign-in')->post('/sign-in', ['email' => $person->email, 'password' => 'wrong'])
        ->assertRedirect('/sign-in')
        ->assertSessionHasErrors(['email' => 'No account has this address with this password.'])
        ->assertSessionHasInput('email', $person->email);
    $this->assertGuest();
});

it('slows down who guesses', function (): void {
    $person = Workshops::person();
    foreach (range(1, 5) as $try) {
        $this->post('/sign-in', ['email' => $person->email, 'password' => "guess {$try}"]);
    }
    $this->post('/sign-in', ['email' => $person->email, 'password' => Workshops::PASSWORD])->assertSessionHasErrors('email');
    expect(session('errors')->first('email'))->toContain('Too many wrong tries');
    $this->assertGuest();
});

it('counts wrong tries of an address however it is written', function (): void {
    $person = User::factory()->in(Workshops::person()->workshop()->firstOrFail(), Role::Owner)
        ->createOne(['email' => 'rider@test.example']);
    $try = fn (string $email, string $from) => $this
        ->call('POST', '/sign-in', ['email' => $email, 'password' => 'wrong'], server: ['REMOTE_ADDR' => $from]);
    foreach (['rider@test.example', 'RIDER@test.example', 'ｒider@test.example', 'Rider@Test.Example', 'ＲＩＤＥＲ@test.example'] as $written) {
        $try($written, '10.0.0.1');
    }
    $try('rｉder@test.example', '10.0.0.1');
    expect(session('errors')->first('email'))->toContain('Too many wrong tries')
        ->and($person->refresh()->email)->toBe('rider@test.example');
});

/** How strangers tried to shut people out: how many wrong tries at which addresses from where, and whether that slows. The next finding is a line. */
dataset('strangers', [
    'twelve at one address' => [fn (int $i) => ['rider@test.example', '10.0.1.'.($i % 12)], 60, 1],
    'twelve at any address' => [fn (int $i) => ["nobody-{$i}@test.example", '10.0.1.'.($i % 12)], 340, 1],
    'one at any address' => [fn (int $i) => ["nobody-{$i}@test.example", '10.0.1.1'], 40, 0],
    'from where the person sits' => [fn (int $i) => ["nobody-{$i}@test.example", '10.0.9.9'], 40, 1],
]);

it('is slowed by strangers, and shut to nobody who belongs here', function (callable $try, int $times, int $slowed): void {
    Sleep::fake();
    User::factory()->in(Workshops::person()->workshop()->firstOrFail(), Role::Owner)->createOne(['email' => 'rider@test.example']);
    foreach (range(1, $times) as $i) {
        [$email, $from] = $try($i);
        foreach ([
            'sign-in '.hash('sha256', $email).' '.$from => 60, 'sign-in '.hash('sha256', $email) => 600, "sign-in from {$from}" => 600,
            'sign-in' => 600,
        ] as $key => $seconds) {
            RateLimiter::hit($key, $seconds);
        }
    }
    $come = fn () => $this->call(
        'POST', '/sign-in', ['email' => 'rider@test.example', 'password' => Workshops::PASSWORD], server: ['REMOTE_ADDR' => '10.0.9.9'],
    );
    $come()->assertRedirect('/');
    $this->assertAuthenticated();
    Sleep::assertSleptTimes($slowed);
})->with('strangers');

it('lets a device in that is known to be somebody’s, whatever strangers try, and counts its own tries alone', function (): void {
    Sleep::fake();
    $person = Workshops::person();
    $come = fn (string $password, string $device = '') => $this->withCookie('device', $device)
        ->call('POST', '/sign-in', ['email' => $person->email, 'password' => $password], server: ['REMOTE_ADDR' => '10.0.9.9']);
    $kept = $come(Workshops::PASSWORD)->assertRedirect('/')->getCookie('device');
    $device = (string) $kept?->getValue();
    expect($device)->toEndWith(".{$person->id}")->and($kept?->isHttpOnly())->toBeTrue();
    Auth::logout();
    foreach (range(1, 30) as $ignored) {
        array_map(
            fn (string $key) => RateLimiter::hit($key, 600),
            ['sign-in '.hash('sha256', $person->email).' 10.0.9.9', 'sign-in '.hash('sha256', $person->email)],
        );
    }
    $come(Workshops::PASSWORD)->assertSessionHasErrors('email');
    $come(Workshops::PASSWORD, str_repeat('x', 26).'.'.($person->id + 1))->assertSessionHasErrors('email');
    $come(Workshops::PASSWORD, $device)->assertRedirect('/');
    Auth::logout();
    foreach (range(1, 5) as $ignored) {
        $come('wrong', $device)->assertSessionHasErrors('email');
    }
    $come(Workshops::PASSWORD, $device)->assertSessionHasErrors('email');
    Sleep::assertNeverSlept();
});

it('ends the guessing of a password from inside a session', function (string $method, string $path, string $field): void {
    $person = Workshops::person();
    $this->actingAs($person);
    $try = fn (string $password) => $this
        ->call($method, $path, [$field => $password, 'password' => 'ten or more signs', 'password_confirmation' => 'ten or more signs']);
    foreach (range(1, 5) as $i) {
        $try("guess {$i}")->assertSessionHasErrors([$field => 'This is not your password.']);
    }
    $try(Workshops::PASSWORD)->assertSessionHasErrors($field);
    expect(session('errors')->first($field))->toContain('Too many wrong tries')
        ->and(Hash::check(Workshops::PASSWORD, $person->refresh()->password))->toBeTrue();
    $this->travel(2)->minutes();
    $try(Workshops::PASSWORD)->assertSessionHasNoErrors();
})->with([['PUT', '/account/password', 'current'], ['POST', '/account/sign-out-everywhere', 'current_password']]);

it('looks at a password for an address nobody has, as for one that somebody has', function (): void {
    $person = Workshops::person();
    $hasher = new class(app()) extends HashManager
    {
        public int $looks = 0;

        /** @param  array<string, mixed>  $options */
        public function check(#[SensitiveParameter] $value, $hashedValue, array $options = []): bool
        {
            $this->looks++;

            return parent::check($value, $hashedValue, $options);
        }
    };
    Hash::swap($hasher);
    foreach ([$person->email, 'nobody@test.example'] as $email) {
        $this->post('/sign-in', ['email' => $email, 'password' => 'wrong'])->assertSessionHasErrors('email');
    }
    expect($hasher->looks)->toBe(2);
});

it('takes no address for another that only looks like it', function (): void {
    $workshop = Workshops::person()->workshop()->firstOrFail();
    User::factory()->in($workshop, Role::Owner)->createOne(['email' => 'Rüdiger@Test.Example']);
    $this->post('/sign-in', ['email' => 'rudiger@test.example', 'password' => Workshops::PASSWORD])->assertSessionHasErrors('email');
    $this->post('/sign-in', ['email' => 'RÜDIGER@test.example', 'password' => Workshops::PASSWORD])->assertRedirect('/');
});

it('sends a strict policy with every page', function (): void {
    $policy = $this->get('/sign-in')->assertOk()->headers->get('Content-Security-Policy');
    expect($policy)->toContain("default-src 'none'")->toContain("script-src 'self'")->not->toContain('unsafe');
});
