<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Contracts\Debug\ShouldntReport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RuntimeException;

/** A form was sent a second time after it had been kept. */
class TakenInAlready extends RuntimeException implements ShouldntReport
{
    public function __construct()
    {
        parent::__construct('This was sent twice. It was kept the first time, and counts once.');
    }

    public function render(Request $request): RedirectResponse|JsonResponse
    {
        return $request->expectsJson()
            ? new JsonResponse(['message' => $this->getMessage()], 409)
            : back()->with('told', $this->getMessage());
    }
}
