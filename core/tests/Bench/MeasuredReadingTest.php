<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bench;

use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Checked;
use Chiralex\Bench\MeasuredReading;
use Chiralex\Bench\Proposals;
use Chiralex\Bench\Reading;
use Chiralex\Bench\Readings;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Manual\TestSteps;
use Chiralex\Quantity\MeasuredValue;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Readings of pilot builds against what a test expects; tests made without power; how values are spread. */
final class MeasuredReadingTest extends TestCase
{
    /** @return iterable<string, array{string, string, ?bool}> what is expected, what was logged, inside */
    public static function logged(): iterable
    {
        yield 'inside' => ['4.8 to 5.2 V', '5.02 V', true];
        yield 'a bare number in volts' => ['4.8 to 5.2 V', '5,02', true];
        yield 'outside' => ['4.8 to 5.2 V', '4.2', false];
        yield 'a bare number carries the millivolts of the range' => ['-1 to 1 mV', '0.6', true];
        yield 'said in volts' => ['-1 to 1 mV', '0.6 V', false];
        yield 'a true minus' => ['-1 to 1 mV', "\u{2212}0.9", true];
        yield 'kilohms of a formula' => ['R1', '4.6', true];
        yield 'the same in ohms' => ['R1', '4600 ohm', true];
        yield 'no number' => ['4.8 to 5.2 V', 'about right', null];
        yield 'words expect no number' => ['LED1 is lit', '5', null];
    }

    #[DataProvider('logged')]
    public function test_a_logged_reading_is_inside_or_outside(string $expect, string $text, ?bool $passes): void
    {
        $kit = self::kit($expect, $text);
        $read = MeasuredReading::of($kit, self::checked($kit));

        self::assertCount(1, $read);
        self::assertSame($passes, $read[0]->passes);
        self::assertSame(array_key_last($kit->logs->pilot) + 1, $read[0]->row);
    }

    public function test_readings_are_no_minutes_and_those_of_other_tests_stay_away(): void
    {
        $kit = self::kit('5 V', '5');
        self::assertSame(
            [],
            MeasuredReading::of(
                $kit,
                BenchBook::checked(
                    new Readings($kit),
                    new \Chiralex\Kit\Test('other', null, 'on', new \Chiralex\Kit\Meter(), [], '5 V', null, ''),
                ),
            ),
        );
        self::assertEqualsWithDelta(
            KitMaker::order(KitMaker::kit(['R1,4k7 5%,,']))->steps[0]->work->minutes,
            KitMaker::order($kit)->steps[0]->work->minutes,
            1e-9,
        );
    }

    /** @return iterable<string, array{string, ?float}> */
    public static function values(): iterable
    {
        yield 'millivolts' => ['612 mV', 0.612];
        yield 'a comma' => ['0,5', 0.5];
        yield 'a prefix alone' => ['4.7k', 4700.0];
        yield 'micro by u' => ['3 uA', 3e-6];
        yield 'a thin space' => ["12\u{2009}k\u{03A9}", 12000.0];
        yield 'a word' => ['five', null];
        yield 'two numbers' => ['5 6', null];
        yield 'nothing' => ['', null];
    }

    #[DataProvider('values')]
    public function test_a_reading_is_read_as_people_write_it(string $text, ?float $value): void
    {
        $read = MeasuredValue::read($text)?->value();
        $value === null ? self::assertNull($read) : self::assertEqualsWithDelta($value, $read, 1e-12);
    }

    public function test_a_gate_measured_under_power_only_is_told_to_look_for_a_short_first(): void
    {
        $gate = [
            'gates' => [['name' => 'supply', 'needs' => ['R1']]],
            'supply' => ['volts' => [8, 9.6], 'amps' => 0.05],
        ];
        $on = ['name' => 'rail', 'gate' => 'supply', 'points' => ['TP1', 'TP2'], 'expect' => '5 V'];
        $kit = KitMaker::kit(['R1,1k,,'], [], $gate + ['tests' => [$on]]);
        $proposed = Proposals::of($kit);

        self::assertCount(1, $proposed);
        // Half of 8 V over 50 mA is 80 ohm.
        self::assertSame(
            ['off', '> 80 ohm', ['TP1', 'TP2'], 'supply'],
            [$proposed[0]->power, $proposed[0]->expect, $proposed[0]->points, $proposed[0]->gate],
        );
        self::assertSame(
            [],
            Proposals::of(
                KitMaker::kit(
                    ['R1,1k,,'],
                    [],
                    $gate + ['tests' => [$on, ['name' => 'no short', 'power' => 'off', 'expect' => '> 80 ohm'] + $on]],
                ),
            ),
        );
        self::assertEqualsWithDelta(100.0, Proposals::least(KitMaker::kit(['R1,1k,,'])), 1e-9);
    }

    public function test_what_is_measured_without_power_comes_first_at_its_step(): void
    {
        $test = static fn(string $name, string $power): array => [
            'name' => $name,
            'gate' => 'supply',
            'power' => $power,
            'points' => ['TP1', 'TP2'],
            'expect' => '5 V',
        ];
        $kit = KitMaker::kit(
            ['R1,1k,,'],
            [],
            [
                'gates' => [['name' => 'supply', 'needs' => ['R1']]],
                'tests' => [$test('rail', 'on'), $test('no short', 'off')],
            ],
        );
        $steps = array_values(
            array_filter(KitMaker::order($kit)->steps, static fn($step): bool => $step->gate !== null),
        );

        self::assertSame(
            ['no short', 'rail'],
            array_map(static fn($each): string => $each->name, TestSteps::at($kit, $steps[0])),
        );
    }

    public function test_few_ohms_ask_for_the_leads_to_be_subtracted(): void
    {
        $low = static fn(string $expect): bool => self::checked(self::kit($expect, '1'))->isLowOhms();

        self::assertTrue($low('1 to 8 ohm'));
        self::assertFalse($low('> 80 ohm'));
        self::assertFalse($low('R1'), '4.7 kilohm');
        self::assertFalse($low('5 V'));
    }

    /** @return iterable<string, array{string, float, float}> spread, ends of the central 95 % as shares of the tolerance */
    public static function spreads(): iterable
    {
        // Even: 0.95. Hollow: the outer halves hold all, so 95 % of them end at 0.975. Bell: 1.96 of 3 standard deviations, cut at 3.
        yield 'even' => ['even', 0.95, 0.02];
        yield 'hollow' => ['hollow', 0.975, 0.01];
        yield 'bell' => ['bell', 1.955 / 3, 0.03];
    }

    #[DataProvider('spreads')]
    public function test_the_central_95_percent_follow_the_spread(string $spread, float $share, float $close): void
    {
        $reading = (new Readings(
            KitMaker::kit(['R1,1000 10%,Axial 1/4W,resistor'], [], ['lines' => ['R1' => ['spread' => $spread]]]),
        ))->of('R1');
        self::assertInstanceOf(Reading::class, $reading);

        self::assertEqualsWithDelta(1000 + 100 * $share, $reading->spread->usual->high, 100 * $close);
        self::assertEqualsWithDelta(1000 - 100 * $share, $reading->spread->usual->low, 100 * $close);
    }

    private static function kit(string $expect, string $reading): Kit
    {
        $files = KitMaker::files(
            ['R1,4k7 5%,,'],
            [],
            ['tests' => [['name' => 'rail', 'points' => ['R1'], 'expect' => $expect]]],
        );

        return (new KitReader())->read(
            $files + [
                'pilot.csv' => "build,step,minutes,snag,settled,photo,reading\n1,reading:rail,,,,,\"{$reading}\"\n",
            ],
        );
    }

    private static function checked(Kit $kit): Checked
    {
        return BenchBook::checked(new Readings($kit), $kit->work->tests[0]);
    }
}
