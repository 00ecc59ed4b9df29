<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Option;
use Chiralex\Limits;

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
            'pins' => $this->pins($value, $inner, $path),
            'list' => $this->each($value, $inner, $path, true),
            'enum' => $this->word($value, is_array($inner) ? $inner : [], $path),
            'nullable' => $value === null ?: $this->check($value, $this->node($inner), $path),
            default => $this->any($value, is_array($inner) ? $inner : [], $path),
        };
    }

    /**
     * @param array<array-key, mixed> $words
     * @throws UnusableKit when the value is none of them
     */
    private function word(mixed $value, array $words, string $path): void
    {
        if (!in_array($value, $words, true)) {
            $known = array_map(static fn(mixed $word): string => is_scalar($word) ? (string) $word : '', $words);
            throw UnusableKit::wrongType($path, 'one of ' . implode(', ', $known));
        }
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
        if (
            !is_array($value) ||
            ($list && !array_is_list($value)) ||
            (!$list && $value !== [] && array_is_list($value))
        ) {
            throw UnusableKit::wrongType($path, $list ? 'a list in brackets' : 'an object in braces');
        }
        if (count($value) > Limits::KIT_LIST) {
            throw UnusableKit::beyond($path, sprintf('a list of at most %s entries', number_format(Limits::KIT_LIST)));
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
        $beyond = null;
        foreach ($nodes as $node) {
            try {
                $this->check($value, $this->node($node), $path);

                return;
            } catch (UnusableKit $fault) {
                // A value of the right type that goes beyond a limit, or is wrong somewhere inside, is told by that.
                $beyond = $fault->isLimit || $fault->place !== $path ? $fault : $beyond;
            }
        }
        throw $beyond ?? UnusableKit::wrongType($path, 'text or a list');
    }

    /** @throws UnusableKit */
    private function scalar(mixed $value, string $type, string $path): void
    {
        $fits = match ($type) {
            'string' => is_string($value),
            'money' => is_string($value) && preg_match(Option::MONEY, $value) === 1,
            'integer' => is_int($value),
            'number', 'place', 'size', 'length', 'span', 'share' => is_int($value) || is_float($value),
            default => is_bool($value),
        };
        if (!$fits) {
            throw UnusableKit::wrongType(
                $path,
                match ($type) {
                    'string' => 'text in quotes',
                    'money' => 'an amount of money such as "4.00" or "-1.50"',
                    'integer' => 'a whole number',
                    'number', 'place', 'size', 'length', 'span', 'share' => 'a number',
                    default => 'true or false',
                },
            );
        }
        $this->limit($value, $type, $path);
    }

    /** @throws UnusableKit when a number or a text goes beyond its limit */
    private function limit(mixed $value, string $type, string $path): void
    {
        if (is_string($value) && strlen($value) > Limits::CELL) {
            throw UnusableKit::beyond($path, sprintf('text of at most %s characters', number_format(Limits::CELL)));
        }
        $number = is_int($value) || is_float($value) ? (float) $value : 0.0;
        $words =
            !is_finite($number) || abs($number) >= Limits::NUMBER
                ? 'a number that a kit can have'
                : $this->measure($number, $type);
        if ($words !== null) {
            throw UnusableKit::beyond($path, $words);
        }
    }

    /** @return ?string the limit in words, where a number of millimetres is beyond it */
    private function measure(float $number, string $type): ?string
    {
        $from = static fn(float $most): ?string => $number < 0.0 || $number >= $most
            ? sprintf('0 or more and below %s mm', number_format($most))
            : null;

        return match ($type) {
            'place' => abs($number) < Limits::PLACE_MM
                ? null
                : sprintf('below %s mm from the origin', number_format(Limits::PLACE_MM)),
            'share' => $number >= 0.0 && $number < 1.0 ? null : 'a share from 0 to below 1',
            'size' => $from(Limits::PLACE_MM),
            'length' => $from(Limits::STOCK_MM),
            'span' => $number > 0.0 && $number < Limits::STOCK_MM
                ? null
                : sprintf('above 0 and below %s', number_format(Limits::STOCK_MM)),
            default => null,
        };
    }

    /** @throws UnusableKit */
    private function pins(mixed $value, mixed $node, string $path): void
    {
        if (is_array($value) && count($value) > Limits::PINS) {
            throw UnusableKit::beyond($path, sprintf('the places of at most %d pins', Limits::PINS));
        }
        $this->each($value, $node, $path, false);
    }

    /** @return string|array<string, mixed> */
    private function node(mixed $node): string|array
    {
        /** @var string|array<string, mixed> $node the schema is our own constant */
        return $node;
    }
}
