<?php

declare(strict_types=1);

use App\Http\Controllers\Api\JobsController;
use App\Http\Controllers\Api\OpenApiController;
use App\Http\Controllers\Api\RecordController;
use App\Http\Middleware\TurnAwayShutOutPrograms;
use Illuminate\Support\Facades\Route;

Route::get('/openapi.json', OpenApiController::class)->middleware('throttle:api')->name('api.description');

Route::middleware(['auth:sanctum', TurnAwayShutOutPrograms::class, 'throttle:api'])->whereNumber('number')->group(function (): void {
    Route::middleware('abilities:read')->group(function (): void {
        Route::get('/jobs', [JobsController::class, 'index'])->name('api.jobs');
        Route::get('/jobs/{number}', [JobsController::class, 'show'])->name('api.job');
        Route::get('/jobs/{number}/document', [JobsController::class, 'document'])->name('api.document');
        Route::get('/jobs/{number}/worksheet', [JobsController::class, 'worksheet'])->name('api.worksheet');
        Route::get('/jobs/{number}/strip', [JobsController::class, 'strip'])->name('api.strip');
        Route::get('/jobs/{number}/build', [JobsController::class, 'build'])->name('api.build');
        Route::get('/jobs/{number}/prove', [JobsController::class, 'prove'])->name('api.prove');
        Route::get('/schedule', [JobsController::class, 'schedule'])->name('api.schedule');
    });
    Route::middleware('abilities:record')->group(function (): void {
        Route::post('/jobs/{number}/readings', [RecordController::class, 'reading'])->name('api.reading');
        Route::post('/jobs/{number}/checks', [RecordController::class, 'check'])->name('api.check');
    });
});
