<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bench;

use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Checked;
use Chiralex\Bench\Exception\InvalidFormula;
use Chiralex\Bench\Expectation;
use Chiralex\Bench\Expression;
use Chiralex\Bench\Formula;
use Chiralex\Bench\Interval;
use Chiralex\Bench\Meter;
use Chiralex\Bench\Proposals;
use Chiralex\Bench\Readings;
use Chiralex\Bench\Spread;
use Chiralex\Bench\Toleranced;
use Chiralex\Kit\Meter as TestMeter;
use Chiralex\Kit\Test;
use Chiralex\Reason\Origin;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Both sides of every number of the bench: tolerances, ranges, the digits of a meter, what is refused with which words. */
final class BenchLimitsTest extends TestCase
{
    private const EARLY = '; write it like 4.8 to 5.2 V, > 4.5 V, about 3 V or divider(5 V, R1, R2).';

    /** @return iterable<string, array{string, ?float, float, float, string, Origin}> row, value, percent down and up, unit, origin */
    public static function tolerances(): iterable
    {
        // what a list does not say is common practice, no source
        $usual = Origin::TypicalForKind;
        yield 'a resistor' => ['R1,1k,Axial 1/4W,resistor', 1000.0, 5.0, 5.0, "\u{03A9}", $usual];
        yield 'a network' => ['RN1,1k,SIP-8,resistor network', 1000.0, 2.0, 2.0, "\u{03A9}", $usual];
        yield 'a trimmer' => ['RV1,1k,trimmer 6mm,trimmer', 1000.0, 20.0, 20.0, "\u{03A9}", $usual];
        yield 'a potentiometer' => ['POT1,1k,potentiometer 16mm,', 1000.0, 20.0, 20.0, "\u{03A9}", $usual];
        yield 'a ceramic capacitor' => ['C1,1u,disc 5mm,ceramic', 1e-6, 20.0, 20.0, 'F', $usual];
        yield 'a film capacitor' => ['C1,1u,box 5mm,film', 1e-6, 10.0, 10.0, 'F', $usual];
        yield 'an electrolytic' => ['C1,1u,6.3x11,electrolytic', 1e-6, 20.0, 20.0, 'F', $usual];
        yield 'a tantalum bead' => ['C1,1u,bead,tantalum', 1e-6, 20.0, 20.0, 'F', $usual];
        yield 'an inductor' => ['L1,1m,,inductor', 1e-3, 10.0, 10.0, 'H', $usual];
        yield 'a thermistor' => ['RT1,10k,,NTC thermistor', 1e4, 5.0, 5.0, "\u{03A9}", $usual];
        yield 'a Zener diode' => ['ZD1,5V1,DO-35,zener', 5.1, 5.0, 5.0, 'V', $usual];
        yield 'a Zener diode with a point' => ['ZD1,BZX 5.1 V,DO-35,zener', 5.1, 5.0, 5.0, 'V', $usual];
        yield 'a resistor of one percent' => ['R1,1k 1%,Axial 1/4W,', 1000.0, 1.0, 1.0, "\u{03A9}", Origin::PartsList];
        yield 'a capacitor of half a picofarad' => [
            'C1,10p +/-0.5pF,disc 5mm,ceramic',
            1e-11,
            5.0,
            5.0,
            'F',
            Origin::PartsList,
        ];
        yield 'a capacitor that is uneven' => [
            'C1,100u -20/+50%,6.3x11,electrolytic',
            1e-4,
            20.0,
            50.0,
            'F',
            Origin::PartsList,
        ];
        yield 'a diode' => ['D1,1N4148,DO-35,diode', null, 0.0, 0.0, '', $usual];
    }

    #[DataProvider('tolerances')]
    public function test_a_part_lies_within_its_tolerance(
        string $row,
        ?float $value,
        float $down,
        float $up,
        string $unit,
        Origin $origin,
    ): void {
        $part = KitMaker::kit([$row])->part(explode(',', $row)[0]);
        self::assertNotNull($part);
        $found = Toleranced::of($part);
        if ($value === null) {
            self::assertNull($found);

            return;
        }
        self::assertNotNull($found);
        self::assertEqualsWithDelta($value, $found->nominal, 1e-9 * $value);
        self::assertEqualsWithDelta($value * (1 - $down / 100), $found->range->low, 1e-9 * $value);
        self::assertEqualsWithDelta($value * (1 + $up / 100), $found->range->high, 1e-9 * $value);
        self::assertSame($origin, $found->origin);
        self::assertSame($unit, str_replace('ohm', "\u{03A9}", $found->unit));
    }

    /** @return iterable<string, array{InvalidFormula, string, int}> what is said, and at which character */
    public static function faults(): iterable
    {
        $long = str_repeat('a', 61);
        $cut = str_repeat('a', 57) . '...';
        yield 'a character' => [InvalidFormula::at('a#', 1), '"a#": character 2, "#", does not fit' . self::EARLY, 2];
        yield 'the first' => [InvalidFormula::at('#', 0), '"#": character 1, "#", does not fit' . self::EARLY, 1];
        yield 'the end' => [InvalidFormula::at('a+', 2), '"a+": it ends too early' . self::EARLY, 3];
        yield 'a long text' => [InvalidFormula::at($long, 61), "\"{$cut}\": it ends too early" . self::EARLY, 62];
        yield 'too long' => [
            InvalidFormula::tooLong($long, 9),
            "\"{$cut}\" has 61 characters; what a test expects has at most 9. Split it into two tests.",
            0,
        ];
        yield 'too deep' => [
            InvalidFormula::tooDeep($long, 9),
            "\"{$cut}\": brackets are nested deeper than 9; write it with fewer.",
            0,
        ];
        yield 'no number' => [
            InvalidFormula::noNumber($long),
            "\"{$cut}\" gives no number with these parts: it divides by nothing or runs over. Look at the values it names.",
            0,
        ];
        yield 'no such part' => [
            InvalidFormula::unknownPart($long, $long, true),
            "\"{$cut}\": there is no " .
            str_repeat('a', 27) .
            '... in the parts list; name a part that is there, or write the range.',
            0,
        ];
        yield 'no value' => [
            InvalidFormula::unknownPart('R1', 'R1', false),
            '"R1": R1 has no value that a formula can use; give it one in the list, or write a number.',
            0,
        ];
        yield 'no such function' => [
            InvalidFormula::unknownFunction($long, $long, 'led, rc'),
            "\"{$cut}\": there is no \"" . str_repeat('a', 27) . '..."; there are led, rc; or write plain arithmetic.',
            0,
        ];
        yield 'arguments' => [InvalidFormula::arguments($long, 'led', 'U, R'), "\"{$cut}\": write led(U, R).", 0];
    }

    #[DataProvider('faults')]
    public function test_what_is_refused_is_told_in_whole_words(
        InvalidFormula $fault,
        string $says,
        int $position,
    ): void {
        self::assertSame($says, $fault->getMessage());
        self::assertSame($position, $fault->position);
    }

    /** @return iterable<string, array{string, int}> and the character that does not fit */
    public static function positions(): iterable
    {
        yield 'a sign that is none' => ['R1 * # 2', 6];
        yield 'nothing behind a sign' => ['R1 + ', 5];
        yield 'nothing at all in brackets' => ['R1*()', 5];
        yield 'a bracket that is not closed' => ['(R1 + R2', 9];
        yield 'two names side by side' => ['R1*R2 R3', 7];
        yield 'an argument that is not parted' => ['rc(R1 R2)', 7];
        yield 'behind a letter of several bytes' => ["R1*\u{03A9}5 #", 7];
        yield 'a formula behind words' => ['soon = R1', 1];
    }

    #[DataProvider('positions')]
    public function test_a_formula_is_refused_at_the_character(string $text, int $position): void
    {
        try {
            Expectation::parse($text);
            self::fail('it was read');
        } catch (InvalidFormula $fault) {
            self::assertSame($position, $fault->position, $fault->getMessage());
        }
    }

    public function test_a_text_of_the_longest_is_read_and_of_one_more_is_not(): void
    {
        $formula = 'R1' . str_repeat('+1', 99);
        self::assertSame(200, strlen($formula));
        self::assertNotNull(Expectation::parse($formula)->formula);
        self::assertNotNull(Formula::parse($formula));
        foreach ([Expectation::parse(...), Formula::parse(...)] as $parse) {
            try {
                $parse("{$formula} ");
                self::fail('it was read');
            } catch (InvalidFormula $fault) {
                self::assertStringContainsString('201 characters', $fault->getMessage());
            }
        }
    }

    public function test_arithmetic_is_done_where_it_can_be_done_and_nothing_else_is_lost(): void
    {
        $part = Expression::part('R1');
        $number = Expression::number(...);

        self::assertSame($part, $number(0.0)->plus($part));
        self::assertSame($part, $part->plus($number(0.0)));
        self::assertSame('+', $number(0.1)->plus($part)->operation);
        self::assertSame('+', $part->plus($number(0.1))->operation);
        self::assertSame(0.0, $part->times($number(0.0))->value);
        self::assertSame('number', $number(0.0)->times($part)->operation);
        self::assertSame($part, $number(1.0)->times($part));
        self::assertSame($part, $part->times($number(1.0)));
        self::assertSame('*', $part->times($number(1.1))->operation);
        self::assertSame('*', $number(0.1)->times($part)->operation);
        self::assertSame('*', $part->times($number(0.1))->operation);
        self::assertSame($part, $part->over($number(1.0)));
        self::assertSame('/', $part->over($number(1.1))->operation);
        self::assertSame('number', $number(0.0)->over($part)->operation);
        self::assertSame('/', $number(0.1)->over($part)->operation);
        self::assertSame(-2.0, $number(2.0)->negated()->value);
        self::assertSame('negate', $part->negated()->operation);
        self::assertSame(0.0, $part->value);
    }

    public function test_intervals_hold_what_they_hold_and_no_more(): void
    {
        $in = static fn(float $low, float $high): Interval => new Interval($low, $high);

        self::assertEquals($in(-INF, INF), $in(1, 2)->over($in(0, 1)));
        self::assertEquals($in(-INF, INF), $in(1, 2)->over($in(-1, 0)));
        self::assertEquals($in(1, 4), $in(1, 2)->over($in(0.5, 1)));
        self::assertEquals($in(-4, -1), $in(1, 2)->over($in(-1, -0.5)));
        self::assertEquals($in(0, 2), $in(-3, 4)->sqrt());
        self::assertEquals($in(0, 0), $in(-3, -1)->sqrt());
        self::assertEquals($in(0, 0), $in(0, 0)->times($in(-INF, INF)));
        self::assertTrue($in(1, 2)->holds($in(1, 2)));
        self::assertFalse($in(1, 2)->holds($in(0.9, 2)));
        self::assertFalse($in(1, 2)->holds($in(1, 2.1)));
        self::assertTrue($in(1, 2)->contains(1.0));
        self::assertTrue($in(1, 2)->contains(2.0));
        self::assertFalse($in(1, 2)->contains(0.999999));
        self::assertFalse($in(1, 2)->contains(2.00001));
        self::assertTrue($in(0, 1)->contains(-1e-22));
        self::assertFalse($in(0, 1)->contains(-1e-20));
        self::assertSame(
            [1, 1, -1, -1, 0],
            [$in(0, 1)->sign(), $in(0.1, 1)->sign(), $in(-1, 0)->sign(), $in(-1, -0.1)->sign(), $in(-1, 1)->sign()],
        );
        self::assertSame([1.5, 1.0, 2.0], [$in(1, 2)->middle(), $in(1, INF)->middle(), $in(-INF, 2)->middle()]);
    }

    /** @return iterable<string, array{float, float}> a reading, the value of the last digit on a meter of 2000 counts */
    public static function digits(): iterable
    {
        yield 'the last reading below two volts' => [1.999, 0.001];
        yield 'two volts, which 1999 counts do not show' => [2.0, 0.01];
        yield 'a little more' => [2.01, 0.01];
        yield 'one volt' => [1.0, 0.001];
        yield 'twenty' => [20.0, 0.1];
        yield 'the last below twenty' => [19.99, 0.01];
        yield 'two hundred millivolts' => [0.2, 0.001];
        yield 'the last below two hundred millivolts' => [0.1999, 0.0001];
        yield 'nothing' => [0.0, 0.001];
        yield 'hardly anything' => [0.05, 0.0001];
        yield 'without end' => [INF, 0.001];
    }

    #[DataProvider('digits')]
    public function test_a_meter_has_its_digits(float $reading, float $digit): void
    {
        self::assertEqualsWithDelta($digit, Meter::of('')->digit($reading), 1e-12);
    }

    /** @return iterable<string, array{string, float, float, float, float}> accuracy, true range, shown range */
    public static function shown(): iterable
    {
        // one percent and two digits of a millivolt: 1.000 V shows 0.988 to 1.012
        yield 'as usual' => ['', 1.0, 1.0, 0.988, 1.012];
        yield 'half a percent' => ['0.5 %', 1.0, 1.0, 0.993, 1.007];
        yield 'half a percent with a comma' => ['0,5 %', 1.0, 1.0, 0.993, 1.007];
        yield 'half' => ['50 %', 1.0, 1.0, 0.498, 1.502];
        // 4.75 - 0.0475 - 0.02 = 4.6825 is 4.68 on a range of 20; 5.25 + 0.0525 + 0.02 = 5.3225 is 5.33
        yield 'rounded outward' => ['', 4.75, 5.25, 4.68, 5.33];
        yield 'below nothing' => ['', -1.0, -1.0, -1.012, -0.988];
        // each end in the range that shows it: 1.95 - 0.0195 - 0.002 = 1.9285 is 1.928, 2.01 + 0.0201 + 0.02 = 2.0501 is 2.06
        yield 'over the end of a range' => ['', 1.95, 2.01, 1.928, 2.06];
        yield 'pushed over the end of a range' => ['', 1.99, 1.99, 1.968, 2.02];
    }

    #[DataProvider('shown')]
    public function test_a_good_part_may_show_so_much(
        string $accuracy,
        float $low,
        float $high,
        float $least,
        float $most,
    ): void {
        $shown = Meter::of($accuracy)->shown(new Interval($low, $high));

        self::assertEqualsWithDelta([$least, $most], [$shown->low, $shown->high], 1e-9);
    }

    /** @return iterable<string, array{array<string, mixed>, float}> supply, ohms that a healthy kit shows at least */
    public static function shorts(): iterable
    {
        yield 'no supply is said' => [[], 100.0];
        yield 'no current is said' => [['volts' => 9], 100.0];
        yield 'a current of nothing' => [['volts' => 9, 'amps' => 0], 100.0];
        yield 'a small current' => [['volts' => 9, 'amps' => 0.01], 100.0];
        // half of 9 V / 0.1 A = 45 ohm; two figures
        yield 'a tenth of an ampere' => [['volts' => 9, 'amps' => 0.1], 45.0];
        yield 'two figures' => [['volts' => 9, 'amps' => 0.13], 34.0];
        yield 'an ampere' => [['volts' => 9, 'amps' => 1], 4.0];
        yield 'more than the kit could have' => [['volts' => 3, 'amps' => 5], 1.0];
        yield 'the least voltage counts' => [['volts' => [8, 12], 'amps' => 0.1], 40.0];
    }

    /** @param array<string, mixed> $supply */
    #[DataProvider('shorts')]
    public function test_a_healthy_kit_shows_so_many_ohms(array $supply, float $ohms): void
    {
        $json = $supply === [] ? [] : ['supply' => $supply];

        self::assertSame($ohms, Proposals::least(KitMaker::kit(['R1,1k,,'], [], $json)));
    }

    /** @return iterable<string, array{list<array<string, mixed>>, int}> tests of the gate, proposals */
    public static function proposals(): iterable
    {
        $test = ['name' => 'rail', 'gate' => 'power', 'points' => ['TP1', 'TP2'], 'expect' => '5 V'];
        yield 'measured under power between two points' => [[$test], 1];
        yield 'at one point' => [[['points' => ['TP1']] + $test], 0];
        yield 'at three' => [[['points' => ['TP1', 'TP2', 'TP3']] + $test], 0];
        yield 'without power already' => [[$test, ['name' => 'short', 'power' => 'off'] + $test], 0];
        yield 'of another gate' => [[['gate' => 'other'] + $test], 0];
    }

    /** @param list<array<string, mixed>> $tests */
    #[DataProvider('proposals')]
    public function test_a_short_is_looked_for_before_the_first_power(array $tests, int $count): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,,'],
            [],
            [
                'gates' => [['name' => 'power', 'needs' => ['R1'], 'protects' => []]],
                'tests' => $tests,
            ],
        );

        self::assertCount($count, Proposals::of($kit));
    }

    /** @return iterable<string, array{list<string>, array<string, mixed>, list<string>}> rows, kit.json, points of the test proposed */
    public static function ungated(): iterable
    {
        $supply = ['supply' => ['volts' => 9, 'amps' => 0.03]];
        yield 'at the terminal of the supply' => [['J1,2 way,5.08,supply terminal block'], $supply, ['J1.1', 'J1.2']];
        yield 'at a barrel jack' => [['J1,2.1 mm,,barrel jack'], $supply, ['J1.1', 'J1.2']];
        yield 'not at a terminal for something else' => [['J1,2 way,5.08,loudspeaker terminal block'], $supply, []];
        yield 'not without a supply' => [['J1,2 way,5.08,supply terminal block'], [], []];
        yield 'not on mains' => [
            ['J1,2 way,5.08,supply terminal block'],
            ['supply' => ['volts' => 230, 'current' => 'ac']],
            [],
        ];
        yield 'not where it is measured without power already' => [
            ['J1,2 way,5.08,supply terminal block'],
            $supply + ['tests' => [['name' => 'short', 'power' => 'off', 'points' => ['J1'], 'expect' => '> 90 ohm']]],
            [],
        ];
    }

    /**
     * @param list<string> $rows
     * @param array<string, mixed> $json
     * @param list<string> $points
     */
    #[DataProvider('ungated')]
    public function test_a_kit_without_gates_is_measured_where_its_power_comes_in(
        array $rows,
        array $json,
        array $points,
    ): void {
        self::assertSame($points, Proposals::of(KitMaker::kit($rows, [], $json))[0]->points ?? []);
    }

    /** @return iterable<string, array{string, bool}> what is expected, whether the leads of the meter count */
    public static function ohms(): iterable
    {
        yield 'below a hundred ohms' => ['10 to 99.9 ohm', true];
        yield 'up to a hundred' => ['10 to 100 ohm', false];
        yield 'without end' => ['> 10 ohm', false];
        yield 'volts' => ['10 to 20 V', false];
        yield 'words' => ['it is lit', false];
    }

    #[DataProvider('ohms')]
    public function test_few_ohms_are_told_apart(string $expect, bool $few): void
    {
        $checked = new Checked(
            new Test('t', null, 'off', new TestMeter(), [], $expect, null, ''),
            null,
            Expectation::parse($expect),
        );

        self::assertSame($few, $checked->isLowOhms());
    }

    public function test_a_range_that_leaves_out_good_kits_is_told_and_one_that_an_adjuster_reaches_is_not(): void
    {
        $kit = KitMaker::kit(['R1,1k 5%,Axial 1/4W,', 'RV1,1k,trimmer 6mm,']);
        $away = static fn(string $expect, ?string $adjusts): bool => BenchBook::checked(
            new Readings($kit),
            new Test('t', null, 'on', new TestMeter(), [], $expect, $adjusts, ''),
        )->turnedAway();

        self::assertTrue($away('999 to 1001 ohm = R1', null));
        self::assertFalse($away('900 to 1100 ohm = R1', null));
        self::assertFalse($away('999 to 1001 ohm = R1 + RV1', 'RV1'));
        self::assertFalse($away('R1', null));
        self::assertFalse($away('999 to 1001 ohm', null));
    }

    /** @return iterable<string, array{string, float, float, string}> text, least, most, unit */
    public static function ranges(): iterable
    {
        yield 'a range' => ['4.8 to 5.2 V', 4.8, 5.2, 'V'];
        yield 'the other way round' => ['5.2 to 4.8 V', 4.8, 5.2, 'V'];
        yield 'a prefix for both' => ['1 to 2 kohm', 1000.0, 2000.0, 'ohm'];
        yield 'a prefix each' => ['900 mV to 1.1 V', 0.9, 1.1, 'V'];
        yield 'a plain number before a unit with prefix' => ['1 V to 2000 mV', 1.0, 2.0, 'V'];
        yield 'at least' => ['at least 4.5 V', 4.5, INF, 'V'];
        yield 'below' => ['< 4.5 mA', -INF, 0.0045, 'A'];
        yield 'about' => ['about 3 V', 2.7, 3.3, 'V'];
        yield 'about less than nothing' => ['about -3 V', -3.3, -2.7, 'V'];
        yield 'a number with its unit' => ['10 kohm', 9000.0, 11000.0, 'ohm'];
        yield 'a range with its formula' => ['2 to 3 V = divider(5 V, R1, R2)', 2.0, 3.0, 'V'];
    }

    #[DataProvider('ranges')]
    public function test_a_range_is_read_with_its_prefix(string $text, float $low, float $high, string $unit): void
    {
        $expectation = Expectation::parse($text);

        self::assertEqualsWithDelta($low, $expectation->range?->low, 1e-9);
        self::assertEqualsWithDelta($high, $expectation->range?->high, 1e-9);
        self::assertSame($unit, $expectation->unit);
    }

    public function test_draws_lie_within_the_tolerance_as_their_spread_has_them(): void
    {
        $in = new Interval(90.0, 110.0);
        foreach ([[Spread::Even, 0.577], [Spread::Bell, 0.33], [Spread::Hollow, 0.76]] as [$spread, $deviation]) {
            $random = new Randomizer(new Mt19937(7));
            $drawn = [];
            for ($i = 0; $i < 4000; ++$i) {
                $drawn[] = ($spread->draw($random, $in) - 100.0) / 10.0;
            }
            self::assertGreaterThanOrEqual(-1.0, min($drawn));
            self::assertLessThanOrEqual(1.0, max($drawn));
            self::assertEqualsWithDelta(0.0, array_sum($drawn) / 4000, 0.03, $spread->value);
            // the standard deviations of these distributions: 1/sqrt(3), a third (cut off at three), sqrt(7/12)
            $square = array_sum(array_map(static fn(float $each): float => $each ** 2, $drawn)) / 4000;
            self::assertEqualsWithDelta($deviation, sqrt($square), 0.02, $spread->value);
            $middle = count(array_filter($drawn, static fn(float $each): bool => abs($each) < 0.5)) / 4000;
            self::assertEqualsWithDelta(
                match ($spread) {
                    Spread::Even => 0.5,
                    Spread::Bell => 0.866,
                    Spread::Hollow => 0.0,
                },
                $middle,
                0.03,
                $spread->value,
            );
        }
    }
}
