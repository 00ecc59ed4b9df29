<?php

declare(strict_types=1);

// What each route takes, as JSON Schema, from the rules of its form request; used by bin/lib/openapi.php.

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Routing\Route as Served;
use Illuminate\Support\Facades\Route;
use Illuminate\Validation\Rules\Enum;

// Routes and settings as the files say, not as an earlier start has cached them.
foreach (['CONFIG', 'ROUTES', 'EVENTS', 'SERVICES', 'PACKAGES'] as $cache) {
    $path = sys_get_temp_dir() . "/chiralex-openapi-{$cache}.php";
    @unlink($path);
    putenv("APP_{$cache}_CACHE={$path}");
    $_ENV["APP_{$cache}_CACHE"] = $_SERVER["APP_{$cache}_CACHE"] = $path;
}
$app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

/** @return ?class-string<FormRequest> */
$request = static function (Served $route): ?string {
    [$class, $method] = explode('@', $route->getActionName()) + ['', '__invoke'];
    foreach (
        $class !== 'Closure' && method_exists($class, $method)
            ? (new ReflectionMethod($class, $method))->getParameters()
            : [] as $parameter
    ) {
        $type = $parameter->getType();
        if ($type instanceof ReflectionNamedType && is_subclass_of($type->getName(), FormRequest::class)) {
            return $type->getName();
        }
    }

    return null;
};

/** @param list<mixed> $rules */
$field = static function (array $rules): array {
    $schema = [];
    $size = [];
    $nullable = false;
    foreach ($rules as $rule) {
        if ($rule instanceof Enum) {
            $type = (new ReflectionProperty($rule, 'type'))->getValue($rule);
            $schema = ['type' => 'string', 'enum' => array_column($type::cases(), 'value')];
        }
        [$name, $of] = explode(':', is_string($rule) ? $rule : '', 2) + ['', ''];
        $nullable = $nullable || $name === 'nullable';
        $schema += match ($name) {
            'string' => ['type' => 'string'],
            'integer' => ['type' => 'integer'],
            'numeric' => ['type' => 'number'],
            'boolean' => ['type' => 'boolean'],
            'array' => ['type' => 'array'],
            'uuid' => ['type' => 'string', 'format' => 'uuid'],
            'email' => ['type' => 'string', 'format' => 'email'],
            'date_format', 'regex' => ['type' => 'string'],
            'file' => ['type' => 'string', 'format' => 'binary'],
            default => [],
        };
        $size += match ($name) {
            'max' => ['most' => (int) $of],
            'min' => ['least' => (int) $of],
            'between' => ['least' => (int) $of, 'most' => (int) explode(',', $of)[1]],
            'in' => ['enum' => explode(',', $of)],
            default => [],
        };
    }
    $type = $schema['type'] ?? (isset($size['enum']) ? 'string' : null);
    $limits = match (true) {
        ($schema['format'] ?? '') === 'binary' => [],
        $type === 'string' => ['minLength' => $size['least'] ?? null, 'maxLength' => $size['most'] ?? null],
        $type === 'array' => ['minItems' => $size['least'] ?? null, 'maxItems' => $size['most'] ?? null],
        $type !== null => ['minimum' => $size['least'] ?? null, 'maximum' => $size['most'] ?? null],
        default => [],
    };
    if (isset($size['enum'])) {
        $schema['enum'] = $type === 'integer' ? array_map(intval(...), $size['enum']) : $size['enum'];
    }
    if ($nullable && $type !== null) {
        $schema['type'] = [$type, 'null'];
        if (isset($schema['enum'])) {
            $schema['enum'][] = null;
        }
    } elseif ($type !== null) {
        $schema['type'] = $type;
    }

    return $schema + array_filter($limits, static fn(?int $limit): bool => $limit !== null);
};

/** @param array<string, list<mixed>> $rules */
$object = static function (array $rules) use (&$object, $field): array {
    $properties = $required = [];
    foreach ($rules as $path => $each) {
        if (str_contains($path, '.')) {
            continue;
        }
        $properties[$path] = $field($each);
        if ($properties[$path] === []) {
            // Anything.
            $properties[$path] = new stdClass();
        }
        $inside = [];
        foreach ($rules as $other => $its) {
            if (str_starts_with($other, "{$path}.*.")) {
                $inside[substr($other, strlen($path) + 3)] = $its;
            }
        }
        $item = $rules["{$path}.*"] ?? null;
        if ($inside !== [] || $item !== null) {
            $properties[$path]['items'] =
                ($item === null ? [] : $field($item)) + ($inside === [] ? [] : $object($inside));
        }
        if (array_intersect(['required', 'present'], array_filter($each, is_string(...))) !== []) {
            $required[] = $path;
        }
    }

    return ['type' => 'object', 'properties' => $properties] + ($required === [] ? [] : ['required' => $required]);
};

$bodies = [];
foreach (Route::getRoutes() as $route) {
    $class = str_starts_with($route->uri(), 'api/') ? $request($route) : null;
    $verb = strtolower($route->methods()[0]);
    if ($class !== null && $verb !== 'get') {
        $schema = $object(array_map(static fn(mixed $each): array => (array) $each, (new $class())->rules()));
        $kind = str_contains((string) json_encode($schema), '"binary"') ? 'multipart/form-data' : 'application/json';
        $bodies["{$verb} " . substr($route->uri(), 3)] = [$kind => ['schema' => $schema]];
    }
}

return $bodies;
