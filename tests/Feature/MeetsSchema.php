<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use RuntimeException;

/** Holds every answer of the API against docs/openapi.json. */
final class MeetsSchema
{
    private static ?Validator $validator = null;
    /** @var array<string, array<string, mixed>> */
    private static array $paths = [];

    /** @throws RuntimeException when an answer is not what the document says */
    public static function check(Request $request, Response|JsonResponse $answer): void
    {
        $route = $request->route();
        $path = is_object($route) ? '/' . $route->uri() : '';
        $type = (string) $answer->headers->get('Content-Type');
        if (!str_starts_with($path, '/api/') || !str_contains($type, 'json') || $answer->getStatusCode() >= 500) {
            return;
        }
        self::load();
        $operation = self::operation(strtolower($request->method()), self::concrete(substr($path, 4), $request));
        $said = "{$request->method()} {$request->path()} ({$answer->getStatusCode()})";
        if ($operation === null && $answer->getStatusCode() >= 400) {
            return;
        }
        if ($operation === null) {
            throw new RuntimeException("{$said} is not in docs/openapi.json");
        }
        $schema = match (true) {
            $answer->getStatusCode() < 300 => self::named($operation, '200'),
            in_array($answer->getStatusCode(), [409, 422], true) => self::named(
                $operation,
                (string) $answer->getStatusCode(),
            ),
            default => null,
        };
        if ($schema === null) {
            return;
        }
        $body = json_decode((string) $answer->getContent());
        $result = self::$validator?->validate(
            $body,
            (object) ['$ref' => "https://chiralex.example/chiralex.json#/\$defs/{$schema}"],
        );
        if ($result !== null && !$result->isValid()) {
            $error = $result->error();
            $told =
                $error === null
                    ? ''
                    : json_encode(
                        (new ErrorFormatter())->format($error),
                        JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR,
                    );
            throw new RuntimeException("{$said} is no {$schema}: {$told}");
        }
    }

    /** The document names some documents one by one. */
    private static function concrete(string $path, Request $request): string
    {
        $document = $request->route('document');

        return is_string($document) ? str_replace('{document}', $document, $path) : $path;
    }

    /** @return ?array<string, mixed> */
    private static function operation(string $verb, string $path): ?array
    {
        $operation = self::$paths[$path][$verb] ?? null;

        /** @var ?array<string, mixed> */
        return is_array($operation) ? $operation : null;
    }

    /** @param array<string, mixed> $operation */
    private static function named(array $operation, string $status): ?string
    {
        $reference = data_get($operation, "responses.{$status}.content.application/json.schema.\$ref");

        return is_string($reference) ? basename($reference) : null;
    }

    private static function load(): void
    {
        if (self::$validator !== null) {
            return;
        }
        $docs = dirname(__DIR__, 2) . '/docs';
        $schema = (string) file_get_contents("{$docs}/schema/chiralex.json");
        $path = (string) tempnam(sys_get_temp_dir(), 'schema');
        file_put_contents(
            $path,
            str_replace('"$id": "chiralex.json"', '"$id": "https://chiralex.example/chiralex.json"', $schema),
        );
        register_shutdown_function(static fn(): bool => @unlink($path));
        self::$validator = new Validator();
        self::$validator->setMaxErrors(3);
        self::$validator->resolver()?->registerFile('https://chiralex.example/chiralex.json', $path);
        $document = json_decode((string) file_get_contents("{$docs}/openapi.json"), true, 512, JSON_THROW_ON_ERROR);
        /** @var array<string, array<string, mixed>> $paths */
        $paths = is_array($document) ? $document['paths'] : [];
        self::$paths = $paths;
    }
}
