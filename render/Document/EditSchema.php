<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Board\Files\FileRole;
use Chiralex\Kit\Data\KitSchema;
use Chiralex\Kit\Edit\EditKind;
use Chiralex\Kit\Edit\FactEdit;
use Chiralex\Kit\Hazard;
use Chiralex\Table\Data\HeaderSynonyms;

/** What an edit looks like where it is sent, one shape for each kind, as JSON Schema; the values are those of the kit file. */
final readonly class EditSchema
{
    private const TEXT = ['type' => 'string', 'maxLength' => 5000];
    private const NOTHING = ['const' => ''];

    /** @return array{oneOf: list<array<string, mixed>>} of all kinds but files, which are sent as files */
    public static function document(): array
    {
        $name = ['type' => 'string', 'maxLength' => 120];
        $row = ['type' => 'string', 'pattern' => '^\d*$'];
        $cells = ['type' => 'object', 'additionalProperties' => self::TEXT];
        $list = ['type' => 'array', 'items' => $name];
        $columns = array_map(strval(...), array_keys(HeaderSynonyms::PARTS));

        return [
            'oneOf' => [
                self::shape(EditKind::Line, $name, self::fields(['lines', '*']), self::values(['lines', '*'])),
                self::shape(EditKind::Cell, $row, ['enum' => $columns], self::TEXT),
                self::shape(EditKind::Column, $row, $name, self::TEXT),
                self::shape(EditKind::Setting, self::NOTHING, self::fields(['settings']), self::values(['settings'])),
                self::shape(EditKind::Board, $name, $name, self::values(['board'])),
                self::shape(
                    EditKind::Order,
                    self::NOTHING,
                    self::NOTHING,
                    self::orNull([KitFileSchema::at(['overrides', 'order'])]),
                ),
                self::shape(EditKind::Words, $name, self::NOTHING, self::orNull([self::TEXT])),
                self::shape(EditKind::Bag, $name, self::NOTHING, self::orNull([self::TEXT])),
                self::shape(EditKind::Test, $name, $name, self::orNull([self::TEXT, self::test()])),
                self::shape(
                    EditKind::Hazard,
                    ['enum' => array_column(Hazard::cases(), 'value')],
                    self::NOTHING,
                    self::orNull([self::TEXT, ['type' => 'boolean']]),
                ),
                self::shape(
                    EditKind::Row,
                    $row,
                    self::NOTHING,
                    self::orNull([$cells, ['type' => 'array', 'items' => self::TEXT]]),
                ),
                self::shape(EditKind::Fact, ['enum' => FactEdit::FACTS], self::NOTHING, self::orNull(self::facts())),
                self::shape(EditKind::TakeBack, $name, self::NOTHING, [
                    'type' => 'object',
                    'additionalProperties' => self::TEXT,
                ]),
                self::shape(EditKind::Block, $name, self::NOTHING, self::orNull([self::TEXT, $list])),
                self::shape(
                    EditKind::FirstKit,
                    $name,
                    self::NOTHING,
                    self::orNull([['type' => 'integer'], ['type' => 'boolean']]),
                ),
                self::shape(
                    EditKind::FileRole,
                    $name,
                    self::NOTHING,
                    self::orNull([['enum' => array_column(FileRole::cases(), 'value')]]),
                ),
                self::shape(EditKind::OldText, $name, self::NOTHING, self::orNull([['type' => 'boolean']])),
                self::shape(EditKind::SideWord, $name, self::NOTHING, self::orNull([['enum' => ['top', 'bottom']]])),
                self::shape(
                    EditKind::Masses,
                    self::NOTHING,
                    self::NOTHING,
                    self::orNull([
                        [
                            'type' => 'array',
                            'items' => ['type' => 'array', 'items' => self::TEXT, 'minItems' => 3, 'maxItems' => 3],
                        ],
                    ]),
                ),
                self::shape(EditKind::Pilot, $row, ['enum' => ['', 'insert']], self::orNull([$cells])),
            ],
        ];
    }

    /**
     * @param array<string, mixed> $target
     * @param array<string, mixed> $field
     * @param array<string, mixed> $value
     * @return array<string, mixed>
     */
    private static function shape(EditKind $kind, array $target, array $field, array $value): array
    {
        return [
            'type' => 'object',
            'properties' => [
                'type' => ['const' => $kind->value],
                'target' => $target,
                'field' => $field,
                'value' => $value,
            ],
            'required' => ['type', 'target', 'field', 'value'],
            'additionalProperties' => false,
        ];
    }

    /**
     * @param list<string> $path
     * @return array<string, mixed>
     */
    private static function fields(array $path): array
    {
        return ['enum' => KitSchema::fields($path)];
    }

    /**
     * Any value that one of the fields takes; which takes which, the kit file's own schema says.
     *
     * @param list<string> $path
     * @return array<string, mixed>
     */
    private static function values(array $path): array
    {
        $shapes = [self::TEXT];
        foreach (KitSchema::fields($path) as $field) {
            foreach (
                KitSchema::at([...$path, $field]) === 'string' ? [] : [KitFileSchema::at([...$path, $field])] as $shape
            ) {
                $words = isset($shape['enum']) && is_array($shape['enum']) && is_string($shape['enum'][0] ?? null);
                if (!$words && !in_array($shape, $shapes, true)) {
                    $shapes[] = $shape;
                }
            }
        }

        return self::orNull($shapes);
    }

    /** @return array<string, mixed> all facts of a kit by name, null where nothing is said */
    public static function factsDocument(): array
    {
        $facts = [];
        foreach (FactEdit::FACTS as $fact) {
            $facts[$fact] = self::orNull([KitFileSchema::at(explode('.', $fact))]);
        }

        return [
            'type' => 'object',
            'properties' => $facts,
            'required' => FactEdit::FACTS,
            'additionalProperties' => false,
        ];
    }

    /** @return array<string, mixed> what is said of each part */
    public static function linesDocument(): array
    {
        return KitFileSchema::at(['lines']);
    }

    /** @return list<array<string, mixed>> what any fact of the kit can be */
    private static function facts(): array
    {
        $shapes = [];
        foreach (FactEdit::FACTS as $fact) {
            $shape = KitFileSchema::at(explode('.', $fact));
            $shapes = in_array($shape, $shapes, true) ? $shapes : [...$shapes, $shape];
        }

        return $shapes;
    }

    /** @return array<string, mixed> a test with what is emptied as null */
    private static function test(): array
    {
        $fields = [];
        foreach (KitSchema::fields(['tests', '*']) as $field) {
            $fields[$field] = self::orNull([KitFileSchema::at(['tests', '*', $field])]);
        }

        return ['type' => 'object', 'properties' => $fields, 'additionalProperties' => false];
    }

    /**
     * @param list<array<string, mixed>> $shapes
     * @return array{anyOf: list<array<string, mixed>>}
     */
    private static function orNull(array $shapes): array
    {
        return ['anyOf' => [['type' => 'null'], ...$shapes]];
    }
}
