<?php

declare(strict_types=1);

use Tests\Support\Demo;
use Tests\Support\Look;
use Tests\Support\Views;

it('finds nothing serious, no error and no stranger on a view of the way out, and reaches all of it by pointer and by keys', function (): void {
    Demo::week();

    expect(Look::at(Views::wayOut()))->toBe([]);
});
