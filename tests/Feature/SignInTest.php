<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\User;
use Illuminate\Hashing\HashManager;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
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

it('counts wrong tries of an address however it is written, from wherever they come', function (): void {
    $person = User::factory()->in(Workshops::person()->workshop()->firstOrFail(), Role::Owner)->createOne(['email' => 'rider@test.example']);
    $try = fn (string $email, string $from) => $this->call('POST', '/sign-in', ['email' => $email, 'password' => 'wrong'], server: ['REMOTE_ADDR' => $from]);
    foreach (['rider@test.example', 'RIDER@test.example', 'ｒider@test.example', 'Rider@Test.Example', 'ＲＩＤＥＲ@test.example'] as $written) {
        $try($written, '10.0.0.1');
    }
    $try('rｉder@test.example', '10.0.0.1');
    expect(session('errors')->first('email'))->toContain('Too many wrong tries');
    foreach (range(1, 15) as $i) {
        $try('rider@test.example', "10.0.1.{$i}");
        expect(session('errors')->first('email'))->toContain('No account');
    }
    $try('rider@test.example', '10.0.2.1');
    expect(session('errors')->first('email'))->toContain('Too many wrong tries')->and($person->refresh()->email)->toBe('rider@test.example');
});

it('counts the wrong tries of an origin, and of all', function (): void {
    $try = fn (int $i, string $from) => $this->call('POST', '/sign-in', ['email' => "nobody-{$i}@test.example", 'password' => 'wrong'], server: ['REMOTE_ADDR' => $from]);
    foreach (range(1, 31) as $i) {
        $try($i, '10.0.0.1');
    }
    expect(session('errors')->first('email'))->toContain('Too many wrong tries');
    $try(40, '10.0.0.2');
    expect(session('errors')->first('email'))->toContain('No account');
    foreach (range(1, 300) as $ignored) {
        RateLimiter::hit('sign-in', 600);
    }
    $try(41, '10.0.0.3');
    expect(session('errors')->first('email'))->toContain('Too many wrong tries');
});

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
