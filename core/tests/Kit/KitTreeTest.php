<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Kit\Data\KitSchema;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Internal\KitTree;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is written reads as it was read: by the demo folders, by the worked examples, and by kit files made from the schema. */
final class KitTreeTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $root = dirname(__DIR__, 3);
        foreach ((array) glob("{$root}/database/demo/*/kit.json") as $file) {
            yield basename(dirname((string) $file)) => [(string) file_get_contents((string) $file)];
        }
        for ($seed = 1; $seed <= 60; ++$seed) {
            $random = new Randomizer(new Mt19937($seed));
            $made = self::made(KitSchema::root(), $random, 0);
            yield "made from the schema, seed {$seed}" => [json_encode($made, JSON_THROW_ON_ERROR)];
        }
    }

    #[DataProvider('files')]
    public function test_what_is_written_reads_as_it_was_read(string $bytes): void
    {
        $read = KitTree::read($bytes);
        $again = KitTree::read($read->write());

        self::assertSame($read->at([]), $again->at([]));
        self::assertSame($read->write(), $again->write());
    }

    public function test_what_is_empty_stays_an_object_or_a_list_and_a_whole_number_of_millimetres_a_number(): void
    {
        $written = KitTree::read(
            '{"lines": {"R1": {"pins": {}, "height": 3.0}}, "gates": [], "options": {}, "traits": []}',
        )->write();

        self::assertStringContainsString('"pins": {}', $written);
        self::assertStringContainsString('"height": 3.0', $written);
        self::assertStringContainsString('"gates": []', $written);
        self::assertStringContainsString('"options": {}', $written);
    }

    public function test_a_name_that_is_a_number_stays_a_name(): void
    {
        $written = KitTree::read('{"lines": {"U1": {"pins": {"1": [0, 0], "2": [1, 0]}}}}')->write();

        self::assertStringContainsString('"1": [', $written);
        self::assertSame([1, 0], KitTree::read($written)->at(['lines', 'U1', 'pins', '2']));
    }

    public function test_taking_the_last_field_away_takes_what_held_it(): void
    {
        $tree = KitTree::read(
            '{"format": 1, "settings": {"group": 4}, "lines": {"R1": {"height": 2}, "R2": {"mass": 1}}}',
        );

        self::assertSame(
            ['format' => 1, 'lines' => ['R2' => ['mass' => 1]]],
            $tree
                ->without(['settings', 'group'])
                ->without(['lines', 'R1', 'height'])
                ->at([]),
        );
    }

    public function test_a_damaged_kit_file_is_refused_before_anything_is_written(): void
    {
        $this->expectException(UnusableKit::class);

        KitTree::read('{"lines": [1, 2');
    }

    /** A value that the schema allows, small. */
    private static function made(mixed $node, Randomizer $random, int $depth): mixed
    {
        if (!is_array($node)) {
            return match ($node) {
                'money' => ['4.00', '-1.5'][$random->getInt(0, 1)],
                'string' => ['R1', 'ö "x"', '', 'a/b'][$random->getInt(0, 3)],
                'integer' => $random->getInt(1, 9),
                'span' => [1, 2.5, 40][$random->getInt(0, 2)],
                'share' => [0, 0.01, 0.5][$random->getInt(0, 2)],
                'boolean' => $random->getInt(0, 1) === 1,
                default => [0, 1.0, 2.54, 12][$random->getInt(0, 3)],
            };
        }
        $rule = array_key_first($node);
        $inner = $node[$rule];
        $some = static fn(array $keys): array => array_filter($keys, static fn(): bool => $random->getInt(0, 2) > 0);
        $nodes = is_array($inner) ? $inner : [];

        return match ($rule) {
            'object' => (object) array_map(
                static fn(mixed $each): mixed => self::made($each, $random, $depth + 1),
                $some($nodes),
            ),
            'map', 'pins' => (object) array_map(
                static fn(): mixed => self::made($inner, $random, $depth + 1),
                $some(['R1' => 0, '7' => 0, 'ein Ding' => 0]),
            ),
            'list' => array_map(
                static fn(): mixed => self::made($inner, $random, $depth + 1),
                array_values($some([0, 0])),
            ),
            'enum' => $nodes[$random->getInt(0, count($nodes) - 1)],
            'nullable' => $random->getInt(0, 3) === 0 ? null : self::made($inner, $random, $depth + 1),
            default => self::made($nodes[$random->getInt(0, count($nodes) - 1)], $random, $depth + 1),
        };
    }
}
