<?php

declare(strict_types=1);

// A program shows its token with every request; what a person is signed in as in the browser opens nothing there.
return ['stateful' => [], 'guard' => [], 'expiration' => null];
