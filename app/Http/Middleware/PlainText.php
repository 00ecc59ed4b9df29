<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses fields that are no text, or no number there is, before anything meets them: the database would answer with a fault of its own. */
final readonly class PlainText
{
    private const DEEPEST = 40;

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $fault =
            $this->fault($request->query->all(), '') ??
            ($this->fault($request->isJson() ? $request->json()->all() : $request->request->all(), '') ??
                $this->fault($request->route()?->parameters() ?? [], ''));

        return $fault === null
            ? $next($request)
            : new JsonResponse(
                [
                    'message' => "The field \"{$fault}\" holds what is no text; type it again.",
                    'errors' => [$fault => ['no text']],
                ],
                422,
            );
    }

    /**
     * @param array<array-key, mixed> $fields
     * @return ?string the path of the first that cannot be taken
     */
    private function fault(array $fields, string $path, int $depth = 0): ?string
    {
        foreach ($fields as $name => $value) {
            $at = mb_scrub($path === '' ? (string) $name : "{$path}.{$name}");
            $fits = match (true) {
                is_string($value) => self::isText($value),
                is_float($value) => is_finite($value),
                is_array($value) => $depth < self::DEEPEST,
                default => true,
            };
            if (!$fits || !self::isText((string) $name)) {
                return mb_substr($at, 0, 60);
            }
            $inner = is_array($value) ? $this->fault($value, $at, $depth + 1) : null;
            if ($inner !== null) {
                return $inner;
            }
        }

        return null;
    }

    private static function isText(string $text): bool
    {
        return mb_check_encoding($text, 'UTF-8') && !str_contains($text, "\0");
    }
}
