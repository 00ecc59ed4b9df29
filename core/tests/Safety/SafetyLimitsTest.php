<?php

declare(strict_types=1);

namespace Chiralex\Tests\Safety;

use Chiralex\Kit\Hazard;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;
use Chiralex\Safety\Cautions;
use Chiralex\Safety\FoundHazard;
use Chiralex\Safety\Hazards;
use Chiralex\Safety\StoredCharge;
use Chiralex\Safety\StoredCharges;
use Chiralex\Safety\Work;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every limit of safety from both sides. Watts from which a part is hot or too bright: common practice, no source. */
final class SafetyLimitsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> row, hazards it shows besides small parts */
    public static function watts(): iterable
    {
        yield 'a resistor of 1 W is too hot to touch' => ['R1,10 1W,,resistor', ['hot']];
        yield 'one of 0.9 W is not' => ['R1,10 0.9W,,resistor', []];
        yield 'a coil of 5 W is no resistor' => ['L1,10u 5W,,inductor', []];
        yield 'an LED of 0.5 W is too bright to look into' => ['LED1,white 0.5W,,LED', ['bright-light']];
        yield 'one of 0.4 W is not' => ['LED1,white 0.4W,,LED', []];
        yield 'a loudspeaker of 5 W is no LED' => ['LS1,8 ohm 5W,,loudspeaker', []];
    }

    /** @param list<string> $expected */
    #[DataProvider('watts')]
    public function test_watts_make_a_part_hot_or_bright(string $row, array $expected): void
    {
        self::assertSame($expected, self::shown(KitMaker::kit([$row])));
    }

    /** @return iterable<string, array{string, list<string>}> volts across a part, hazards */
    public static function across(): iterable
    {
        yield '120 V across a part' => ['120 V', []];
        yield '121 V across a part' => ['121 V', ['high-voltage']];
    }

    /** @param list<string> $expected */
    #[DataProvider('across')]
    public function test_extra_low_voltage_ends_across_a_part_too(string $volts, array $expected): void
    {
        self::assertSame(
            $expected,
            self::shown(KitMaker::kit(['R1,1k,,'], [], ['nets' => ['R1' => ['across' => $volts]]])),
        );
    }

    public function test_the_first_of_the_highest_voltages_is_named(): void
    {
        $nets = ['R1' => ['across' => '150 V'], 'R2' => ['across' => '200 V'], 'R3' => ['across' => '200 V']];
        $found = self::found(
            KitMaker::kit(['R1,1k,,', 'R2,1k,,', 'R3,1k,,'], [], ['nets' => $nets]),
            Hazard::HighVoltage,
        );

        self::assertSame([200.0, 'R2'], [$found->shown[0]->args['volts'], $found->shown[0]->args['where']]);
    }

    public function test_the_limit_that_is_passed_is_named_with_its_current(): void
    {
        $args = static fn(array $supply): array => self::found(
            KitMaker::kit(['R1,1k,,'], [], ['supply' => $supply]),
            Hazard::HighVoltage,
        )->shown[0]->args;

        self::assertSame(
            [51.0, 50.0, 'AC'],
            array_values(
                array_intersect_key(
                    $args(['volts' => [51], 'current' => 'ac']),
                    array_flip(['volts', 'limit', 'current']),
                ),
            ),
        );
        self::assertSame(
            [121.0, 120.0, 'DC'],
            array_values(array_intersect_key($args(['volts' => [121]]), array_flip(['volts', 'limit', 'current']))),
        );
    }

    /** @return iterable<string, array{float, float, bool}> farad, volt, hurts */
    public static function charges(): iterable
    {
        yield 'at what may be touched no charge hurts' => [1e-3, 60.0, false];
        yield 'above it does' => [1e-3, 60.1, true];
        yield '20 J at just 2 V burn' => [10.0, 2.0, true];
        yield 'below 2 V nothing burns' => [100.0, 1.99, false];
        yield '19.9 J do not burn' => [9.95, 2.0, false];
    }

    #[DataProvider('charges')]
    public function test_a_capacitor_hurts_from_its_limits_on(float $farads, float $volts, bool $hurts): void
    {
        self::assertSame($hurts, (new StoredCharge('C1', $farads, $volts, Origin::KitFile))->isHazard());
    }

    public function test_it_counts_as_empty_where_it_may_be_touched_and_no_longer_burns(): void
    {
        $safe = static fn(float $farads, float $volts): float => (new StoredCharge(
            'C1',
            $farads,
            $volts,
            Origin::KitFile,
        ))->safeVolts();

        self::assertEqualsWithDelta(60.0, $safe(1e-3, 61.0), 1e-9);
        self::assertEqualsWithDelta(200.0, $safe(1e-3, 60.0), 1e-9, 'at 60 V only its energy counts');
        self::assertEqualsWithDelta(sqrt(40.0), $safe(1.0, 100.0), 1e-9, 'a large one burns below 60 V');
        self::assertEqualsWithDelta(2.0, $safe(100.0, 5.0), 1e-9, 'below 2 V nothing burns');
    }

    /** @return iterable<string, array{string, array<string, mixed>, list<string>}> row, kit.json, capacitors that are worth a line */
    public static function seen(): iterable
    {
        yield 'just over a tenth of a millijoule' => [
            'C1,2.05u,,electrolytic',
            ['supply' => ['volts' => [10]]],
            ['C1'],
        ];
        yield 'less' => ['C1,1.9u,,electrolytic', ['supply' => ['volts' => [10]]], []];
        yield 'a value nobody knows' => ['C1,,,electrolytic', ['supply' => ['volts' => [400]]], []];
        yield 'a voltage nobody knows' => ['C1,1000000u,,electrolytic', [], []];
        yield 'a large one at little voltage' => [
            'C1,1000000u,,electrolytic',
            ['nets' => ['C1' => ['across' => '0.05 V']]],
            ['C1'],
        ];
        yield 'a resistor holds nothing' => ['R1,1M,,', ['supply' => ['volts' => [100]]], []];
    }

    /**
     * @param array<string, mixed> $json
     * @param list<string> $expected
     */
    #[DataProvider('seen')]
    public function test_a_capacitor_is_worth_a_line_from_a_tenth_of_a_millijoule(
        string $row,
        array $json,
        array $expected,
    ): void {
        $charges = StoredCharges::of(KitMaker::kit([$row], [], $json));

        self::assertSame(
            $expected,
            array_map(static fn(StoredCharge $charge): string => $charge->designator, $charges),
        );
    }

    public function test_what_a_full_capacitor_holds_is_told_in_joules_and_microcoulombs(): void
    {
        $kit = KitMaker::kit(['C1,1000u 400V,,electrolytic'], [], ['nets' => ['C1' => ['across' => '325 V']]]);
        $args = self::found($kit, Hazard::StoredCharge)->shown[0]->args;

        self::assertEqualsWithDelta(52.8, (float) $args['joules'], 0.05);
        self::assertEqualsWithDelta(325_000.0, (float) $args['microcoulombs'], 1.0);
    }

    public function test_without_a_bleeder_a_discharge_tool_of_one_figure_is_named_rounded_down(): void
    {
        $kit = KitMaker::kit(['C1,1000u 400V,,electrolytic'], [], ['nets' => ['C1' => ['across' => '325 V']]]);
        $reasons = array_column(
            array_map(
                static fn(Reason $reason): array => ['code' => $reason->code, 'args' => $reason->args],
                Cautions::for($kit)->ofKit(),
            ),
            'args',
            'code',
        );

        self::assertArrayHasKey('caution.charge-tool', $reasons);
        // 5 s over 1000 µF times ln(325 / 60) are 2,959 ohm.
        self::assertSame(2000, $reasons['caution.charge-tool']['ohms']);
        self::assertArrayNotHasKey('caution.charge-wait', $reasons);
    }

    public function test_a_capacitor_that_holds_just_what_burns_has_the_general_caution_alone(): void
    {
        $kit = KitMaker::kit(['C1,1600000u 6V,,electrolytic'], [], ['nets' => ['C1' => ['across' => '5 V']]]);
        $codes = array_map(static fn(Reason $reason): string => $reason->code, Cautions::for($kit)->ofKit());

        self::assertContains('caution.charge', $codes);
        self::assertNotContains('caution.charge-tool', $codes);
    }

    public function test_drilling_is_warned_of_at_the_enclosure_and_nowhere_else(): void
    {
        $kit = KitMaker::kit(['R1,1k,Axial 1/4W,', 'BOX1,plain box,,enclosure'], [], ['traits' => ['drilling']]);
        $codes = static fn(string $name): array => array_map(
            static fn(Reason $reason): string => $reason->code,
            Cautions::for($kit)->of(Work::Other, [$name], false),
        );

        self::assertContains('caution.drilling', $codes('BOX1'));
        self::assertNotContains('caution.drilling', $codes('R1'));
    }

    /** @return iterable<string, array{bool, bool, ?string, bool}> shown, declared, ruled out, open */
    public static function answers(): iterable
    {
        yield 'nobody has said' => [false, false, null, true];
        yield 'the parts show it' => [true, false, null, false];
        yield 'the maker has it' => [false, true, null, false];
        yield 'the maker rules it out' => [false, false, 'no magnets', false];
    }

    #[DataProvider('answers')]
    public function test_a_hazard_is_open_while_nothing_shows_it_and_nobody_has_said(
        bool $shown,
        bool $declared,
        ?string $out,
        bool $open,
    ): void {
        $reasons = $shown ? [new Reason('safety.word')] : [];

        self::assertSame($open, (new FoundHazard(Hazard::SmallMagnets, $reasons, $declared, $out))->isOpen());
    }

    private static function found(Kit $kit, Hazard $hazard): FoundHazard
    {
        foreach (Hazards::of($kit) as $found) {
            if ($found->hazard === $hazard) {
                return $found;
            }
        }
        self::fail('every hazard is told of');
    }

    /** @return list<string> */
    private static function shown(Kit $kit): array
    {
        $shown = array_filter(
            Hazards::of($kit),
            static fn(FoundHazard $found): bool => $found->shown !== [] && $found->hazard !== Hazard::SmallParts,
        );

        return array_values(array_map(static fn(FoundHazard $found): string => $found->hazard->value, $shown));
    }
}
