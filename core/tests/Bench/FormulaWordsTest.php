<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bench;

use Chiralex\Bench\Exception\InvalidFormula;
use Chiralex\Bench\Expectation;
use Chiralex\Bench\Formula;
use Chiralex\Bench\Internal\FormulaTokens;
use Chiralex\Bench\Internal\Tape;
use Chiralex\Bench\Selection;
use Chiralex\Bench\Selections;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\Measurement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a formula's words mean: units, brackets, functions and their arguments. */
final class FormulaWordsTest extends TestCase
{
    private const PARTS = ['R1' => 1000.0, 'R2' => 2000.0, 'R3' => 3000.0, 'C1' => 1e-6];

    /** @return iterable<string, array{string, float, string}> formula, value with R1 1k, R2 2k, R3 3k, C1 1 uF, unit */
    public static function formulas(): iterable
    {
        yield 'a part' => ['R1', 1000.0, ''];
        yield 'a number with its unit' => ['5 V', 5.0, 'V'];
        yield 'a sum keeps its unit' => ['5 V + 2 V', 7.0, 'V'];
        yield 'the unit may stand at the second' => ['1 + 2 V', 3.0, 'V'];
        yield 'two units make another' => ['5 V * 2 A', 10.0, ''];
        yield 'two units divided make another' => ['6 V / 2 A', 3.0, ''];
        yield 'a unit by a number stays' => ['6 V / 2', 3.0, 'V'];
        yield 'a unit times a number stays' => ['6 V * 2', 12.0, 'V'];
        yield 'a number times a unit has it' => ['2 * 6 V', 12.0, 'V'];
        yield 'a number by a unit has none' => ['6 / 2 V', 3.0, ''];
        yield 'three factors' => ['2 * 3 V * 2', 12.0, 'V'];
        yield 'the unit behind the formula' => ['5 V / R1 A', 0.005, 'A'];
        yield 'ohm by its sign' => ["(R1 + R2) \u{03A9}", 3000.0, 'ohm'];
        yield 'brackets in brackets' => ['((R1 + R2) * (1 + 1))', 6000.0, ''];
        yield 'less than nothing' => ['-(5 V - 7 V)', 2.0, 'V'];
        yield 'less than less than nothing' => ['--5 V', 5.0, 'V'];
        yield 'minus binds its factor alone' => ['-2 * 3 + 10', 4.0, ''];
        yield 'degrees have no unit' => ['25 C + 1', 26.0, ''];
        yield 'a prefix alone' => ['2k + 1', 2001.0, ''];
        yield 'a point in front' => ['.5 V', 0.5, 'V'];
        yield 'parallel' => ['parallel(R1, R1)', 500.0, 'ohm'];
        yield 'a divider' => ['divider(3 V, R1, R2)', 2.0, 'V'];
        yield 'time' => ['rc(R1, C1)', 0.001, 's'];
        yield 'a Zener' => ['zener(5 V)', 5.0, 'V'];
        yield 'twice the peak less two drops' => ['doubler(10 V, 1 V)', 18.0, 'V'];
        yield 'a regulator' => ['regulator(1.25 V, R1, R3)', 5.0, 'V'];
        yield 'an LED' => ['led(9 V, 2 V, R1)', 0.007, 'A'];
        yield 'what is called in capitals' => ['LED(9 V, 2 V, R1)', 0.007, 'A'];
        yield 'a call in a sum' => ['1 V + divider(3 V, R1, R2)', 3.0, 'V'];
        yield 'a sum in a call' => ['divider(3 V, R1, R1 + R1)', 2.0, 'V'];
    }

    #[DataProvider('formulas')]
    public function test_it_has_its_value_and_its_unit(string $text, float $value, string $unit): void
    {
        $formula = Formula::parse($text);

        self::assertEqualsWithDelta($value, Tape::of($formula->expression)->evaluate(self::PARTS), 1e-9);
        self::assertSame($unit, $formula->unit);
    }

    public function test_brackets_may_be_nested_so_deep_and_no_deeper(): void
    {
        $nested = static fn(int $depth): string => str_repeat('(', $depth) . '1' . str_repeat(')', $depth);
        self::assertSame('number', Formula::parse($nested(20))->expression->operation);
        $deepest = 20;
        while ($deepest < 99) {
            try {
                Formula::parse($nested($deepest + 1));
                ++$deepest;
            } catch (InvalidFormula $fault) {
                self::assertStringContainsString("deeper than {$deepest};", $fault->getMessage());
                break;
            }
        }
        // Signs and calls count like brackets.
        self::assertSame('number', Formula::parse(str_repeat('-', $deepest) . '1')->expression->operation);
        $signs = str_repeat('-', $deepest + 1) . '1';
        $calls = str_repeat('rc(', $deepest + 1) . '1' . str_repeat(')', $deepest + 1);
        foreach ([$signs, $calls] as $text) {
            try {
                Formula::parse($text);
                self::fail('it was read');
            } catch (InvalidFormula $fault) {
                self::assertStringContainsString("deeper than {$deepest};", $fault->getMessage());
            }
        }
    }

    /** @return iterable<string, array{string, string}> formula, what is said */
    public static function calls(): iterable
    {
        yield 'too few arguments' => ['divider(3 V, R1)', 'write divider('];
        yield 'too many arguments' => ['zener(5 V, R1)', 'write zener('];
        yield 'no arguments' => ['rc()', 'character 4, ")", does not fit'];
        yield 'no such function' => ['rcc(R1, C1)', 'there is no "rcc"; there are '];
        yield 'two equal signs' => ['2 V = R1 = R2', 'character 4, "=", does not fit'];
    }

    #[DataProvider('calls')]
    public function test_a_call_takes_its_own_arguments(string $text, string $says): void
    {
        $this->expectException(InvalidFormula::class);
        $this->expectExceptionMessage($says);

        Expectation::parse($text);
    }

    public function test_words_beyond_the_last_are_an_end_at_the_end(): void
    {
        $tokens = FormulaTokens::of('R1 + 2 V');

        self::assertSame(
            ['name', 'R1', 0.0, '', 0],
            [$tokens->kind(0), $tokens->text(0), $tokens->number(0), $tokens->unit(0), $tokens->position(0)],
        );
        self::assertSame(
            ['+', '+', 0.0, '', 3],
            [$tokens->kind(1), $tokens->text(1), $tokens->number(1), $tokens->unit(1), $tokens->position(1)],
        );
        self::assertSame(
            ['number', '2 V', 2.0, 'V', 5],
            [$tokens->kind(2), $tokens->text(2), $tokens->number(2), $tokens->unit(2), $tokens->position(2)],
        );
        self::assertSame(
            ['end', '', 0.0, '', 8],
            [$tokens->kind(3), $tokens->text(3), $tokens->number(3), $tokens->unit(3), $tokens->position(3)],
        );
    }

    /** @return iterable<string, array{string, float, float}> range, least, most: a prefix stands for both where one has none */
    public static function prefixes(): iterable
    {
        yield 'behind the second' => ['1 to 2 mV', 0.001, 0.002];
        yield 'behind the first with a unit' => ['1 V to 2000 mV', 1.0, 2.0];
        yield 'behind each' => ['1 mV to 2 V', 0.001, 2.0];
        yield 'behind neither' => ['1 to 2 V', 1.0, 2.0];
    }

    #[DataProvider('prefixes')]
    public function test_a_prefix_stands_where_it_is_meant(string $text, float $low, float $high): void
    {
        $range = Expectation::parse($text)->range;

        self::assertEqualsWithDelta([$low, $high], [$range->low ?? NAN, $range->high ?? NAN], 1e-12);
    }

    public function test_pieces_are_paired_to_the_limit_and_not_beyond(): void
    {
        $of = static fn(float $most, float ...$values): Selection => Selection::of(
            array_map(
                static fn(int $index): Measurement => new Measurement(
                    'Q1',
                    '',
                    (string) $index,
                    'Vbe',
                    $values[$index],
                ),
                array_keys($values),
            ),
            2,
            $most,
        );

        self::assertCount(1, $of(2.0, 10.0, 12.0)->kits);
        self::assertCount(0, $of(2.0, 10.0, 12.01)->kits);
        self::assertSame(2.0, $of(2.0, 10.0, 12.0)->total);
        self::assertCount(2, $of(2.0, 10.0, 11.0, 12.0, 13.0)->kits);
        // Of three, the closer two; the third is left over.
        $three = $of(5.0, 10.0, 13.0, 14.0);
        self::assertSame([13.0, 14.0], array_map(static fn(Measurement $each): float => $each->value, $three->kits[0]));
        self::assertSame([10.0], array_map(static fn(Measurement $each): float => $each->value, $three->left));
        self::assertSame(1.0, $three->total);
        self::assertSame([0, 1], [count($of(5.0, 10.0)->kits), count($of(5.0, 10.0)->left)]);
        self::assertSame([], $of(5.0)->kits);
    }

    public function test_a_selection_takes_the_pieces_of_its_parts_or_of_the_value_they_are_bought_by(): void
    {
        $kit = (new KitReader())->read([
            'bom.csv' => "Reference,Value,Package\nQ1,BC547,TO-92\nQ2,BC547,TO-92\nR1,1k,Axial 1/4W\n",
            'kit.json' => '{"groups": {"selected": [
                {"parts": ["Q1", "Q2"], "maxDifference": "2 mV"},
                {"parts": ["R1"], "maxDifference": "soon"},
                {"parts": ["R1"], "maxDifference": "1 ohm"}]}}',
            'measurements.csv' =>
                "part,piece,quantity,value\nBC547,1,Vbe,650 mV\nBC547,2,Vbe,651 mV\nQ1,3,Vbe,660 mV\nBC547,4,hFE,200\nR9,1,R,1k\n",
        ]);
        $found = Selections::of($kit);

        self::assertSame([3, 0, 0], array_column($found, 'pieces'));
        self::assertSame(['Vbe', '', ''], array_column($found, 'quantity'));
        self::assertCount(1, $found[0]['selection']->kits ?? []);
        self::assertCount(1, $found[0]['selection']->left ?? []);
        self::assertNull($found[1]['selection']);
        self::assertNull($found[2]['selection']);
        self::assertEqualsWithDelta(0.002, Selections::difference('2 mV'), 1e-12);
        self::assertNull(Selections::difference('soon'));
    }
}
