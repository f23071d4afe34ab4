<?php

declare(strict_types=1);

use App\Http\Middleware\ContentSecurityPolicy;
use App\Http\Middleware\KeepSession;
use App\Http\Middleware\NameTheRequest;
use App\Http\Middleware\ReadPlainText;
use App\Http\Middleware\TakeEachFormInOnce;
use App\Http\Middleware\TurnAwayWhoIsShutOut;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Session\Middleware\StartSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        health: '/up',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend(NameTheRequest::class);
        $middleware->web(append: [ReadPlainText::class, ContentSecurityPolicy::class, TurnAwayWhoIsShutOut::class, TakeEachFormInOnce::class], replace: [StartSession::class => KeepSession::class]);
        $middleware->redirectGuestsTo('/sign-in');
        $middleware->redirectUsersTo('/');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        //
    })
    ->create();
