<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

abstract class TestCase extends BaseTestCase
{
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
}
