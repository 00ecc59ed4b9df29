<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

/** Typed access to JSON whose shape the schema has already proven. */
final readonly class Json
{
    /** @param array<array-key, mixed> $data */
    public function __construct(private array $data) {}

    public function has(string $name): bool
    {
        return isset($this->data[$name]);
    }

    /** True when the field stands there, even as null. */
    public function names(string $name): bool
    {
        return array_key_exists($name, $this->data);
    }

    public function text(string $name, string $default = ''): string
    {
        $value = $this->data[$name] ?? $default;

        return is_scalar($value) ? (string) $value : $default;
    }

    public function number(string $name): ?float
    {
        $value = $this->data[$name] ?? null;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public function integer(string $name, int $default): int
    {
        $value = $this->data[$name] ?? null;

        return is_int($value) ? $value : $default;
    }

    public function flag(string $name, bool $default): bool
    {
        $value = $this->data[$name] ?? null;

        return is_bool($value) ? $value : $default;
    }

    public function object(string $name): self
    {
        $value = $this->data[$name] ?? [];

        return new self(is_array($value) ? $value : []);
    }

    /** @return list<self> */
    public function objects(string $name): array
    {
        $value = $this->data[$name] ?? [];

        return is_array($value)
            ? array_values(array_map(static fn(mixed $each): self => new self(is_array($each) ? $each : []), $value))
            : [];
    }

    /** @return array<string, self> */
    public function map(string $name): array
    {
        $map = [];
        $value = $this->data[$name] ?? [];
        foreach (is_array($value) ? $value : [] as $key => $each) {
            $map[(string) $key] = new self(is_array($each) ? $each : []);
        }

        return $map;
    }

    /** @return list<string> a list of texts; one text alone counts as a list of one */
    public function texts(string $name): array
    {
        $value = $this->data[$name] ?? [];
        if (is_string($value)) {
            return [$value];
        }

        return is_array($value) ? array_values(array_filter($value, is_string(...))) : [];
    }

    /** @return list<list<string>> */
    public function textLists(string $name): array
    {
        $value = $this->data[$name] ?? [];

        return is_array($value)
            ? array_values(
                array_map(
                    static fn(mixed $each): array => is_array($each)
                        ? array_values(array_filter($each, is_string(...)))
                        : [],
                    $value,
                ),
            )
            : [];
    }

    /** @return array<string, string> */
    public function textMap(string $name): array
    {
        $map = [];
        $value = $this->data[$name] ?? [];
        foreach (is_array($value) ? $value : [] as $key => $each) {
            if (is_string($each)) {
                $map[(string) $key] = $each;
            }
        }

        return $map;
    }

    /** @return list<float> */
    public function numbers(string $name): array
    {
        $value = $this->data[$name] ?? [];

        return is_array($value) ? self::floats($value) : [];
    }

    /** @return array<array-key, list<float>> */
    public function numberLists(string $name): array
    {
        $value = $this->data[$name] ?? [];

        return is_array($value)
            ? array_map(static fn(mixed $each): array => is_array($each) ? self::floats($each) : [], $value)
            : [];
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->data));
    }

    /**
     * @param array<array-key, mixed> $values
     * @return list<float>
     */
    private static function floats(array $values): array
    {
        $floats = [];
        foreach ($values as $value) {
            if (is_int($value) || is_float($value)) {
                $floats[] = (float) $value;
            }
        }

        return $floats;
    }
}
