<?php

use App\Http\ErrorResponse;
use App\Http\Middleware\AcceptOnlyJson;
use App\Http\Middleware\AskWhoIsThere;
use App\Http\Middleware\SecureHeaders;
use App\Http\Middleware\ServeOnlyThisHost;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        // Nothing is shared with other origins, so there is no CORS to handle.
        $middleware->remove(HandleCors::class);
        $middleware->prepend([ServeOnlyThisHost::class, SecureHeaders::class, AskWhoIsThere::class]);
        // One household on one machine: no accounts. Only who comes over the house network signs in (AskWhoIsThere).
        $middleware->group('web', [SubstituteBindings::class]);
        $middleware->group('api', [AcceptOnlyJson::class, SubstituteBindings::class]);
        $middleware->convertEmptyStringsToNull(except: [fn (): bool => true]);
        $middleware->trimStrings(except: [fn (): bool => true]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*'));
        $exceptions->render(fn (Throwable $error, Request $request) => $request->is('api/*') ? ErrorResponse::from($error) : null);
        $exceptions->dontReport([Vinculum\Recipe\InvalidRecipe::class, Vinculum\Pantry\InvalidIngredient::class, Vinculum\Batch\UnreachableTarget::class, Vinculum\Log\InvalidReading::class, App\Http\RequestRefused::class]);
    })
    ->create();
