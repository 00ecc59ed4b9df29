<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\Exception\UnusableKit;

/** Checks decoded JSON against a schema node; the first fault is thrown with its path. */
final readonly class SchemaCheck
{
    /**
     * @param string|array<string, mixed> $node
     * @throws UnusableKit at the first unknown field or wrong type
     */
    public function check(mixed $value, string|array $node, string $path = ''): void
    {
        if (is_string($node)) {
            $this->scalar($value, $node, $path);

            return;
        }
        $rule = (string) array_key_first($node);
        $inner = $node[$rule];
        match ($rule) {
            'object' => $this->object($value, is_array($inner) ? $inner : [], $path),
            'map' => $this->each($value, $inner, $path, false),
            'list' => $this->each($value, $inner, $path, true),
            'enum' => in_array($value, is_array($inner) ? $inner : [], true) ?: throw UnusableKit::wrongType($path, 'one of ' . implode(', ', array_map(static fn(mixed $word): string => is_scalar($word) ? (string) $word : '', is_array($inner) ? $inner : []))),
            'nullable' => $value === null ?: $this->check($value, $this->node($inner), $path),
            default => $this->any($value, is_array($inner) ? $inner : [], $path),
        };
    }

    /**
     * @param array<array-key, mixed> $fields
     * @throws UnusableKit
     */
    private function object(mixed $value, array $fields, string $path): void
    {
        if (!is_array($value) || ($value !== [] && array_is_list($value))) {
            throw UnusableKit::wrongType($path === '' ? 'kit.json' : $path, 'an object in braces');
        }
        foreach ($value as $name => $inner) {
            $at = $path === '' ? (string) $name : "{$path}.{$name}";
            if (!isset($fields[$name])) {
                throw UnusableKit::unknownField($at, implode(', ', array_keys($fields)));
            }
            $this->check($inner, $this->node($fields[$name]), $at);
        }
    }

    /** @throws UnusableKit */
    private function each(mixed $value, mixed $node, string $path, bool $list): void
    {
        if (!is_array($value) || ($list && !array_is_list($value)) || (!$list && $value !== [] && array_is_list($value))) {
            throw UnusableKit::wrongType($path, $list ? 'a list in brackets' : 'an object in braces');
        }
        foreach ($value as $name => $inner) {
            $this->check($inner, $this->node($node), $list ? "{$path}[{$name}]" : "{$path}.{$name}");
        }
    }

    /**
     * @param array<array-key, mixed> $nodes
     * @throws UnusableKit
     */
    private function any(mixed $value, array $nodes, string $path): void
    {
        foreach ($nodes as $node) {
            try {
                $this->check($value, $this->node($node), $path);

                return;
            } catch (UnusableKit) {
                continue;
            }
        }
        throw UnusableKit::wrongType($path, 'text or a list');
    }

    /** @throws UnusableKit */
    private function scalar(mixed $value, string $type, string $path): void
    {
        $fits = match ($type) {
            'string' => is_string($value),
            'integer' => is_int($value),
            'number' => is_int($value) || is_float($value),
            default => is_bool($value),
        };
        if (!$fits) {
            throw UnusableKit::wrongType($path, match ($type) {
                'string' => 'text in quotes',
                'integer' => 'a whole number',
                'number' => 'a number',
                default => 'true or false',
            });
        }
    }

    /** @return string|array<string, mixed> */
    private function node(mixed $node): string|array
    {
        /** @var string|array<string, mixed> $node the schema is our own constant */
        return $node;
    }
}
