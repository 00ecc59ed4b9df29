<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bench;

use Chiralex\Bench\Expectation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a test expects, as people write it. */
final class ExpectationTest extends TestCase
{
    /** @return iterable<string, array{string, ?float, ?float, string, bool}> text, low, high, unit, formula behind it */
    public static function texts(): iterable
    {
        yield 'a range' => ['4.8 to 5.2 V', 4.8, 5.2, 'V', false];
        yield 'a range with its prefix behind both' => ['90 to 110 pF', 90e-12, 110e-12, 'F', false];
        yield 'the micro sign' => ["90 to 110 \u{00B5}F", 90e-6, 110e-6, 'F', false];
        yield 'the Greek letter' => ["90 to 110 \u{03BC}F", 90e-6, 110e-6, 'F', false];
        yield 'a range below nothing' => ['-0.1 to 0.1 V', -0.1, 0.1, 'V', false];
        yield 'more than' => ['> 4.5 V', 4.5, INF, 'V', false];
        yield 'at least, with signs' => ['>= 4.5 V', 4.5, INF, 'V', false];
        yield 'at least, with one sign' => ["\u{2265} 4.5 V", 4.5, INF, 'V', false];
        yield 'at most, with signs' => ['<= 5 V', -INF, 5.0, 'V', false];
        yield 'at most, with one sign' => ["\u{2264}5 V", -INF, 5.0, 'V', false];
        yield 'at most, in words' => ['at most 5 V', -INF, 5.0, 'V', false];
        yield 'a range of a formula' => ['4.5 to 5 V = divider(9 V, R1, R2)', 4.5, 5.0, 'V', true];
        yield 'at least, of a formula' => ['>= 4 V = divider(9 V, R1, R2)', 4.0, INF, 'V', true];
        yield 'a formula alone' => ['R2 - R1 * 2', null, null, '', true];
        yield 'a difference of parts' => ['R2 - R1', null, null, '', true];
        yield 'a difference with a minus sign' => ["R2 \u{2212} R1", null, null, '', true];
        yield 'a difference of volts' => ['9 V - 0.7', null, null, 'V', true];
        yield 'below nothing, with a minus sign' => ["\u{2212}0.1 to 0.1 V", -0.1, 0.1, 'V', false];
        yield 'words with a dash' => ['lit - then dark', null, null, '', false];
        yield 'words' => ['LED1 is lit', null, null, '', false];
    }

    #[DataProvider('texts')]
    public function test_it_is_read_as_it_is_written(
        string $text,
        ?float $low,
        ?float $high,
        string $unit,
        bool $formula,
    ): void {
        $read = Expectation::parse($text);

        self::assertEqualsWithDelta([$low, $high], [$read->range?->low, $read->range?->high], 1e-18);
        self::assertSame($unit, $read->unit);
        self::assertSame($formula, $read->formula !== null);
    }

    public function test_about_nothing_passes_two_digits_and_is_told_from_a_range(): void
    {
        $nothing = Expectation::parse('about 0 V');

        self::assertSame([-0.002, 0.002], [$nothing->range?->low, $nothing->range?->high]);
        self::assertTrue($nothing->isAboutNothing());
        self::assertFalse(Expectation::parse('-0.05 to 0.05 V')->isAboutNothing());
        self::assertFalse(Expectation::parse('about 3 V')->isAboutNothing());
        self::assertFalse(Expectation::parse('-0.002 to 0.002 V')->isAboutNothing(), 'the same, said as a range');
        self::assertFalse(Expectation::parse('0 to 5 V')->isAboutNothing());
        self::assertTrue(Expectation::parse('0.0 mV')->isAboutNothing());
    }

    /** @return iterable<string, array{string, bool}> */
    public static function units(): iterable
    {
        yield 'volts of a voltage' => ['4 to 5 V = divider(9 V, R1, R2)', false];
        yield 'ohms of a voltage' => ['1 to 2 kohm = divider(9 V, R1, R2)', true];
        yield 'a range without unit' => ['4 to 5 = divider(9 V, R1, R2)', false];
        yield 'a formula without unit' => ['1 to 2 kohm = R1 * 2', false];
        yield 'a range alone' => ['1 to 2 kohm', false];
    }

    #[DataProvider('units')]
    public function test_a_range_and_its_formula_speak_of_one_unit(string $text, bool $mixed): void
    {
        self::assertSame($mixed, Expectation::parse($text)->mixesUnits());
    }
}
