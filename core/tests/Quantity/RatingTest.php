<?php

declare(strict_types=1);

namespace Chiralex\Tests\Quantity;

use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Length;
use Chiralex\Quantity\Rating;
use Chiralex\Quantity\RatingUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RatingTest extends TestCase
{
    /** @return iterable<string, array{string, string, RatingUnit, string}> text, amount, unit, house style */
    public static function ratings(): iterable
    {
        yield 'a fraction of a watt' => ['1/4W', '0.25', RatingUnit::Watt, "0.25\u{2009}W"];
        yield 'a decimal comma' => ['0,6 W', '0.6', RatingUnit::Watt, "0.6\u{2009}W"];
        yield 'milliwatt' => ['50mW', '0.05', RatingUnit::Watt, "50\u{2009}mW"];
        yield 'volts' => ['25V', '25', RatingUnit::Volt, "25\u{2009}V"];
        yield 'kilovolt' => ['1.5 kV', '1500', RatingUnit::Volt, "1500\u{2009}V"];
        yield 'milliampere' => ['500mA', '0.5', RatingUnit::Ampere, "0.5\u{2009}A"];
        yield 'percent' => ['5%', '5', RatingUnit::Percent, "5\u{2009}%"];
        yield 'plus-minus percent' => ["\u{00B1}1 %", '1', RatingUnit::Percent, "1\u{2009}%"];
        yield 'typed plus-minus' => ['+/-2%', '2', RatingUnit::Percent, "2\u{2009}%"];
        yield 'a leading point' => ['.5 W', '0.5', RatingUnit::Watt, "0.5\u{2009}W"];
    }

    #[DataProvider('ratings')]
    public function test_a_rating_is_exact_and_what_it_prints_reads_the_same(
        string $text,
        string $amount,
        RatingUnit $unit,
        string $display,
    ): void {
        $rating = Rating::parse($text);

        self::assertTrue($rating->amount->isEqualTo($amount));
        self::assertSame([$unit, $display], [$rating->unit, $rating->display()]);
        self::assertTrue(Rating::parse($display)->amount->isEqualTo($rating->amount));
        self::assertSame($unit, Rating::parse($display)->unit);
    }

    /** @return iterable<string, array{string, string}> text, words of the refusal */
    public static function nonsense(): iterable
    {
        yield 'a letter where the unit belongs' => ['25X', 'character 3, "X"'];
        yield 'a value is no rating' => ['4k7', 'character 2, "k"'];
        yield 'words' => ['strong', 'character 1, "s"'];
        yield 'a third of a watt is not exact' => ['1/3W', 'character 1, "1"'];
        yield 'nothing' => ['', 'is not a rating; write it like'];
    }

    #[DataProvider('nonsense')]
    public function test_the_fault_points_at_the_character(string $text, string $words): void
    {
        $this->expectException(InvalidQuantity::class);
        $this->expectExceptionMessage($words);

        Rating::parse($text);
    }

    public function test_a_rating_is_found_among_other_words(): void
    {
        self::assertSame("0.6\u{2009}W", Rating::find('metal film 0.6 W 1 %', RatingUnit::Watt)?->display());
        self::assertSame("16\u{2009}V", Rating::find('100u 16V', RatingUnit::Volt)?->display());
        self::assertSame("0.25\u{2009}W", Rating::find('Axial 1/4W', RatingUnit::Watt)?->display());
        self::assertNull(
            Rating::find('5V1', RatingUnit::Volt),
            'a Zener voltage written with the letter as point is no rating',
        );
        self::assertNull(Rating::find('2 way', RatingUnit::Watt));
    }

    /** @return iterable<string, array{string, string}> text, millimetres; an inch is 25.4 mm by definition */
    public static function fractions(): iterable
    {
        yield 'an eighth of an inch' => ['1/8 in', '3.175'];
        yield 'an inch and a half' => ['1 1/2"', '38.1'];
        yield 'with a hyphen' => ['2-1/4 in', '57.15'];
        yield 'a tenth' => ['0.1"', '2.54'];
        yield 'two inches' => ['2 in', '50.8'];
    }

    #[DataProvider('fractions')]
    public function test_inches_may_be_fractions_and_print_as_millimetres_that_read_the_same(
        string $text,
        string $millimetres,
    ): void {
        $length = Length::parse($text);

        self::assertTrue($length->millimetres->isEqualTo($millimetres));
        self::assertSame("{$millimetres}\u{2009}mm", $length->display());
        self::assertTrue(Length::parse($length->display())->millimetres->isEqualTo($millimetres));
    }

    public function test_a_length_that_is_none_points_at_the_character(): void
    {
        $this->expectException(InvalidQuantity::class);
        $this->expectExceptionMessage('character 4, "f"');

        Length::parse('12 furlong');
    }
}
