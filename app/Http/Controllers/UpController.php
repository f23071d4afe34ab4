<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Foundation\Events\DiagnosingHealth;
use Illuminate\Http\Response;

/** Answers while web server, application and database work; for whoever watches over them. */
class UpController extends Controller
{
    public function __invoke(): Response
    {
        event(new DiagnosingHealth);

        return new Response('Up.', Response::HTTP_OK, ['Content-Type' => 'text/plain; charset=UTF-8']);
    }
}
