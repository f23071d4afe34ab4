<?php

declare(strict_types=1);

namespace App\Actions;

use Illuminate\Contracts\Debug\ShouldntReport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use RuntimeException;

/** Somebody else was quicker: what stands there now is not what the person saw. Nothing of theirs was kept, and nothing is lost. */
abstract class ChangedMeanwhile extends RuntimeException implements ShouldntReport
{
    /** @param  string  $field  where it is told */
    protected function __construct(string $message, private readonly string $field)
    {
        parent::__construct($message);
    }

    public function render(Request $request): RedirectResponse|JsonResponse
    {
        return $request->expectsJson()
            ? new JsonResponse(['message' => $this->getMessage(), 'errors' => [$this->field => [$this->getMessage()]]], 409)
            : back()->withInput()->withErrors([$this->field => $this->getMessage()]);
    }
}
