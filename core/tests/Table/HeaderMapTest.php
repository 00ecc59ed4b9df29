<?php

declare(strict_types=1);

namespace Chiralex\Tests\Table;

use Chiralex\Table\Data\HeaderSynonyms;
use Chiralex\Table\HeaderMap;
use Chiralex\Table\Row;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HeaderMapTest extends TestCase
{
    /** @return iterable<string, array{list<string>, array<string, int>}> headers, fields found */
    public static function lists(): iterable
    {
        yield 'a board editor' => [
            ['Reference', 'Value', 'Footprint', 'Qty', 'DNP'],
            ['designator' => 0, 'value' => 1, 'package' => 2, 'quantity' => 3, 'fitted' => 4],
        ];
        yield 'case and punctuation' => [['REF-DES', 'part_value', 'QTY.'], ['designator' => 0, 'quantity' => 2]];
        yield 'German' => [
            ['Bezeichner', 'Wert', 'Bauform', 'Menge'],
            ['designator' => 0, 'value' => 1, 'package' => 2, 'quantity' => 3],
        ];
        yield 'German with an umlaut' => [['Referenz', 'Gehäuse'], ['designator' => 0, 'package' => 1]];
        yield 'French' => [
            ['Référence', 'Valeur', 'Boîtier', 'Quantité'],
            ['designator' => 0, 'value' => 1, 'package' => 2, 'quantity' => 3],
        ];
        yield 'Spanish' => [['Referencia', 'Valor', 'Cantidad'], ['designator' => 0, 'value' => 1, 'quantity' => 2]];
        yield 'Dutch' => [
            ['Referentie', 'Waarde', 'Aantal', 'Behuizing'],
            ['designator' => 0, 'value' => 1, 'quantity' => 2, 'package' => 3],
        ];
        yield 'Polish' => [
            ['Oznaczenie', 'Wartość', 'Ilość', 'Obudowa'],
            ['designator' => 0, 'value' => 1, 'quantity' => 2, 'package' => 3],
        ];
        yield 'German, longer' => [
            ['Pos', 'Stückzahl', 'Bauteil', 'Beschreibung', 'nicht bestückt', 'Bauhöhe', 'Anmerkung'],
            ['designator' => 2, 'quantity' => 1, 'description' => 3, 'fitted' => 4, 'height' => 5, 'note' => 6],
        ];
        yield 'French, longer' => [
            ['Repères', 'Qté', 'Valeur nominale', 'Empreinte', 'Libellé', 'Non monté', 'Tolérance'],
            [
                'designator' => 0,
                'quantity' => 1,
                'value' => 2,
                'package' => 3,
                'description' => 4,
                'fitted' => 5,
                'tolerance' => 6,
            ],
        ];
        yield 'Spanish, longer' => [
            ['Designador', 'Cant.', 'Valor nominal', 'Encapsulado', 'Descripción', 'No montado', 'Observaciones'],
            [
                'designator' => 0,
                'quantity' => 1,
                'value' => 2,
                'package' => 3,
                'description' => 4,
                'fitted' => 5,
                'note' => 6,
            ],
        ];
        yield 'Dutch, longer' => [
            ['Aanduiding', 'Hoeveelheid', 'Waarde', 'Omschrijving', 'Niet monteren', 'Hoogte', 'Opmerking'],
            [
                'designator' => 0,
                'quantity' => 1,
                'value' => 2,
                'description' => 3,
                'fitted' => 4,
                'height' => 5,
                'note' => 6,
            ],
        ];
        yield 'Polish, longer' => [
            ['Desygnator', 'Szt.', 'Wartość nominalna', 'Opis', 'Nie montować', 'Wysokość', 'Uwagi'],
            [
                'designator' => 0,
                'quantity' => 1,
                'value' => 2,
                'description' => 3,
                'fitted' => 4,
                'height' => 5,
                'note' => 6,
            ],
        ];
        yield 'part is the designator only where nothing better is there' => [
            ['Part', 'Designator'],
            ['designator' => 1, 'description' => 0],
        ];
    }

    /**
     * @param list<string> $headers
     * @param array<string, int> $expected
     */
    #[DataProvider('lists')]
    public function test_columns_are_known_by_their_names(array $headers, array $expected): void
    {
        $found = HeaderMap::guess($headers, HeaderSynonyms::PARTS)->columns;
        ksort($found);
        ksort($expected);

        self::assertSame($expected, $found);
    }

    public function test_a_header_may_carry_the_unit(): void
    {
        foreach (['PosX (mm)' => 'mm', 'Mid X [mil]' => 'mil', 'X in' => 'in'] as $header => $unit) {
            $map = HeaderMap::guess([$header, 'Y'], HeaderSynonyms::PLACEMENTS);
            self::assertTrue($map->has('x'), $header);
            self::assertSame($unit, $map->unit('x'), $header);
            self::assertNull($map->unit('y'));
        }
    }

    public function test_a_cell_of_an_absent_column_is_empty(): void
    {
        $map = HeaderMap::guess(['Ref'], HeaderSynonyms::PARTS);

        self::assertSame(
            ['R1', '', null],
            [
                $map->cell(new Row(2, ['R1']), 'designator'),
                $map->cell(new Row(2, ['R1']), 'value'),
                $map->header(['Ref'], 'value'),
            ],
        );
    }
}
