<?php

declare(strict_types=1);

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

it('sends a strict policy with every page', function (): void {
    $policy = $this->get('/sign-in')->assertOk()->headers->get('Content-Security-Policy');
    expect($policy)->toContain("default-src 'none'")->toContain("script-src 'self'")->not->toContain('unsafe');
});
