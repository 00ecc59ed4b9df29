<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Build\Planner;
use Chiralex\Manual\TestSteps;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;
use Chiralex\Review\Reviewer;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BenchMattersTest extends TestCase
{
    private const LIST = [
        'R1,10k 5%,Axial 1/4W,resistor',
        'R2,10k 5%,Axial 1/4W,resistor',
        'RV1,20k,trimmer 10mm,trimmer',
    ];

    /** @return array<string, array{array<string, mixed>, list<string>}> */
    public static function expectations(): array
    {
        return [
            'a formula that fits its parts' => [['expect' => 'divider(5 V, R1, R2)'], []],
            'a part that left the list' => [['expect' => 'divider(5 V, R1, R9)'], ['block bench.formula']],
            'a range that every good kit keeps' => [['expect' => '2.3 to 2.7 V = divider(5 V, R1, R2)'], []],
            'a range that turns good kits away' => [
                ['expect' => '2.49 to 2.51 V = divider(5 V, R1, R2)'],
                ['warn bench.turned-away'],
            ],
            'an adjuster that gets there' => [
                ['expect' => '2.2 to 2.6 V = divider(5 V, R1, RV1)', 'adjusts' => 'RV1'],
                [],
            ],
            'an adjuster that falls short' => [
                ['expect' => '4 to 4.2 V = divider(5 V, R1, RV1)', 'adjusts' => 'RV1'],
                ['warn bench.reach'],
            ],
            'ohms of a voltage' => [['expect' => '1 to 2 kohm = divider(5 V, R1, R2)'], ['warn bench.units']],
            'about nothing' => [['expect' => 'about 0 V'], ['warn bench.about-nothing']],
            'nothing said for a reading outside' => [
                ['expect' => '4.8 to 5.2 V', 'otherwise' => ''],
                ['note bench.otherwise'],
            ],
            'one point only' => [['expect' => '4.8 to 5.2 V', 'points' => ['R1']], ['note bench.points']],
            'no point, and words' => [['expect' => 'LED1 is lit', 'points' => []], []],
            'words of the maker' => [['expect' => '40 to 50 flashes in 60 s', 'otherwise' => ''], []],
        ];
    }

    /**
     * @param array<string, mixed> $test
     * @param list<string> $expected weight and code of each matter
     */
    #[DataProvider('expectations')]
    public function test_a_test_raises_what_stands_against_it(array $test, array $expected): void
    {
        $kit = KitMaker::kit(
            self::LIST,
            [],
            [
                'tests' => [
                    $test + ['name' => 'level', 'points' => ['R1', 'R2'], 'otherwise' => 'check R1', 'gate' => null],
                ],
            ],
        );
        $matters = array_filter(
            (new Reviewer())->matters($kit, (new Planner())->plan($kit)),
            static fn(Matter $matter): bool => $matter->station === Station::Bench,
        );

        self::assertSame(
            $expected,
            array_values(
                array_map(static fn(Matter $matter): string => "{$matter->severity->value} {$matter->code}", $matters),
            ),
        );
    }

    public function test_a_gate_is_measured_at_its_own_step_and_so_are_its_tests(): void
    {
        $kit = KitMaker::kit(
            ['R1,10k,Axial 1/4W,resistor', 'U1,555,DIP-8,timer'],
            ['R1,20,20,0,top', 'U1,50,30,0,top'],
            [
                'gates' => [['name' => 'supply', 'needs' => ['R1'], 'protects' => ['U1'], 'expect' => '> 4.5 V']],
                'tests' => [['name' => 'rail', 'gate' => 'supply', 'points' => [], 'expect' => '> 4.5 V']],
            ],
        );
        $order = KitMaker::order($kit);
        $numbers = TestSteps::numbers($kit, $order);

        self::assertSame(['supply' => 2, 'rail' => 2], $numbers);
        self::assertSame('rail', TestSteps::at($kit, $order->steps[1])[0]->name);
    }

    public function test_a_gate_measured_under_power_only_is_a_note_until_a_test_without_power_stands_beside_it(): void
    {
        $codes = static fn(array $tests): array => array_values(
            array_filter(
                array_map(
                    static fn(Matter $matter): string => $matter->code,
                    (new Reviewer())->matters(
                        $kit = KitMaker::kit(
                            self::LIST,
                            [],
                            [
                                'gates' => [['name' => 'supply', 'needs' => ['R1'], 'expect' => '5 V']],
                                'tests' => $tests,
                            ],
                        ),
                        (new Planner())->plan($kit),
                    ),
                ),
                static fn(string $code): bool => $code === 'bench.no-short',
            ),
        );
        $test = static fn(string $name, string $power): array => [
            'name' => $name,
            'gate' => 'supply',
            'power' => $power,
            'points' => ['R1', 'R2'],
            'expect' => '4.8 to 5.2 V',
            'otherwise' => 'look',
        ];

        self::assertSame(['bench.no-short'], $codes([$test('rail', 'on')]));
        self::assertSame([], $codes([$test('rail', 'on'), $test('no short', 'off')]));
        self::assertSame([], $codes([]), 'without a test nothing names the points');
    }

    public function test_a_formula_that_cannot_be_worked_out_stops_the_release(): void
    {
        $kit = KitMaker::kit(
            self::LIST,
            [],
            [
                'gates' => [
                    ['name' => 'supply', 'needs' => ['R1'], 'protects' => ['R2'], 'expect' => 'divider(5 V, R1)'],
                ],
            ],
        );
        $blocking = array_filter(
            (new Reviewer())->matters($kit, (new Planner())->plan($kit)),
            static fn(Matter $matter): bool => $matter->severity === MatterSeverity::Block &&
                $matter->station === Station::Bench,
        );

        self::assertSame('supply', array_values($blocking)[0]->args['test']);
    }
}
