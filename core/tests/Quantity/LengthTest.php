<?php

declare(strict_types=1);

namespace Chiralex\Tests\Quantity;

use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Length;
use Chiralex\Quantity\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class LengthTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> text, unit of a bare number, millimetres */
    public static function lengths(): iterable
    {
        yield 'a bare number is millimetres' => ['12.3', 'mm', '12.3'];
        yield 'a decimal comma' => ['12,3mm', 'mm', '12.3'];
        yield 'half an inch' => ['0.5in', 'mm', '12.7'];
        yield 'the inch sign' => ['2"', 'mm', '50.8'];
        yield 'two inches are 50.8 mm (recomputed)' => ['2 inch', 'mm', '50.8'];
        yield 'mil' => ['500mil', 'mm', '12.7'];
        yield 'a quarter of a tenth of an inch is 0.635 mm (recomputed)' => ['0.025in', 'mm', '0.635'];
        yield 'centimetres and metres' => ['1.5 cm', 'mm', '15'];
        yield 'wire by the metre' => ['0.6 m', 'mm', '600'];
        yield 'negative' => ['-3.2', 'mm', '-3.2'];
        yield 'exponent' => ['1.2e1', 'mm', '12'];
        yield 'the unit of the header' => ['100', 'mil', '2.54'];
        yield 'the unit of the cell goes before that of the header' => ['1mm', 'mil', '1'];
    }

    #[DataProvider('lengths')]
    public function test_a_length_is_exact_in_millimetres(string $text, string $unit, string $millimetres): void
    {
        self::assertTrue(Length::parse($text, $unit)->millimetres->isEqualTo($millimetres));
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        yield 'letters' => ['wide'];
        yield 'an unknown unit' => ['3 furlong'];
        yield 'two numbers' => ['3 4 mm'];
        yield 'nothing' => [''];
    }

    #[DataProvider('nonsense')]
    public function test_what_is_no_length_is_refused_with_examples(string $text): void
    {
        $this->expectException(InvalidQuantity::class);
        $this->expectExceptionMessage('write it like 12.3');

        Length::parse($text);
    }

    public function test_values_are_exact_never_negative_and_free_of_trailing_zeros(): void
    {
        self::assertSame('0.0000001', EngineeringValue::of('0.00000010', Unit::Farad)->plain());
        self::assertSame('47000', EngineeringValue::scaled('47', 3, Unit::Ohm)->plain());
        self::assertTrue(
            EngineeringValue::of('4700', Unit::Ohm)->equals(EngineeringValue::scaled('4.7', 3, Unit::Ohm)),
        );
        self::assertFalse(EngineeringValue::of('1', Unit::Ohm)->equals(EngineeringValue::of('1', Unit::Henry)));
        $this->expectException(InvalidQuantity::class);
        EngineeringValue::of('-1', Unit::Ohm);
    }
}
