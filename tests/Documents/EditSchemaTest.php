<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Kit\Data\KitSchema;
use Chiralex\Kit\Edit\EditKind;
use Chiralex\Kit\Exception\UnusableEdit;
use ChiralexRender\Document\EditSchema;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The published shapes of edits and the reader of edits say the same. */
final class EditSchemaTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, mixed, bool}> type, target, field, value, whether it is one */
    public static function edits(): iterable
    {
        yield 'a height' => ['line', 'R1', 'height', 4.5, true];
        yield 'a fact that parts have not' => ['line', 'R1', 'smell', 'sweet', false];
        yield 'a setting' => ['setting', '', 'paper', 'A4', true];
        yield 'an unknown setting' => ['setting', '', 'weather', 'dry', false];
        yield 'a fact of a board' => ['board', 'main', 'squarePad.led', 'cathode', true];
        yield 'an order' => ['order', '', '', [['parts' => ['R1'], 'after' => ['R2'], 'sameStep' => true]], true];
        yield 'an order with another field' => ['order', '', '', [['part' => 'R1']], false];
        yield 'words' => ['words', 'text.intro', '', 'Hello', true];
        yield 'words taken back' => ['words', 'text.intro', '', null, true];
        yield 'a bag that is a number of things' => ['bag', 'R1', '', ['A', 'B'], false];
        yield 'a cell' => ['cell', '3', 'value', '4k7', true];
        yield 'a cell in no row' => ['cell', 'top', 'value', '4k7', false];
        yield 'a cell of no column' => ['cell', '3', 'smell', '4k7', false];
        yield 'a test' => ['test', '', '', ['name' => 'rail', 'points' => ['R1'], 'gate' => null], true];
        yield 'a test with another field' => ['test', '', '', ['name' => 'rail', 'smell' => 'x'], false];
        yield 'a hazard' => ['hazard', 'glue', '', true, true];
        yield 'an unknown hazard' => ['hazard', 'wolves', '', true, false];
        yield 'a block as typed' => ['block', 'supply', '', 'R1-R3', true];
        yield 'a block as a list' => ['block', 'supply', '', ['R1', 'R2'], true];
        yield 'a row of the log' => ['pilot', '', '', ['step' => 'solder:R1'], true];
        yield 'another way to change the log' => ['pilot', '1', 'swap', ['step' => 'solder:R1'], false];
    }

    #[DataProvider('edits')]
    public function test_the_schema_takes_what_the_reader_takes(
        string $type,
        string $target,
        string $field,
        mixed $value,
        bool $is,
    ): void {
        $sent = json_decode(json_encode(compact('type', 'target', 'field', 'value'), JSON_THROW_ON_ERROR));
        $schema = json_decode(json_encode(EditSchema::document(), JSON_THROW_ON_ERROR));
        self::assertSame($is, (new Validator())->validate($sent, $schema)->isValid());
        try {
            EditKind::from($type)->read($target, $field, $value);
            self::assertTrue($is);
        } catch (UnusableEdit) {
            self::assertFalse($is);
        }
    }

    public function test_every_kind_but_files_has_a_shape_and_the_fields_are_those_of_the_kit_file(): void
    {
        /** @var list<array{properties: array{type: array{const: string}, field: array{enum?: list<string>}}}> $shapes */
        $shapes = EditSchema::document()['oneOf'];
        $fields = [];
        foreach ($shapes as $shape) {
            $fields[$shape['properties']['type']['const']] = $shape['properties']['field']['enum'] ?? [];
        }
        $kinds = array_column(EditKind::cases(), 'value');

        self::assertEqualsCanonicalizing(array_diff($kinds, ['file']), array_keys($fields));
        self::assertSame(KitSchema::fields(['lines', '*']), $fields['line']);
    }
}
