<?php

declare(strict_types=1);

use App\Http\Middleware\AnswerPrograms;
use App\Http\Middleware\AnswerToOurName;
use App\Http\Middleware\KeepSession;
use App\Http\Middleware\NameTheRequest;
use App\Http\Middleware\ReadPlainText;
use App\Http\Middleware\SendSafeHeaders;
use App\Http\Middleware\TakeEachFormInOnce;
use App\Http\Middleware\TurnAwayWhoIsShutOut;
use App\Providers\FaultLog;
use Illuminate\Contracts\Database\LostConnectionDetector;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\Middleware\StartSession;
use Laravel\Sanctum\Http\Middleware\CheckAbilities;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        api: __DIR__.'/../routes/api.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend([SendSafeHeaders::class, AnswerToOurName::class, NameTheRequest::class]);
        $middleware->web(append: [ReadPlainText::class, TurnAwayWhoIsShutOut::class, TakeEachFormInOnce::class], replace: [StartSession::class => KeepSession::class]);
        $middleware->api(prepend: [AnswerPrograms::class]);
        $middleware->alias(['abilities' => CheckAbilities::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->report(fn (Throwable $e): bool => FaultLog::report($e) ?? true);
        // Without its records nothing can be done, and nothing was: it is no fault of the page.
        $exceptions->render(fn (PDOException $e, Request $request): ?Response => app(LostConnectionDetector::class)->causedByLostConnection($e) && ! $request->expectsJson()
            ? response()->view('errors.503', status: 503)->header('Retry-After', '10')
            : null);
    })
    ->create();
