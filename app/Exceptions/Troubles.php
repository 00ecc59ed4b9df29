<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Models\Shop;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Vite;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Says what is in the way on a page of our own, in the reader's language, and in one line of the log. */
final readonly class Troubles
{
    public const LANGUAGES = ['en', 'de'];
    private const LONGEST = 300;

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->report(static function (Throwable $fault): bool {
            $trouble = Trouble::of($fault, request());
            if (!$trouble->isExpected()) {
                return true;
            }
            if ($trouble === Trouble::Database || $trouble === Trouble::Disk) {
                Log::error(
                    "{$trouble->value}: " . mb_substr((string) strtok($fault->getMessage(), "\n"), 0, self::LONGEST),
                );
            }

            return false;
        });
        $exceptions->render(static function (Throwable $fault, Request $request): JsonResponse|Response|null {
            if (
                $fault instanceof ValidationException ||
                $fault instanceof AuthenticationException ||
                $fault instanceof HttpResponseException
            ) {
                return null;
            }
            $trouble = Trouble::of($fault, $request);
            if ($trouble === Trouble::Server && config()->boolean('app.debug')) {
                return null;
            }

            $headers = $fault instanceof HttpExceptionInterface ? $fault->getHeaders() : [];

            return self::answer($trouble, $request, self::own($fault), $headers);
        });
    }

    /**
     * @param ?string $said better words than the trouble's own, for who asked the API
     * @param array<mixed> $headers
     */
    private static function answer(
        Trouble $trouble,
        Request $request,
        ?string $said,
        array $headers,
    ): JsonResponse|Response {
        $language = $request->getPreferredLanguage(self::LANGUAGES) ?? 'en';
        [$what, $todo] = $trouble->words($language);
        if ($request->is('api/*') || $request->expectsJson()) {
            return new JsonResponse(['message' => $said ?? "{$what}. {$todo}"], $trouble->status(), $headers);
        }

        return new Response(
            self::page($trouble, $language, self::mail(), $request->is('b/*'), Vite::cspNonce()),
            $trouble->status(),
            [
                'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'",
                'Cache-Control' => 'no-store',
            ] + $headers,
        );
    }

    /** What our own code said; the framework's words name classes and routes. */
    private static function own(Throwable $fault): ?string
    {
        $ours =
            $fault instanceof HttpExceptionInterface &&
            $fault->getPrevious() === null &&
            preg_match('~^$|^The route |^Too Many|^CSRF|method is not supported~', $fault->getMessage()) !== 1;

        return $ours ? $fault->getMessage() : null;
    }

    /**
     * @param ?string $mail where the shop can be written to
     * @param ?string $nonce of the page's content policy, where it has one already
     */
    public static function page(
        Trouble $trouble,
        string $language,
        ?string $mail,
        bool $public,
        ?string $nonce = null,
    ): string {
        [$what, $todo] = $trouble->words($language);

        return view('trouble', [
            'language' => $language,
            'nonce' => $nonce,
            'what' => $what,
            'todo' => $todo,
            'mail' => $mail,
            'back' => $public ? null : trans('troubles.back', [], $language),
            'write' => trans('troubles.write', [], $language),
        ])->render();
    }

    private static function mail(): ?string
    {
        try {
            $mail = Shop::query()->whereKey(1)->value('email');
        } catch (Throwable) {
            return null;
        }

        return is_string($mail) && $mail !== '' ? $mail : null;
    }
}
