<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\Data\KitSchema;
use Chiralex\Kit\Exception\UnusableKit;
use stdClass;

/**
 * kit.json as it stands, changed at a path and written again. What is read and written stays the same for the reader: numbers keep
 * their type, objects that are empty stay objects.
 *
 * @phpstan-type Node array<array-key, mixed>|scalar|null
 */
final readonly class KitTree
{
    /** @param array<array-key, mixed> $root */
    private function __construct(private array $root) {}

    /** @throws UnusableKit when it is no JSON, or holds an unknown field or a wrong type */
    public static function read(string $bytes): self
    {
        return new self(KitFile::decoded($bytes));
    }

    /** @param list<string|int> $path */
    public function has(array $path): bool
    {
        $at = $this->root;
        foreach ($path as $key) {
            if (!is_array($at) || !array_key_exists($key, $at)) {
                return false;
            }
            $at = $at[$key];
        }

        return true;
    }

    /**
     * @param list<string|int> $path
     * @return Node null where nothing stands
     */
    public function at(array $path): array|string|int|float|bool|null
    {
        $at = $this->root;
        foreach ($path as $key) {
            $at = is_array($at) ? $at[$key] ?? null : null;
        }

        return is_array($at) || is_scalar($at) ? $at : null;
    }

    /**
     * @param list<string|int> $path
     * @return list<mixed> empty where no list stands
     */
    public function list(array $path): array
    {
        $list = $this->at($path);

        return is_array($list) ? array_values($list) : [];
    }

    /**
     * @param non-empty-list<string|int> $path
     * @param Node $value
     */
    public function with(array $path, array|string|int|float|bool|null $value): self
    {
        return new self(self::put($this->root, $path, $value));
    }

    /**
     * Takes what stands at a path away, and what is empty without it.
     *
     * @param non-empty-list<string|int> $path
     */
    public function without(array $path): self
    {
        return new self(self::cut($this->root, $path));
    }

    public function write(): string
    {
        return json_encode(
            self::shaped($this->root, KitSchema::root()),
            JSON_PRETTY_PRINT |
                JSON_UNESCAPED_UNICODE |
                JSON_UNESCAPED_SLASHES |
                JSON_PRESERVE_ZERO_FRACTION |
                JSON_INVALID_UTF8_SUBSTITUTE |
                JSON_THROW_ON_ERROR,
        ) . "\n";
    }

    /**
     * @param array<array-key, mixed> $node
     * @param non-empty-list<string|int> $path
     * @return array<array-key, mixed>
     */
    private static function put(array $node, array $path, mixed $value): array
    {
        $key = array_shift($path);
        $inner = is_array($node[$key] ?? null) ? $node[$key] : [];
        $node[$key] = $path === [] ? $value : self::put($inner, $path, $value);

        return $node;
    }

    /**
     * @param array<array-key, mixed> $node
     * @param non-empty-list<string|int> $path
     * @return array<array-key, mixed>
     */
    private static function cut(array $node, array $path): array
    {
        $key = array_shift($path);
        $inner = $path !== [] && is_array($node[$key] ?? null) ? self::cut($node[$key], $path) : [];
        if ($inner === []) {
            unset($node[$key]);
        } else {
            $node[$key] = $inner;
        }

        return $node;
    }

    /** An empty array is an object or a list as the schema has it there. */
    private static function shaped(mixed $value, mixed $node): mixed
    {
        if (!is_array($value)) {
            return $value;
        }
        $rule = is_array($node) ? array_key_first($node) : 'list';
        $inner = is_array($node) ? $node[$rule] ?? null : null;
        if ($rule === 'nullable') {
            return self::shaped($value, $inner);
        }
        if ($rule === 'any') {
            $lists = array_filter(
                is_array($inner) ? $inner : [],
                static fn(mixed $each): bool => is_array($each) && isset($each['list']) === array_is_list($value),
            );

            return self::shaped($value, array_values($lists)[0] ?? 'string');
        }
        $object = in_array($rule, ['object', 'map', 'pins'], true);
        $shaped = [];
        foreach ($value as $key => $each) {
            $shaped[$key] = self::shaped($each, $rule === 'object' && is_array($inner) ? $inner[$key] ?? null : $inner);
        }

        return $object ? ($shaped === [] ? new stdClass() : (object) $shaped) : $shaped;
    }
}
