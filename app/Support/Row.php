<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use UnexpectedValueException;

/** A row of a query without a model, read with types. */
final readonly class Row
{
    /** @param array<array-key, mixed> $cells */
    private function __construct(private array $cells) {}

    /** @return list<self> */
    public static function all(Builder $query): array
    {
        return array_values($query->get()->map(static fn(object $row): self => new self((array) $row))->all());
    }

    public static function first(Builder $query): ?self
    {
        $row = $query->first();

        return $row === null ? null : new self((array) $row);
    }

    public function int(string $name): int
    {
        $value = $this->cells[$name] ?? null;

        return is_int($value) || (is_string($value) && preg_match('~^-?\d+$~', $value) === 1)
            ? (int) $value
            : throw new UnexpectedValueException("column {$name} holds no whole number");
    }

    public function text(string $name): string
    {
        $value = $this->cells[$name] ?? null;

        return is_scalar($value) ? (string) $value : '';
    }

    public function flag(string $name): bool
    {
        return (bool) ($this->cells[$name] ?? false);
    }

    public function has(string $name): bool
    {
        return ($this->cells[$name] ?? null) !== null;
    }

    public function intOrNull(string $name): ?int
    {
        return $this->has($name) ? $this->int($name) : null;
    }

    public function textOrNull(string $name): ?string
    {
        return $this->has($name) ? $this->text($name) : null;
    }

    public function time(string $name): Carbon
    {
        return Carbon::parse($this->text($name));
    }
}
