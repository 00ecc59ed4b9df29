<?php

declare(strict_types=1);

use App\Exceptions\Troubles;
use App\Http\Middleware\ContentPolicy;
use App\Http\Middleware\OurHost;
use App\Http\Middleware\OwnSession;
use App\Http\Middleware\PlainText;
use Chiralex\ChiralexException;
use Chiralex\Table\Exception\UnreadableTable;
use ChiralexAdapters\UnusableFile;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        using: static function (): void {
            Route::middleware('public')->group(base_path('routes/public.php'));
            Route::middleware('web')->group(base_path('routes/web.php'));
        },
        commands: __DIR__ . '/../routes/console.php',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->web(
            prepend: [OurHost::class],
            append: [OwnSession::class, ContentPolicy::class, PlainText::class],
        );
        $middleware->group('public', [
            OurHost::class,
            SubstituteBindings::class,
            ContentPolicy::class,
            PlainText::class,
        ]);
        $middleware->redirectGuestsTo(
            static fn(Request $request): ?string => $request->is('api/*') ? null : '/sign-in',
        );
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(
            static fn(Request $request): bool => $request->is('api/*') || $request->expectsJson(),
        );
        // What the core and the adapters refuse says itself what, where and what to do; the application's own refusals render themselves.
        $exceptions->dontReport([UnusableFile::class, ChiralexException::class]);
        $exceptions->render(
            static fn(UnreadableTable $fault): JsonResponse => new JsonResponse(
                ['message' => $fault->getMessage()] +
                    ($fault->missing === 'designator' ? ['headers' => $fault->headers] : []),
                422,
            ),
        );
        $exceptions->render(
            static fn(UnusableFile|ChiralexException $fault): JsonResponse => new JsonResponse(
                ['message' => $fault->getMessage()] +
                    ($fault instanceof UnusableFile && $fault->lists !== [] ? ['lists' => $fault->lists] : []),
                422,
            ),
        );
        // A kit that was deleted while somebody had it open, an address typed wrongly: said in words, not by the name of a class.
        $exceptions->render(
            static fn(NotFoundHttpException $fault, Request $request): ?JsonResponse => $request->is('api/*') &&
            $fault->getPrevious() instanceof ModelNotFoundException
                ? new JsonResponse(
                    [
                        'message' =>
                            'This is not here any more, or never was; go back to the room and open it from there.',
                    ],
                    404,
                )
                : null,
        );
        Troubles::register($exceptions);
    })
    ->create();

// Logs and compiled views lie outside the code: a copy of it that serves is renewed by each start.
$storage = getenv('CHIRALEX_STORAGE');

return is_string($storage) && $storage !== '' ? $app->useStoragePath($storage) : $app;
