<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Kit\Data\KitSchema;
use Chiralex\Limits;
use stdClass;

/** The reader's own table of kit.json as JSON Schema, draft 2020-12, for editors and other programs. */
final readonly class KitFileSchema
{
    /** @return array<string, mixed> */
    public static function document(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'kit.json, format 1',
            'description' => 'What a kit folder says beside its tables. Lengths and places in millimetres.',
        ] + self::node(KitSchema::root());
    }

    /**
     * What stands at a path; `*` is any name or place.
     *
     * @param list<string> $path
     * @return array<string, mixed>
     */
    public static function at(array $path): array
    {
        return self::node(KitSchema::at($path));
    }

    /** @return array<string, mixed> */
    private static function node(mixed $node): array
    {
        if (!is_array($node)) {
            return self::scalar(is_string($node) ? $node : '');
        }
        $rule = array_key_first($node);
        $inner = $node[$rule] ?? [];
        $nodes = is_array($inner) ? $inner : [$inner];

        return match ($rule) {
            'object' => [
                'type' => 'object',
                'properties' => $nodes === [] ? new stdClass() : array_map(self::node(...), $nodes),
                'additionalProperties' => false,
            ],
            'map' => self::map($inner, Limits::KIT_LIST),
            'pins' => self::map($inner, Limits::PINS),
            'list' => ['type' => 'array', 'maxItems' => Limits::KIT_LIST, 'items' => self::node($inner)],
            'enum' => ['enum' => array_values($nodes)],
            'nullable' => ['anyOf' => [['type' => 'null'], self::node($inner)]],
            default => ['anyOf' => array_map(self::node(...), array_values($nodes))],
        };
    }

    /** @return array<string, mixed> */
    private static function map(mixed $inner, int $most): array
    {
        return ['type' => 'object', 'maxProperties' => $most, 'additionalProperties' => self::node($inner)];
    }

    /** @return array<string, mixed> */
    private static function scalar(string $type): array
    {
        return match ($type) {
            'string' => ['type' => 'string', 'maxLength' => Limits::CELL],
            'money' => ['type' => 'string', 'pattern' => '^-?\\d{1,7}(?:\\.\\d{1,2})?$'],
            'boolean' => ['type' => 'boolean'],
            'place' => self::number(-Limits::PLACE_MM, Limits::PLACE_MM, true),
            'size' => self::number(0.0, Limits::PLACE_MM, false),
            'length' => self::number(0.0, Limits::STOCK_MM, false),
            'span' => ['exclusiveMinimum' => 0] + self::number(0.0, Limits::STOCK_MM, false),
            'share' => self::number(0.0, 1.0, false),
            'integer' => ['type' => 'integer'] + self::number(-Limits::NUMBER, Limits::NUMBER, true),
            default => self::number(-Limits::NUMBER, Limits::NUMBER, true),
        };
    }

    /** @return array<string, mixed> */
    private static function number(float $low, float $high, bool $open): array
    {
        return ['type' => 'number', $open ? 'exclusiveMinimum' : 'minimum' => $low, 'exclusiveMaximum' => $high];
    }
}
