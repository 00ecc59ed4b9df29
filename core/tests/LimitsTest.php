<?php

declare(strict_types=1);

namespace Chiralex\Tests;

use Chiralex\Bench\Exception\InvalidFormula;
use Chiralex\Bench\Expectation;
use Chiralex\Bench\Reading;
use Chiralex\Bench\Readings;
use Chiralex\Board\Exception\UnreadableLayer;
use Chiralex\Board\Layer\LayerReader;
use Chiralex\ChiralexException;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Limits;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Length;
use Chiralex\Quantity\MeasuredValue;
use Chiralex\Quantity\ParsedValue;
use Chiralex\Quantity\Unit;
use Chiralex\Quantity\ValueReader;
use Chiralex\Reason\Problem;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each limit from both sides: what is just allowed is read, what is just beyond is refused with the limit in the message. */
final class LimitsTest extends TestCase
{
    public function test_five_thousand_rows_are_read_and_one_more_is_refused(): void
    {
        self::assertCount(5000, (new CsvReader())->read("Ref\n" . self::rows(5000), 'bom.csv')->rows);
        $this->refused(
            UnreadableTable::class,
            '5,000 rows',
            static fn() => (new CsvReader())->read("Ref\n" . self::rows(5001), 'bom.csv'),
        );
    }

    public function test_blank_records_without_end_are_refused(): void
    {
        $this->refused(
            UnreadableTable::class,
            '5,000 rows',
            static fn() => (new CsvReader())->read(str_repeat("\n", 200_000) . 'R1', 'bom.csv'),
        );
    }

    public function test_a_row_has_two_hundred_columns_at_most(): void
    {
        self::assertCount(200, (new CsvReader())->read(str_repeat('a,', 199) . "a\nb", 'bom.csv')->headers);
        $this->refused(
            UnreadableTable::class,
            'row 1 has more than 200 columns',
            static fn() => (new CsvReader())->read(str_repeat('a,', 200) . "a\nb", 'bom.csv'),
        );
    }

    public function test_a_cell_ends_somewhere(): void
    {
        self::assertSame(
            32_000,
            strlen((new CsvReader())->read("Ref\n" . str_repeat('x', 32_000), 'bom.csv')->rows[0]->cell(0)),
        );
        $this->refused(
            UnreadableTable::class,
            'row 2 holds a cell of more than 32,000',
            static fn() => (new CsvReader())->read("Ref\n" . str_repeat('x', 32_001), 'bom.csv'),
        );
    }

    public function test_a_list_names_five_thousand_parts_at_most(): void
    {
        self::assertCount(5000, self::kit("R1-R5000,10k\n")->parts);
        $this->refused(
            UnreadableTable::class,
            'row 3: the list names more than 5,000 parts',
            static fn() => self::kit("R1-R4000,10k\nC1-C1001,100n\n"),
        );
    }

    public function test_a_kit_that_is_kept_has_three_thousand_rows_and_parts_at_most(): void
    {
        self::kit("R1-R3000,10k\n")->mustBeStorable();
        $this->refused(UnusableKit::class, '3,001 parts', static fn() => self::kit("R1-R3001,10k\n")->mustBeStorable());
        $this->refused(UnusableKit::class, '3,001 rows', static fn() => self::kit(self::rows(3001))->mustBeStorable());
    }

    /** @return iterable<string, array{string, ?float, ?string}> quantity, length in mm, problem */
    public static function quantities(): iterable
    {
        yield 'just under 100 km' => ['99999.9 m', 99_999_900.0, null];
        yield '100 km' => ['100000 m', null, 'bom.quantity-too-large'];
        yield 'a number beyond all numbers' => ['1e400 m', null, 'bom.quantity-unreadable'];
        yield 'an exponent of a thousand digits' => [
            '1e' . str_repeat('9', 150) . ' m',
            null,
            'bom.quantity-unreadable',
        ];
        yield 'a million pieces' => ['1000000', null, null];
        yield 'one piece more' => ['1000001', null, 'bom.quantity-too-large'];
    }

    #[DataProvider('quantities')]
    public function test_a_quantity_stays_finite(string $text, ?float $length, ?string $code): void
    {
        $kit = (new KitReader())->read(['bom.csv' => "Ref,Value,Qty\n,hook-up wire,{$text}\n"]);
        self::assertSame($length, $kit->findings->list->lines[0]->length);
        self::assertSame(
            $code,
            array_values(
                array_map(static fn(Problem $problem): string => $problem->code, $kit->findings->problems),
            )[0] ?? null,
        );
    }

    /** @return iterable<string, array{string, bool}> text, is it a value */
    public static function values(): iterable
    {
        yield 'fifteen digits' => ['999999999999999', true];
        yield 'sixteen digits' => ['1000000000000000', false];
        yield 'two hundred signs' => ['4k7 ' . str_repeat('x', 196), true];
        yield 'two hundred and one' => ['4k7 ' . str_repeat('x', 197), false];
        yield 'ten thousand digits' => [str_repeat('9', 10_000), false];
    }

    #[DataProvider('values')]
    public function test_a_value_stays_finite(string $text, bool $read): void
    {
        self::assertSame($read, (new ValueReader())->read($text, Unit::Ohm) instanceof ParsedValue);
    }

    public function test_lengths_and_readings_stay_finite(): void
    {
        self::assertEqualsWithDelta(9e14, Length::parse('9e14')->toFloat(), 1.0);
        $this->refused(InvalidQuantity::class, 'larger than anything', static fn() => Length::parse('1e15'));
        $this->refused(InvalidQuantity::class, 'at most 200', static fn() => Length::parse(str_repeat('1', 201)));
        self::assertNotNull(MeasuredValue::read('999999999999999'));
        self::assertNull(MeasuredValue::read('1000000000000000'));
    }

    /** @return iterable<string, array{string, ?string}> kit.json, part of the message */
    public static function kitFiles(): iterable
    {
        yield 'a corner just inside two metres' => ['{"board":{"outline":[[0,0],[1999.9,0],[0,10]]}}', null];
        yield 'a corner at two metres' => [
            '{"board":{"outline":[[0,0],[2000,0],[0,10]]}}',
            '"board.outline[1][0]" must be below 2,000 mm',
        ];
        yield 'a body of two metres' => ['{"lines":{"R1":{"body":[2000,1]}}}', 'below 2,000 mm'];
        yield 'a height below the board' => ['{"lines":{"R1":{"height":-1}}}', '0 or more'];
        yield 'a number beyond all numbers' => [
            '{"supply":{"volts":1e400}}',
            '"supply.volts" must be a number that a kit can have',
        ];
        yield 'a wire of just under 100 km' => ['{"wires":[{"name":"W1","from":"a","to":"b","mm":99999999}]}', null];
        yield 'a wire of 100 km' => [
            '{"wires":[{"name":"W1","from":"a","to":"b","mm":100000000}]}',
            'below 100,000,000 mm',
        ];
        yield 'two hundred pins' => ['{"lines":{"R1":{"pins":' . self::pins(200) . '}}}', null];
        yield 'two hundred and one pins' => ['{"lines":{"R1":{"pins":' . self::pins(201) . '}}}', 'at most 200 pins'];
        yield 'a list without end' => [
            '{"traits":[' . implode(',', array_fill(0, 5001, '"glue"')) . ']}',
            'at most 5,000 entries',
        ];
        yield 'more than two megabytes' => ['{"name":"' . str_repeat('x', 2_100_000) . '"}', 'the limit is 2 MB'];
        yield 'a text without end' => ['{"name":"' . str_repeat('x', 32_001) . '"}', 'at most 32,000 characters'];
    }

    #[DataProvider('kitFiles')]
    public function test_kit_json_holds_the_limits_and_names_the_place(string $json, ?string $says): void
    {
        $read = static fn(): Kit => (new KitReader())->read(['bom.csv' => "Ref,Value\nR1,10k\n", 'kit.json' => $json]);
        if ($says === null) {
            self::assertCount(1, $read()->parts);
        } else {
            $this->refused(UnusableKit::class, $says, $read);
        }
    }

    public function test_a_place_two_metres_away_is_a_row_with_an_error(): void
    {
        $kit = (new KitReader())->read([
            'bom.csv' => "Ref,Value\nR1,10k\nR2,10k\n",
            'placements.csv' => "Ref,X,Y\nR1,1999.9,0\nR2,2m,0\n",
        ]);
        self::assertNotNull($kit->parts['R1']->place->placement);
        self::assertNull($kit->parts['R2']->place->placement);
        self::assertSame(
            ['placement.too-far'],
            array_values(
                array_filter(
                    array_map(static fn(Problem $problem): string => $problem->code, $kit->findings->problems),
                    static fn(string $code): bool => str_starts_with($code, 'placement.too'),
                ),
            ),
        );
    }

    /** @return iterable<string, array{string, string, int}> package, kind by designator, pins at most */
    public static function packages(): iterable
    {
        yield 'a header of two hundred pins' => ['header 2x100', 'J1', 200];
        yield 'a header of more' => ['header 2x101', 'J1', 0];
        yield 'a chip without end' => ['DIP-99999999', 'U1', 20];
        yield 'a can of a kilometre' => ['1000000x1000000', 'C1', 2];
    }

    #[DataProvider('packages')]
    public function test_a_package_text_makes_no_part_without_end(string $package, string $designator, int $most): void
    {
        $kit = (new KitReader())->read(['bom.csv' => "Ref,Value,Package\n{$designator},10u,{$package}\n"]);
        $outline = $kit->parts[$designator]->shape->outline;
        self::assertLessThanOrEqual(max(2, $most), count($outline->pins));
        self::assertLessThan(Limits::PLACE_MM, max($outline->along, $outline->across, $outline->height));
    }

    public function test_a_layer_ends_somewhere(): void
    {
        $head = "%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.1*%\nD10*\n";
        self::assertCount(1, (new LayerReader())->read("{$head}X1999000000Y0D03*\nM02*", 'edge.gbr')->objects);
        $this->refused(
            UnreadableLayer::class,
            '2000 mm or more from the origin',
            static fn() => (new LayerReader())->read("{$head}X2000000000Y0D03*\nM02*", 'edge.gbr'),
        );
        $this->refused(
            UnreadableLayer::class,
            'more than 60000 objects',
            static fn() => (new LayerReader())->read($head . str_repeat("X0Y0D03*\n", 60_001), 'edge.gbr'),
        );
        $this->refused(
            UnreadableLayer::class,
            'more than 60000 objects',
            static fn() => (new LayerReader())->read($head . str_repeat('*', 600_000), 'edge.gbr'),
        );
    }

    public function test_a_formula_has_two_hundred_signs_and_forty_brackets_at_most(): void
    {
        $signs = static fn(int $count): string => 'R1+' . str_repeat('1', $count - 3);
        self::assertNotNull(Expectation::parse($signs(200))->formula);
        $this->refused(InvalidFormula::class, 'at most 200', static fn() => Expectation::parse($signs(201)));
        $deep = static fn(int $depth): string => str_repeat('(', $depth) . 'R1' . str_repeat(')', $depth);
        self::assertNotNull(Expectation::parse($deep(40))->formula);
        $this->refused(InvalidFormula::class, 'deeper than 40', static fn() => Expectation::parse($deep(41)));
        $this->refused(
            InvalidFormula::class,
            '60000 characters',
            static fn() => Expectation::parse(str_repeat('(', 60_000)),
        );
    }

    /** Nested dividers double the tree with each level; what costs is only what is there. */
    public function test_a_formula_costs_what_it_is_long_not_what_it_multiplies_to(): void
    {
        $kit = KitMaker::kit(
            array_map(static fn(int $i): string => "R{$i}," . 10 * $i . 'k 20%,Axial 1/4W,', range(1, 9)),
        );
        $text = 'R1';
        while (strlen($text) < 180) {
            $text = "divider(1,{$text},R2)";
        }
        $reading = (new Readings($kit))->of($text);
        self::assertInstanceOf(Reading::class, $reading);
        self::assertFalse($reading->spread->cutShort);
        $product = (new Readings($kit))->of(
            '(R1-R2)*(R2-R3)*(R3-R4)*(R4-R5)*(R5-R6)*(R6-R7)*(R7-R8)*(R8-R9)*(R9-R1)*(R1-R3)*(R2-R4)*(R3-R5)',
        );
        self::assertInstanceOf(Reading::class, $product);
        self::assertTrue($product->spread->cutShort, 'the search for its worst case is stopped, and says so');
    }

    public function test_a_formula_that_gives_no_number_is_refused(): void
    {
        $kit = KitMaker::kit(['R1,10k,Axial 1/4W,', 'R2,10k,Axial 1/4W,']);
        $this->refused(
            InvalidFormula::class,
            'gives no number',
            static fn() => (new Readings($kit))->of('1 / (R1 - R1)'),
        );
    }

    /**
     * @param class-string<ChiralexException> $exception
     * @param callable(): mixed $work
     */
    private function refused(string $exception, string $says, callable $work): void
    {
        try {
            $work();
            self::fail("nothing was refused; expected: {$says}");
        } catch (ChiralexException $fault) {
            self::assertInstanceOf($exception, $fault);
            self::assertStringContainsString($says, $fault->getMessage());
            self::assertLessThan(300, strlen($fault->getMessage()));
        }
    }

    private static function rows(int $count): string
    {
        return implode('', array_map(static fn(int $i): string => "R{$i}\n", range(1, $count)));
    }

    private static function pins(int $count): string
    {
        return (string) json_encode(
            array_combine(
                array_map(static fn(int $i): string => "p{$i}", range(1, $count)),
                array_fill(0, $count, [0, 0]),
            ),
        );
    }

    private static function kit(string $rows): Kit
    {
        return (new KitReader())->read(['bom.csv' => "Ref,Value\n{$rows}"]);
    }
}
