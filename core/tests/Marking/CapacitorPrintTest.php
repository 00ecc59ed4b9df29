<?php

declare(strict_types=1);

namespace Chiralex\Tests\Marking;

use Chiralex\Marking\Codes;
use Chiralex\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CapacitorPrintTest extends TestCase
{
    /** @return iterable<string, array{string, string, ?string, ?string, ?string}> print, farads, tolerance, volts, dielectric; from memory */
    public static function prints(): iterable
    {
        yield 'voltage letters before the code' => ['2A104J', '0.0000001', '5', '100', null];
        yield 'voltage letters behind it' => ['104K1H', '0.0000001', '10', '50', null];
        yield 'volts in figures behind the tolerance' => ['.1J63', '0.0000001', '5', '63', null];
        yield 'three figures of volts' => ['104K100', '0.0000001', '10', '100', null];
        yield 'volts with their unit' => ['100n 63V', '0.0000001', null, '63', null];
        yield 'a class behind' => ['104X7R', '0.0000001', null, null, 'X7R'];
        yield 'a class before' => ['X7R 104 50V', '0.0000001', null, '50', 'X7R'];
        yield 'letter, class and volts' => ['104K X7R 50V', '0.0000001', '10', '50', 'X7R'];
        yield 'class 2 with a wide spread' => ['474Z5U', '0.00000047', null, null, 'Z5U'];
        yield 'class 1, the old spelling' => ['NPO 22J', '0.000000000022', '5', null, 'C0G'];
        yield 'nothing but a code' => ['683', '0.000000068', null, null, null];
    }

    #[DataProvider('prints')]
    public function test_value_tolerance_voltage_and_class_are_told_apart(
        string $print,
        string $farads,
        ?string $tolerance,
        ?string $volts,
        ?string $dielectric,
    ): void {
        $reading = (new Codes())->read($print, Unit::Farad)[0];

        self::assertSame(
            [$farads, $tolerance, $volts, $dielectric],
            [$reading->value->plain(), $reading->tolerance, $reading->voltage, $reading->dielectric],
        );
    }

    public function test_voltage_letters_follow_the_preferred_numbers_of_ten_to_a_decade(): void
    {
        // ISO 3, series R10: 10^(n/10) rounded as published; the letters are from memory.
        $r10 = ['A' => 0, 'B' => 1, 'C' => 2, 'D' => 3, 'E' => 4, 'F' => 5, 'G' => 6, 'H' => 7, 'J' => 8, 'K' => 9];
        foreach ($r10 as $letter => $n) {
            $volts = (float) (new Codes())->read("1{$letter}104J", Unit::Farad)[0]->voltage;
            self::assertEqualsWithDelta(10 * 10 ** ($n / 10), $volts, 0.013 * $volts, $letter);
        }
    }

    public function test_a_resistor_code_takes_no_voltage(): void
    {
        self::assertNull((new Codes())->read('104', Unit::Ohm)[0]->voltage);
    }
}
