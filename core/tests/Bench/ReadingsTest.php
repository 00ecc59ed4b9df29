<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bench;

use Chiralex\Bench\Exception\InvalidFormula;
use Chiralex\Bench\Expectation;
use Chiralex\Bench\Reading;
use Chiralex\Bench\Readings;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Origin;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReadingsTest extends TestCase
{
    private const LIST = [
        'R1,10k 5%,Axial 1/4W,resistor',
        'R2,10k 5%,Axial 1/4W,resistor',
        'R3,330 5%,Axial 1/4W,resistor',
        'R4,720 1%,Axial 1/4W,resistor',
        'R5,240 1%,Axial 1/4W,resistor',
        'R6,1M 1%,Axial 1/4W,resistor',
        'R7,1M 1%,Axial 1/4W,resistor',
        'C1,100n,5mm,film capacitor',
        'C2,10u 16V,5x11,electrolytic',
        'L1,1mH,axial,inductor',
        'ZD1,5V1,DO-35,Zener diode',
        'RV1,20k,trimmer 10mm,trimmer',
        'D1,1N4148,DO-35,signal diode',
    ];

    /** @return array<string, array{string, float, string}> */
    public static function nominalValues(): array
    {
        return [
            // The period of an astable with thresholds at 1/3 and 2/3 of the supply is ln 2 (Ra + 2 Rb) C; data sheets of the 555 round 1/ln 2 to 1.44.
            'timer' => ['astable(R3, R1, C2)', 1.0 / (log(2) * (330 + 2 * 10e3) * 10e-6), 'Hz'],
            'one-resistor oscillator' => ['astable1(R1, C1)', 1.0 / (2 * log(2) * 10e3 * 100e-9), 'Hz'],
            'divider' => ['divider(5 V, R1, R2)', 2.5, 'V'],
            'uneven divider' => ['divider(5 V, R1, R4)', (5 * 720) / 10720, 'V'],
            'LED' => ['led(5 V, 2 V, R3)', 3.0 / 330, 'A'],
            'time constant' => ['rc(R1, C1)', 1e-3, 's'],
            'corner of a low pass' => ['cutoff(R1, C1)', 159.155, 'Hz'],
            'resonance' => ['lc(L1, C1)', 15915.5, 'Hz'],
            // A watch crystal of 32768 Hz through fifteen halvings beats once a second; a fact of the trade.
            'watch crystal' => ['ripple(32768 Hz, 15)', 1.0, 'Hz'],
            'doubler' => ['doubler(5 V, 0.6 V)', 8.8, 'V'],
            // Adjustable regulators hold 1.25 V across R1: 1.25 V (1 + 720/240) = 5 V; from memory.
            'regulator' => ['regulator(1.25 V, R5, R4)', 5.0, 'V'],
            'Zener diode' => ['zener(ZD1)', 5.1, 'V'],
            // Beta equation at 0 degrees for 10 kilohm and beta 3950.
            'thermistor' => ['ntc(10 kohm, 3950, 0)', 10e3 * exp(3950 * (1 / 273.15 - 1 / 298.15)), 'ohm'],
            'parallel' => ['parallel(R1, R2)', 5e3, 'ohm'],
            'uneven parallel' => ['parallel(R1, R3)', (10e3 * 330) / 10330, 'ohm'],
            'own arithmetic with a unit behind' => ['1.44 / ((R1 + 2 * R2) * C2) Hz', 4.8, 'Hz'],
            'a difference, negative' => ['divider(5 V, R1, R2) - 3 V', -0.5, 'V'],
        ];
    }

    #[DataProvider('nominalValues')]
    public function test_a_formula_gives_the_value_of_its_circuit(string $formula, float $value, string $unit): void
    {
        $reading = self::reading($formula);

        self::assertEqualsWithDelta($value, $reading->nominal, abs($value) * 1e-5);
        self::assertSame($unit, $reading->unit);
    }

    public function test_the_worst_case_of_a_divider_stands_at_opposite_ends_of_its_resistors(): void
    {
        $reading = self::reading('divider(5 V, R1, R2)', '0.5 %');

        self::assertEqualsWithDelta((5 * 9.5) / 20, $reading->spread->worst->low, 1e-9);
        self::assertEqualsWithDelta((5 * 10.5) / 20, $reading->spread->worst->high, 1e-9);
        self::assertTrue($reading->spread->atCorners);
        self::assertTrue($reading->spread->worst->holds($reading->spread->usual));
        // 2.375 - 0.5 % - 2 digits of the 20 V range, and outward to a digit; the other end likewise.
        self::assertEqualsWithDelta(2.34, $reading->pass->low, 1e-9);
        self::assertEqualsWithDelta(2.66, $reading->pass->high, 1e-9);
    }

    public function test_the_most_an_adjuster_reaches_may_lie_inside_its_travel(): void
    {
        $kit = KitMaker::kit(['R1,1k,Axial 1/4W,', 'RV1,10k,trimmer 10mm,']);
        // R1 RV1 / (R1 + RV1)^2 is most, 1/4, where RV1 stands at 1 kohm of its 10, and 0.0826 at its end.
        $reading = (new Readings($kit))->of('0.1 to 0.2 = R1 * RV1 / ((R1 + RV1) * (R1 + RV1))', '', 'RV1');
        self::assertInstanceOf(Reading::class, $reading);

        self::assertEqualsWithDelta(0.25, $reading->adjuster->interval?->high, 1e-6);
        self::assertEqualsWithDelta(0.0, (float) $reading->adjuster->interval?->low, 1e-3);
        self::assertEqualsWithDelta(1.0, (float) $reading->adjuster->share, 1e-9);
    }

    public function test_one_part_named_twice_is_one_variable(): void
    {
        self::assertEqualsWithDelta(1.0, self::reading('R1 / R1')->spread->worst->low, 2e-4);
        self::assertEqualsWithDelta(1.0, self::reading('R1 / R1')->spread->worst->high, 2e-4);
    }

    public function test_an_extreme_between_the_ends_is_bounded_and_said_to_be(): void
    {
        // R1 R2 / (R1 + R2)^2 is most, 1/4, where both are equal.
        $reading = self::reading('R1 * R2 / ((R1 + R2) * (R1 + R2))');

        self::assertFalse($reading->spread->atCorners);
        self::assertGreaterThanOrEqual(0.25, $reading->spread->worst->high);
        self::assertEqualsWithDelta(0.25, $reading->spread->worst->high, 0.25 * 2e-4);
    }

    public function test_the_meter_pulls_a_divider_of_large_resistors_down(): void
    {
        $reading = self::reading('divider(9 V, R6, R7)');

        // 1 megohm in parallel with the meter's 10: 9 V x 0.909 / 1.909.
        self::assertEqualsWithDelta(4.5, $reading->nominal, 1e-9);
        self::assertEqualsWithDelta((9 * (1e7 / 11)) / (1e6 + 1e7 / 11), $reading->metered, 1e-3);
        self::assertLessThan($reading->metered, $reading->pass->low);
        // 10 kilohms over 1 megohm with the meter's 10 beside it, and the other way round.
        foreach (
            ['divider(9 V, R1, R6)' => [10e3, 1e6], 'divider(9 V, R6, R1)' => [1e6, 10e3]] as $text => [$high, $low]
        ) {
            $beside = ($low * 1e7) / ($low + 1e7);
            self::assertEqualsWithDelta((9 * $beside) / ($high + $beside), self::reading($text)->metered, 1e-9);
        }
    }

    public function test_the_tolerance_comes_from_the_list_and_else_from_the_kind(): void
    {
        $reading = self::reading('rc(R1, C2)');

        self::assertSame(
            [Origin::PartsList, Origin::TypicalForKind],
            [$reading->parts['R1']->origin, $reading->parts['C2']->origin],
        );
        self::assertEqualsWithDelta(8e-6, $reading->parts['C2']->range->low, 1e-12);
    }

    public function test_an_adjuster_says_what_it_reaches_and_how_many_kits_get_there(): void
    {
        $easy = self::reading('2.2 to 2.6 V = divider(5 V, R1, RV1)', '', 'RV1');
        $never = self::reading('4.0 to 4.4 V = divider(5 V, R1, RV1)', '', 'RV1');
        $edge = self::reading('3.3 to 3.37 V = divider(5 V, R1, RV1)', '', 'RV1');

        self::assertEqualsWithDelta(10 / 3, $easy->adjuster->interval->high ?? 0.0, 1e-6);
        self::assertSame([1.0, 0.0], [$easy->adjuster->share, $never->adjuster->share]);
        self::assertEqualsWithDelta(0.5, $edge->adjuster->share ?? 0.0, 0.08);
        self::assertEqualsWithDelta(2.2, $easy->pass->low, 1e-12);
    }

    public function test_the_same_seed_gives_the_same_numbers(): void
    {
        self::assertEquals(self::reading('rc(R1, C2)')->spread->usual, self::reading('rc(R1, C2)')->spread->usual);
    }

    public function test_a_kit_with_another_value_reads_otherwise(): void
    {
        $kit = KitMaker::kit(['R1,22k 5%,Axial 1/4W,resistor', 'R2,10k 5%,Axial 1/4W,resistor']);
        $reading = (new Readings($kit))->of('divider(5 V, R1, R2)');

        self::assertInstanceOf(Reading::class, $reading);
        self::assertEqualsWithDelta((5 * 10) / 32, $reading->nominal, 1e-9);
    }

    /** @return array<string, array{string, string}> */
    public static function faults(): array
    {
        return [
            'a part that is not there' => ['divider(5 V, R1, R99)', 'there is no R99'],
            'a part without a value' => ['rc(D1, C1)', 'D1 has no value'],
            'a function that is not there' => ['splitter(5 V, R1)', 'there are astable'],
            'too few arguments' => ['divider(5 V, R1)', 'write divider(volts, Rtop, Rbottom)'],
            'a bracket left open' => ['divider(5 V, R1, R2', 'it ends too early'],
            'a character that does not fit' => ['R1 * ; R2', 'character 6, ";"'],
            'a formula after words' => ['some volts = divider(5 V, R1, R2)', 'does not fit'],
        ];
    }

    #[DataProvider('faults')]
    public function test_a_bad_formula_says_what_and_where(string $formula, string $message): void
    {
        $this->expectException(InvalidFormula::class);
        $this->expectExceptionMessage($message);
        self::reading($formula);
    }

    /** @return array<string, array{string, ?float, ?float, string}> */
    public static function ranges(): array
    {
        return [
            'from and to' => ['4.8 to 5.4 V', 4.8, 5.4, 'V'],
            'a dash' => ["4.8\u{2013}5.4 V", 4.8, 5.4, 'V'],
            'negative, in millivolts' => ['-1 to 1 mV', -1e-3, 1e-3, 'V'],
            'open above' => ['> 4.5 V', 4.5, INF, 'V'],
            'open below, in words' => ['at most 20 mA', -INF, 20e-3, 'A'],
            'about' => ['about 3 V', 2.7, 3.3, 'V'],
            'about a negative value' => ['about -3 V', -3.3, -2.7, 'V'],
            'decimal comma' => ['4,8 to 5,4 V', 4.8, 5.4, 'V'],
            'the unit behind the first alone' => ['4.8 V to 5.2', 4.8, 5.2, 'V'],
            'both ends with their prefix' => ['900 ohm to 1.1 kohm', 900.0, 1100.0, 'ohm'],
            'words' => ['40 to 50 flashes in 60 s', null, null, ''],
            'more words' => ['LED1 is lit', null, null, ''],
        ];
    }

    #[DataProvider('ranges')]
    public function test_a_range_is_read_as_typed(string $text, ?float $low, ?float $high, string $unit): void
    {
        $expectation = Expectation::parse($text);

        self::assertNull($expectation->formula);
        self::assertSame($unit, $expectation->unit);
        self::assertEqualsWithDelta([$low, $high], [$expectation->range?->low, $expectation->range?->high], 1e-9);
    }

    private static function reading(string $expect, string $accuracy = '', ?string $adjusts = null): Reading
    {
        $reading = (new Readings(self::kit()))->of($expect, $accuracy, $adjusts);
        self::assertInstanceOf(Reading::class, $reading);

        return $reading;
    }

    private static function kit(): Kit
    {
        return KitMaker::kit(self::LIST);
    }
}
