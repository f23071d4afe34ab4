<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Job;
use App\Models\User;
use Closure;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Foundation\Testing\WithCachedConfig;
use Illuminate\Testing\PendingCommand;
use LogicException;
use Tests\Support\Instruments;

abstract class TestCase extends BaseTestCase
{
    use WithCachedConfig;

    // What a file's `beforeEach` lays out for its tests.
    public Job $job;

    public User $person;

    public Instruments $instruments;

    public string $demo;

    public string $file;

    public Closure $answer;

    public Closure $at;

    public Closure $band;

    public Closure $battery;

    public Closure $begin;

    public Closure $cockpit;

    public Closure $choose;

    public Closure $decide;

    public Closure $depart;

    public Closure $find;

    public Closure $give;

    public Closure $fitting;

    public Closure $keep;

    public Closure $lack;

    public Closure $lacks;

    public Closure $note;

    public Closure $order;

    public Closure $read;

    public Closure $record;

    public Closure $plan;

    public Closure $say;

    public Closure $setBattery;

    public Closure $strip;

    public Closure $take;

    public Closure $tick;

    public Closure $upload;

    public Closure $version;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    /** Another person signs in with a session of their own. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        if ($this->app->bound('session')) {
            $this->flushSession();
        }

        return parent::actingAs($user, $guard);
    }

    /** @param  array<string, mixed>  $parameters */
    public function artisan($command, $parameters = []): PendingCommand
    {
        $pending = parent::artisan($command, $parameters);

        return $pending instanceof PendingCommand ? $pending : throw new LogicException('Console output is not mocked here.');
    }
}
