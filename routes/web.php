<?php

declare(strict_types=1);

use App\Http\Controllers\AdapterController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\ConditionController;
use App\Http\Controllers\DrawerController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LineController;
use App\Http\Controllers\PreferenceController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\StackController;
use App\Http\Controllers\StepController;
use App\Http\Controllers\SurveyController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('/sign-in', [SignInController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [SignInController::class, 'store']);
});

Route::middleware('auth')->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::put('/preferences', [PreferenceController::class, 'update'])->name('preferences');

    Route::get('/', [BenchController::class, 'index'])->name('bench');
    Route::get('/jobs/new', [BenchController::class, 'create'])->name('job.start');
    Route::post('/jobs', [BenchController::class, 'store'])->name('job.store');

    Route::prefix('/jobs/{job}')->name('job.')->whereNumber('job')->group(function (): void {
        Route::get('/', [JobController::class, 'show'])->name('show');
        Route::get('/survey', [SurveyController::class, 'show'])->name('survey');
        Route::post('/readings', [SurveyController::class, 'reading'])->name('reading');
        Route::post('/caliper', [SurveyController::class, 'caliper'])->name('caliper');
        Route::delete('/readings/{reading}', [SurveyController::class, 'takeBack'])->name('reading.take-back');
        Route::post('/answers', [SurveyController::class, 'answer'])->name('answer');
        Route::get('/condition', [ConditionController::class, 'show'])->name('condition');
        Route::post('/condition', [ConditionController::class, 'store'])->name('condition.store');
        Route::put('/condition/{condition}', [ConditionController::class, 'lift'])->name('condition.lift');
        Route::get('/strip', [JobController::class, 'strip'])->name('strip');
        Route::post('/strip', [StepController::class, 'strip'])->name('strip.step');
        Route::get('/match', [JobController::class, 'match'])->name('match');
        Route::put('/motor', [KitController::class, 'motor'])->name('motor');
        Route::put('/ring', [KitController::class, 'ring'])->name('ring');
        Route::get('/insert/{motor}', [AdapterController::class, 'show'])->name('adapter');
        Route::get('/sleeve/{motor}', [AdapterController::class, 'sleeve'])->name('sleeve');
        Route::get('/sleeve/{motor}/drawing.svg', [AdapterController::class, 'sleeveSvg'])->name('sleeve.svg');
        Route::get('/insert/{motor}/drawing.svg', [AdapterController::class, 'svg'])->name('adapter.svg');
        Route::get('/stack', [JobController::class, 'stack'])->name('stack');
        Route::put('/stack', [KitController::class, 'edit'])->name('edit');
        Route::post('/stack/undo', [KitController::class, 'undo'])->name('undo');
        Route::post('/stack/redo', [KitController::class, 'redo'])->name('redo');
        Route::get('/stack/ways', [StackController::class, 'ways'])->name('ways');
        Route::put('/stack/ways', [KitController::class, 'alternative'])->name('way');
        Route::get('/stack/order', [StackController::class, 'order'])->name('order');
        Route::get('/stack/order.csv', [StackController::class, 'orderCsv'])->name('order.csv');
        Route::post('/stack/order', [StackController::class, 'reserve'])->name('reserve');
        Route::get('/stack/rest', [StackController::class, 'rest'])->name('rest');
        Route::put('/stack/rest', [StackController::class, 'brace'])->name('brace');
        Route::get('/news', [StackController::class, 'news'])->name('news');
        Route::delete('/stack', [KitController::class, 'solve'])->name('solve');
        Route::get('/line', [LineController::class, 'show'])->name('line');
        Route::put('/line/weights', [LineController::class, 'weights'])->name('weights');
        Route::get('/line/gears', [LineController::class, 'gears'])->name('gears');
        Route::get('/line/hills', [LineController::class, 'hills'])->name('hills');
        Route::get('/line/{drawing}.svg', [LineController::class, 'drawing'])->whereIn('drawing', ['line', 'gears', 'road'])->name('drawing');
        Route::put('/line/hills', [LineController::class, 'riding'])->name('riding');
        Route::post('/line/roads', [LineController::class, 'track'])->name('track');
        Route::delete('/line/roads/{track}', [LineController::class, 'dropTrack'])->name('track.drop');
        Route::get('/route', [JobController::class, 'route'])->name('route');
        Route::put('/runs/{run}', [KitController::class, 'supply'])->name('supply');
        Route::get('/build', [JobController::class, 'build'])->name('build');
        Route::post('/build', [StepController::class, 'build'])->name('build.step');
        Route::get('/build/print', [JobController::class, 'printedSheet'])->name('build.print');
        Route::get('/job.json', [JobController::class, 'document'])->name('document');
        Route::get('/worksheet.json', [JobController::class, 'worksheet'])->name('worksheet');
        Route::get('/section.svg', [JobController::class, 'section'])->name('section');
    });

    Route::get('/catalogue', [CatalogueController::class, 'index'])->name('catalogue');
    Route::post('/catalogue', [CatalogueController::class, 'import'])->name('catalogue.import');
    Route::get('/catalogue.json', [CatalogueController::class, 'export'])->name('catalogue.export');
    Route::get('/drawer', [DrawerController::class, 'index'])->name('drawer');
    Route::post('/drawer', [DrawerController::class, 'store'])->name('drawer.store');
    Route::get('/drawer.csv', [DrawerController::class, 'export'])->name('drawer.export');
    Route::post('/drawer.csv', [DrawerController::class, 'import'])->name('drawer.import');
    Route::get('/drawer/missing', [DrawerController::class, 'missing'])->name('drawer.missing');
    Route::get('/drawer/missing.csv', [DrawerController::class, 'missingCsv'])->name('drawer.missing.csv');
    Route::put('/drawer/{spacer}', [DrawerController::class, 'count'])->name('drawer.count');
});

if (app()->environment('local', 'testing')) {
    Route::view('/family', 'family')->name('family');
    Route::view('/mounts', 'mounts')->name('mounts');
    Route::view('/bare', 'bare');
}
