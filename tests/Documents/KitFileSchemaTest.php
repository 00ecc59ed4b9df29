<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\KitReader;
use ChiralexRender\Document\KitFileSchema;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** The published schema of kit.json and the reader agree, on what is right and on what is wrong. */
final class KitFileSchemaTest extends TestCase
{
    private const DEMO = __DIR__ . '/../../database/demo';

    public function test_the_published_schema_is_made_from_the_readers_table(): void
    {
        $flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;
        self::assertStringEqualsFile(
            __DIR__ . '/../../docs/schema/kit.json',
            json_encode(KitFileSchema::document(), $flags) . "\n",
            'run php bin/lib/kit-schema.php',
        );
    }

    /** @return iterable<string, array{string}> */
    public static function demo(): iterable
    {
        foreach (['frost-bell', 'halt-signal', 'kiln-watch'] as $name) {
            yield $name => [(string) file_get_contents(self::DEMO . "/{$name}/kit.json")];
        }
    }

    #[DataProvider('demo')]
    public function test_the_demo_folders_meet_it(string $json): void
    {
        self::assertTrue(self::meets($json));
    }

    /** @return iterable<string, array{string, bool}> a kit file, and whether it is right */
    public static function files(): iterable
    {
        yield 'nothing but the format' => ['{"format": 1}', true];
        yield 'another format' => ['{"format": 2}', false];
        yield 'a field nobody knows' => ['{"colour": "red"}', false];
        yield 'a field nobody knows, deep inside' => ['{"lines": {"R1": {"tall": 3}}}', false];
        yield 'a name that is a number' => ['{"name": 7}', false];
        yield 'a trait' => ['{"traits": ["mains"]}', true];
        yield 'a trait nobody knows' => ['{"traits": ["ghosts"]}', false];
        yield 'no gate' => ['{"tests": [{"name": "t", "gate": null, "expect": "5 V"}]}', true];
        yield 'volts as a number' => ['{"supply": {"volts": 9}}', true];
        yield 'volts as a range' => ['{"supply": {"volts": [7, 12]}}', true];
        yield 'volts as a word' => ['{"supply": {"volts": "nine"}}', false];
        yield 'a list where a map belongs' => ['{"lines": ["R1"]}', false];
        yield 'a height below nothing' => ['{"lines": {"R1": {"height": -0.1}}}', false];
        yield 'a height of nothing' => ['{"lines": {"R1": {"height": 0}}}', true];
        yield 'a height just below two metres' => ['{"lines": {"R1": {"height": 1999.9}}}', true];
        yield 'a height of two metres' => ['{"lines": {"R1": {"height": 2000}}}', false];
        yield 'a wire of just below 100 km' => ['{"wires": [{"name": "W1", "mm": 99999999}]}', true];
        yield 'a wire of 100 km' => ['{"wires": [{"name": "W1", "mm": 100000000}]}', false];
        yield '200 pins' => [self::pins(200), true];
        yield '201 pins' => [self::pins(201), false];
    }

    #[DataProvider('files')]
    public function test_schema_and_reader_say_the_same(string $json, bool $right): void
    {
        self::assertSame($right, self::meets($json), 'the schema');
        self::assertSame($right, self::isRead($json), 'the reader');
    }

    private static function pins(int $count): string
    {
        $pins = implode(', ', array_map(static fn(int $pin): string => "\"{$pin}\": [0, 0]", range(1, $count)));

        return '{"lines": {"R1": {"pins": {' . $pins . '}}}}';
    }

    private static function meets(string $json): bool
    {
        $schema = json_decode(json_encode(KitFileSchema::document(), JSON_THROW_ON_ERROR));
        self::assertInstanceOf(stdClass::class, $schema);

        return (new Validator())->validate(json_decode($json), $schema)->isValid();
    }

    private static function isRead(string $json): bool
    {
        try {
            (new KitReader())->read(['bom.csv' => "Ref,Value\nR1,10k\n", 'kit.json' => $json]);

            return true;
        } catch (UnusableKit) {
            return false;
        }
    }
}
