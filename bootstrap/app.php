<?php

use App\Http\EndedSessions;
use App\Http\Problem;
use App\Http\ProblemResponses;
use App\Http\SafeHeaders;
use App\Http\StillWelcome;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php', health: '/up')
    ->withMiddleware(function (Middleware $middleware): void {
        // A document is kept as it was sent: an empty word is not the absence of one.
        $middleware->remove([HandleCors::class, ConvertEmptyStringsToNull::class]);
        $middleware->redirectGuestsTo('/');
        $middleware->append(SafeHeaders::class);
        $middleware->web(append: [EndedSessions::class, StillWelcome::class]);
        // Before anybody is taken for signed in.
        $middleware->appendToPriorityList(after: StartSession::class, append: EndedSessions::class);
        $middleware->appendToPriorityList(after: EndedSessions::class, append: StillWelcome::class);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(Problem::class);
        $exceptions->render(fn (Throwable $e, Request $request) => $request->is('api/*') ? ProblemResponses::for($e) : null);
    })
    ->create();
