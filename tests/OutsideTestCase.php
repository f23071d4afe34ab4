<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\DatabaseTruncation;

/** A test whose rows others have to see, browsers and commands: its tables are empty before it, and after it. */
abstract class OutsideTestCase extends TestCase
{
    use DatabaseTruncation;

    protected function tearDown(): void
    {
        $this->truncateTablesForAllConnections();
        parent::tearDown();
    }
}
