<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Controllers\Controller;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The interface for programs, described for programs. */
class OpenApiController extends Controller
{
    public function __invoke(): BinaryFileResponse
    {
        return response()->file(base_path('docs/formats/openapi.json'), ['Content-Type' => 'application/json']);
    }
}
