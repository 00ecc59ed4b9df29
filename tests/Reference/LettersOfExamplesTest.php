<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use PHPUnit\Framework\TestCase;

/**
 * Letters of two legends among the examples of gerbv (Debian), each with the table of places that came with it: names that the table has
 * are read, and no value, as none is printed. Looked at: SE_SG_IF_V2 prints 279 names, LED.frontsilk 41 of 46.
 */
final class LettersOfExamplesTest extends TestCase
{
    private const EXAMPLES = '/usr/share/doc/gerbv/examples/';

    public function test_nearly_all_names_of_a_board_of_280_parts_are_read_and_no_value(): void
    {
        $places = (string) file_get_contents(self::EXAMPLES . 'protel-pnp/Pick_Place_for_SE_SG_IF_V2.csv');
        $list = "Designator,Value,Package\n";
        foreach (array_slice(explode("\n", $places), 3) as $row) {
            $cells = str_getcsv(trim($row), ',', '"', '');
            $list .= count($cells) > 10 ? "\"{$cells[0]}\",\"{$cells[10]}\",\"{$cells[1]}\"\n" : '';
        }
        $kit = (new KitReader())->read([
            'bom.csv' => $list,
            'placements.csv' => $places,
            'legend-top.gbr' => self::file('protel-pnp/SE_SG_IF_V2.GTO'),
        ]);
        [$named, $valued] = self::printed($kit);

        self::assertGreaterThanOrEqual(265, $named);
        self::assertSame(0, $valued);
    }

    public function test_names_that_a_board_does_not_print_are_not_read(): void
    {
        $list = "Designator,Value\n";
        $places = "Ref,X (mil),Y (mil),Rot,Side\n";
        foreach (explode("\n", self::file('pick-and-place/LED.xy')) as $row) {
            $cells = str_getcsv(trim($row), ',', '"', '');
            if (count($cells) > 6 && $row[0] !== '#') {
                $list .= "{$cells[0]},\"{$cells[2]}\"\n";
                $places .= implode(',', [$cells[0], ...array_slice($cells, 3)]) . "\n";
            }
        }
        $kit = (new KitReader())->read([
            'bom.csv' => $list,
            'placements.csv' => $places,
            'legend-top.gbr' => self::file('pick-and-place/LED.frontsilk.gbr'),
        ]);
        [$named, $valued] = self::printed($kit);

        self::assertGreaterThanOrEqual(36, $named);
        self::assertSame(0, $valued);
        foreach (['C4', 'C10', 'C11', 'C16'] as $unprinted) {
            $print = $kit->findings->drawn->prints[$unprinted];
            self::assertFalse($print->isRead && in_array('designator', $print->shows, true));
        }
    }

    /** @return array{int, int} places whose name was read, and whose value */
    private static function printed(Kit $kit): array
    {
        $named = $valued = 0;
        foreach ($kit->findings->drawn->prints as $print) {
            $named += $print->isRead && in_array('designator', $print->shows, true) ? 1 : 0;
            $valued += $print->value === '' ? 0 : 1;
        }

        return [$named, $valued];
    }

    private static function file(string $name): string
    {
        return (string) file_get_contents(self::EXAMPLES . $name);
    }
}
