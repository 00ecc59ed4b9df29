<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Review\LoadMatters;
use Chiralex\Review\VoltageMatters;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Both sides of every limit of dissipation, LED current and capacitor voltage; figures worked out by hand (P = U^2 / R, I = U / R). */
final class ElectricLimitsTest extends TestCase
{
    /** @return iterable<string, array{string, string, ?float}> row, across, the rating it goes beyond */
    public static function loads(): iterable
    {
        // 5 V across 100 ohm is a quarter of a watt exactly; the ratings of bodies are common practice, no source
        yield 'just what a quarter watt takes' => ['R1,100,Axial 1/4W,', '5 V', null];
        yield 'a little more' => ['R1,100,Axial 1/4W,', '5.001 V', 0.25];
        yield 'an eighth of a watt' => ['R1,100,Axial 1/8W,', '3.6 V', 0.125];
        yield 'half a watt' => ['R1,100,Axial 1/2W,', '7.1 V', 0.5];
        yield 'one watt' => ['R1,100,Axial 1W,', '10.1 V', 1.0];
        yield 'two watts' => ['R1,100,Axial 2W,', '14.2 V', 2.0];
        yield 'a box that is in no table' => ['R1,100,9x4x4,resistor', '5.1 V', 0.25];
        yield 'a body whose rating nobody knows' => ['R1,100,,', '5.1 V', 0.25];
        yield 'a small trimmer' => ['RV1,100,trimmer 6mm,', '3.2 V', 0.1];
        yield 'a large trimmer' => ['RV1,100,trimmer 10mm,', '5.1 V', 0.25];
        yield 'a trimmer of many turns' => ['RV1,100,multi-turn trimmer,', '7.1 V', 0.5];
        yield 'a small potentiometer' => ['POT1,100,potentiometer 9mm,', '2.3 V', 0.05];
        yield 'a potentiometer' => ['POT1,100,potentiometer 16mm,', '4.5 V', 0.2];
        yield 'a link' => ['R1,0,Axial 1/4W,', '5 V', null];
        yield 'a resistor without a value' => ['R1,,Axial 1/4W,', '5 V', null];
        yield 'no body is known, half a watt is said' => ['R1,100,,0.5 W', '7 V', null];
    }

    #[DataProvider('loads')]
    public function test_a_resistor_takes_what_its_body_takes(string $row, string $across, ?float $rating): void
    {
        $name = explode(',', $row)[0];
        $kit = KitMaker::kit([$row], [], ['nets' => [$name => ['across' => $across]]]);
        $told = Told::by(new LoadMatters(), $kit, 'parts.overload');

        self::assertSame($rating === null ? [] : [$rating], array_column($told, 'rating'));
    }

    public function test_the_figures_of_an_overload_are_told_to_a_tenth_of_a_milliwatt(): void
    {
        $kit = KitMaker::kit(['R1,390,Axial 1/4W,'], [], ['nets' => ['R1' => ['across' => '10 V']]]);

        // 100 V^2 / 390 ohm = 0.256410...
        self::assertSame(
            [
                [
                    'designator' => 'R1',
                    'across' => '10 V',
                    'volts' => 10.0,
                    'rating' => 0.25,
                    'ohms' => 390.0,
                    'watts' => 0.2564,
                ],
            ],
            Told::by(new LoadMatters(), $kit, 'parts.overload'),
        );
    }

    /** @return iterable<string, array{string, string, ?float, ?string}> row, across, milliamperes of its end stop, series resistor */
    public static function stops(): iterable
    {
        // the track stays whole up to sqrt(0.2 W / 1 kohm) = 14.142 mA; 9 V / 14.142 mA = 636 ohm
        yield 'a potentiometer' => ['POT1,1k,potentiometer 16mm,', '9 V', 14.1, "680\u{2009}\u{03A9}"];
        // 8.485 V / 14.142 mA = 599.98 ohm: the nearest of E12 is 560, which is less
        yield 'where the nearest is too small' => [
            'POT1,1k,potentiometer 16mm,',
            '8.485 V',
            14.1,
            "680\u{2009}\u{03A9}",
        ];
        yield 'the other way round' => ['POT1,1k,potentiometer 16mm,', '-9 V', 14.1, "680\u{2009}\u{03A9}"];
        yield 'nothing across it' => ['POT1,1k,potentiometer 16mm,', '0 V', null, null];
        yield 'one without a value' => ['POT1,,potentiometer 16mm,', '9 V', null, null];
        yield 'a resistor has none' => ['R1,1k,Axial 1/4W,', '9 V', null, null];
    }

    #[DataProvider('stops')]
    public function test_an_adjuster_is_told_what_it_bears_at_its_end(
        string $row,
        string $across,
        ?float $milliamps,
        ?string $series,
    ): void {
        $name = explode(',', $row)[0];
        $kit = KitMaker::kit([$row], [], ['nets' => [$name => ['across' => $across]]]);
        $told = Told::by(new LoadMatters(), $kit, 'parts.end-stop');

        self::assertSame($milliamps === null ? [] : [$milliamps], array_column($told, 'milliamps'));
        self::assertSame($series === null ? [] : [$series], array_column($told, 'series'));
    }

    public function test_what_is_across_it_is_asked_of_adjusters_only_and_must_be_a_sum_of_volts(): void
    {
        $of = static fn(string $row, array $json, string $code): int => count(
            Told::by(new LoadMatters(), KitMaker::kit([$row], [], $json), $code),
        );
        $lots = ['nets' => ['R1' => ['across' => 'lots']]];

        self::assertSame(1, $of('RV1,1k,trimmer 6mm,', [], 'parts.end-stop-unknown'));
        self::assertSame(0, $of('R1,1k,Axial 1/4W,', [], 'parts.end-stop-unknown'));
        self::assertSame(
            0,
            $of('RV1,1k,trimmer 6mm,', ['nets' => ['RV1' => ['across' => '5 V']]], 'parts.end-stop-unknown'),
        );
        self::assertSame(1, $of('R1,1k,Axial 1/4W,', $lots, 'parts.net-unreadable'));
        self::assertSame(
            0,
            $of('R1,1k,Axial 1/4W,', ['nets' => ['R1' => ['across' => '5 V']]], 'parts.net-unreadable'),
        );
        self::assertSame(0, $of('R1,1k,Axial 1/4W,', [], 'parts.net-unreadable'));
    }

    /** @return iterable<string, array{string, string, ?string}> row, across, code */
    public static function leds(): iterable
    {
        // 7 V over 350 ohm are 20 mA, over 14 kohm half a milliampere; limits are common practice, no source
        yield 'twenty milliamperes' => ['R1,350,Axial 1/4W,', '9 V - 2 V', null];
        yield 'a little more' => ['R1,349,Axial 1/4W,', '9 V - 2 V', 'parts.led-bright'];
        yield 'half a milliampere' => ['R1,14k,Axial 1/4W,', '9 V - 2 V', null];
        yield 'a little less' => ['R1,14.1k,Axial 1/4W,', '9 V - 2 V', 'parts.led-dim'];
        yield 'the least forward voltage' => ['R1,100,Axial 1/4W,', '9 V - 1.5 V', 'parts.led-bright'];
        yield 'less than any LED' => ['R1,100,Axial 1/4W,', '9 V - 1.4 V', null];
        yield 'the most forward voltage' => ['R1,100,Axial 1/4W,', '9 V - 3.8 V', 'parts.led-bright'];
        yield 'more than any LED' => ['R1,100,Axial 1/4W,', '9 V - 3.9 V', null];
        yield 'no LED at all' => ['R1,100,Axial 1/4W,', '9 V', null];
        yield 'a link' => ['R1,0,Axial 1/4W,', '9 V - 2 V', null];
        yield 'no value' => ['R1,,Axial 1/4W,', '9 V - 2 V', null];
    }

    #[DataProvider('leds')]
    public function test_an_led_gets_its_current(string $row, string $across, ?string $code): void
    {
        $kit = KitMaker::kit([$row], [], ['nets' => ['R1' => ['across' => $across]]]);
        $found = [
            ...array_map(
                static fn(): string => 'parts.led-bright',
                Told::by(new VoltageMatters(), $kit, 'parts.led-bright'),
            ),
            ...array_map(static fn(): string => 'parts.led-dim', Told::by(new VoltageMatters(), $kit, 'parts.led-dim')),
        ];

        self::assertSame($code === null ? [] : [$code], $found);
    }

    public function test_the_current_of_an_led_is_told_to_a_hundredth_of_a_milliampere_with_the_limit(): void
    {
        $of = static fn(string $ohms, string $code): array => array_intersect_key(
            Told::by(
                new VoltageMatters(),
                KitMaker::kit(["R1,{$ohms},Axial 1/4W,"], [], ['nets' => ['R1' => ['across' => '9 V - 2 V']]]),
                $code,
            )[0] ?? [],
            ['milliamps' => 0, 'limit' => 0, 'ohms' => 0],
        );

        // 7 V / 220 ohm = 31.818 mA; 7 V / 15.003 kohm = 0.46657 mA
        self::assertEqualsWithDelta(
            ['ohms' => 220.0, 'milliamps' => 31.82, 'limit' => 20.0],
            $of('220', 'parts.led-bright'),
            1e-9,
        );
        self::assertEqualsWithDelta(
            ['ohms' => 15003.0, 'milliamps' => 0.47, 'limit' => 0.5],
            $of('15.003k', 'parts.led-dim'),
            1e-9,
        );
        self::assertEqualsWithDelta(
            ['ohms' => 0.12, 'milliamps' => 57007.9, 'limit' => 20.0],
            $of('0.12279', 'parts.led-bright'),
            0.01,
        );
    }

    /** @return iterable<string, array{string, string, ?float}> row, across, volts it should bear */
    public static function capacitors(): iterable
    {
        yield 'an electrolytic at a fifth above what it sees' => ['C1,10u 12V,6.3x11,electrolytic', '10 V', null];
        yield 'a little less' => ['C1,10u 12V,6.3x11,electrolytic', '10.1 V', 12.1];
        yield 'a film capacitor at what it sees' => ['C1,100n 10V,box 5mm,film', '10 V', null];
        yield 'a little more across it' => ['C1,100n 10V,box 5mm,film', '10.1 V', 10.1];
        yield 'the other way round' => ['C1,100n 10V,box 5mm,film', '-10.1 V', 10.1];
        yield 'no rating is said' => ['C1,100n,box 5mm,film', '10.1 V', null];
    }

    #[DataProvider('capacitors')]
    public function test_a_capacitor_bears_what_it_sees(string $row, string $across, ?float $needed): void
    {
        $kit = KitMaker::kit([$row], [], ['nets' => ['C1' => ['across' => $across]]]);
        $told = Told::by(new VoltageMatters(), $kit, 'parts.capacitor-voltage');

        self::assertSame($needed === null ? [] : [$needed], array_column($told, 'needed'));
    }
}
