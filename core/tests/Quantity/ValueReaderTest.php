<?php

declare(strict_types=1);

namespace Chiralex\Tests\Quantity;

use Chiralex\Quantity\ParsedValue;
use Chiralex\Quantity\Unit;
use Chiralex\Quantity\ValueFault;
use Chiralex\Quantity\ValueReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ValueReaderTest extends TestCase
{
    /** @return iterable<string, array{string, Unit, string, string, ?string}> text, unit, plain, display, tolerance */
    public static function values(): iterable
    {
        $ohm = "\u{2009}\u{03A9}";
        yield 'R notation' => ['4k7', Unit::Ohm, '4700', "4.7\u{2009}k\u{03A9}", null];
        yield 'capital K' => ['4.7K', Unit::Ohm, '4700', "4.7\u{2009}k\u{03A9}", null];
        yield 'below one ohm' => ['0R22', Unit::Ohm, '0.22', "0.22{$ohm}", null];
        yield 'leading letter' => ['R47', Unit::Ohm, '0.47', "0.47{$ohm}", null];
        yield 'decimal comma' => ['4,7k', Unit::Ohm, '4700', "4.7\u{2009}k\u{03A9}", null];
        yield 'a bare number is ohms' => ['200', Unit::Ohm, '200', "200{$ohm}", null];
        yield 'percent behind a bare number' => ['470 5%', Unit::Ohm, '470', "470{$ohm}", '5'];
        yield 'plus-minus' => ["4k7 \u{00B1}1 %", Unit::Ohm, '4700', "4.7\u{2009}k\u{03A9}", '1'];
        yield 'words behind' => ['10 kΩ NTC', Unit::Ohm, '10000', "10\u{2009}k\u{03A9}", null];
        yield 'tolerance letter' => ['2K2J', Unit::Ohm, '2200', "2.2\u{2009}k\u{03A9}", '5'];
        yield 'zero ohm' => ['0', Unit::Ohm, '0', "0{$ohm}", null];
        // IEC 60062: R stands for the point, in picofarads.
        yield 'R is the point of a capacitor' => ['4R7', Unit::Farad, '0.0000000000047', "4.7\u{2009}pF", null];
        yield 'R leads' => ['R47', Unit::Farad, '0.00000000000047', "0.47\u{2009}pF", null];
        yield 'R with a letter in picofarads' => ['4R7C', Unit::Farad, '0.0000000000047', "4.7\u{2009}pF", '0.25pF'];
        yield 'two micro two' => ['2u2', Unit::Farad, '0.0000022', "2.2\u{2009}\u{00B5}F", null];
        yield 'nanofarad' => ['100n', Unit::Farad, '0.0000001', "100\u{2009}nF", null];
        yield 'microfarad in Latin' => ['0.1uF', Unit::Farad, '0.0000001', "100\u{2009}nF", null];
        yield 'comma and micro sign' => ["0,1 \u{00B5}F", Unit::Farad, '0.0000001', "100\u{2009}nF", null];
        yield 'voltage behind' => ["47 \u{00B5}F 25V", Unit::Farad, '0.000047', "47\u{2009}\u{00B5}F", null];
        // IEC 60062; third digit 8 and 9 from memory
        yield 'a bare three-digit capacitor value is a code' => [
            '104',
            Unit::Farad,
            '0.0000001',
            "100\u{2009}nF",
            null,
        ];
        yield 'code with tolerance letter' => ['683K', Unit::Farad, '0.000000068', "68\u{2009}nF", '10'];
        yield 'third digit 9 is a tenth, letters below 10 pF are picofarads' => [
            '229C',
            Unit::Farad,
            '0.0000000000022',
            "2.2\u{2009}pF",
            '0.25pF',
        ];
        yield 'third digit 8 is a hundredth' => ['228', Unit::Farad, '0.00000000000022', "0.22\u{2009}pF", null];
        foreach (
            ['B' => '0.1pF', 'C' => '0.25pF', 'D' => '0.5pF', 'F' => '1pF', 'G' => '2pF'] as $letter => $tolerance
        ) {
            yield "letter {$letter} below 10 pF" => [
                "479{$letter}",
                Unit::Farad,
                '0.0000000000047',
                "4.7\u{2009}pF",
                $tolerance,
            ];
        }
        yield 'letters from 10 pF on are percent' => ['100J', Unit::Farad, '0.00000000001', "10\u{2009}pF", '5'];
        yield 'a unit behind three digits makes a number of them' => [
            '470 pF',
            Unit::Farad,
            '0.00000000047',
            "470\u{2009}pF",
            null,
        ];
        yield 'large capacitors stay in microfarad' => ['1000uF', Unit::Farad, '0.001', "1000\u{2009}\u{00B5}F", null];
        yield 'inductor' => ['10 mH', Unit::Henry, '0.01', "10\u{2009}mH", null];
    }

    #[DataProvider('values')]
    public function test_a_typed_value_is_read_exactly(
        string $text,
        Unit $unit,
        string $plain,
        string $display,
        ?string $tolerance,
    ): void {
        $read = (new ValueReader())->read($text, $unit);

        self::assertInstanceOf(ParsedValue::class, $read);
        self::assertSame(
            [$plain, $display, $tolerance],
            [$read->value->plain(), $read->value->display(), $read->tolerance],
        );
    }

    /** @return iterable<string, array{string, Unit, string, int}> text, unit, code, position */
    public static function faults(): iterable
    {
        yield 'letter O for a zero' => ['1OK', Unit::Ohm, 'value.letter-o', 1];
        yield 'reads as one and as a thousand' => ['1,000', Unit::Ohm, 'value.thousands', 1];
        yield 'no number at all' => ['BC337', Unit::Ohm, 'value.unreadable', 0];
        yield 'nonsense behind the number' => ['47z', Unit::Ohm, 'value.unreadable', 2];
        yield 'nothing' => [' ', Unit::Ohm, 'value.empty', 0];
    }

    #[DataProvider('faults')]
    public function test_a_text_that_is_no_value_is_refused_at_its_fault(
        string $text,
        Unit $unit,
        string $code,
        int $position,
    ): void {
        $read = (new ValueReader())->read($text, $unit);

        self::assertInstanceOf(ValueFault::class, $read);
        self::assertSame([$code, $position], [$read->code, $read->position]);
    }

    public function test_a_bare_resistor_number_gives_doubt_only_when_its_code_alone_is_preferred(): void
    {
        $doubt = static function (string $text): ?string {
            $read = (new ValueReader())->read($text, Unit::Ohm);

            return $read instanceof ParsedValue ? $read->doubt?->value : 'fault';
        };

        self::assertSame('value.code-is-preferred', $doubt('103'));
        self::assertSame('value.code-is-preferred', $doubt('472'));
        self::assertNull($doubt('200'));
        self::assertNull($doubt('1000'));
    }

    public function test_what_is_printed_reads_back_as_the_same_value(): void
    {
        foreach ([Unit::Ohm, Unit::Farad, Unit::Henry] as $unit) {
            foreach (['1', '2.2', '4.75', '10', '33', '470', '681'] as $mantissa) {
                foreach (
                    match ($unit) {
                        Unit::Ohm => ['', 'k', 'M'],
                        Unit::Farad => ['p', 'n', 'u'],
                        Unit::Henry => ['n', 'u', 'm'],
                    } as $prefix
                ) {
                    $first = (new ValueReader())->read($mantissa . $prefix . $unit->symbol(), $unit);
                    self::assertInstanceOf(ParsedValue::class, $first);
                    $again = (new ValueReader())->read($first->value->display(), $unit);
                    self::assertInstanceOf(ParsedValue::class, $again);
                    self::assertTrue($first->value->equals($again->value), $first->value->display());
                }
            }
        }
    }
}
