<?php

declare(strict_types=1);

namespace Chiralex\Tests\Safety;

use Chiralex\Build\KitCallouts;
use Chiralex\Kit\Hazard;
use Chiralex\Kit\Kit;
use Chiralex\Part\Consequence;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Review\MarkMatters;
use Chiralex\Review\SafetyMatters;
use Chiralex\Review\Subject;
use Chiralex\Safety\CapacitorVolts;
use Chiralex\Safety\Hazards;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** No harm is called harmless: what a part does reversed follows from its circuit; common practice, no source. */
final class HarmTest extends TestCase
{
    private const RELAY = ['K1,12V,cube relay,relay', 'D1,1N4148,DO-35,', 'D2,1N4007,DO-41,', 'Q1,BC337,TO-92,'];

    /** @return iterable<string, array{string, array<string, mixed>, float}> row, kit.json, volts it counts with */
    public static function capacitors(): iterable
    {
        $low = ['supply' => ['volts' => [12, 13]]];
        yield 'beside a low supply alone' => ['C1,100u 400V,radial 18x30,electrolytic', $low, 13.0];
        yield 'with high voltage in the kit' => [
            'C1,100u 400V,radial 18x30,electrolytic',
            $low + ['traits' => ['high-voltage']],
            400.0,
        ];
        yield 'with mains in the kit, behind a transformer' => [
            'C1,470u 25V,radial 10x16,electrolytic',
            ['supply' => ['volts' => 230, 'current' => 'ac'], 'traits' => ['mains']],
            25.0,
        ];
        yield 'once its voltage is said' => [
            'C1,100u 400V,radial 18x30,electrolytic',
            $low + ['traits' => ['high-voltage'], 'nets' => ['C1' => ['across' => '325 V']]],
            325.0,
        ];
        yield 'rated for alternating voltage, by its peak' => [
            'C1,100n 275VAC X2,film box 15mm,',
            ['traits' => ['mains']],
            388.9,
        ];
        yield 'without a rating, by the supply' => [
            'C1,100n,disc 5mm,',
            ['supply' => ['volts' => 230, 'current' => 'ac'], 'traits' => ['mains']],
            325.27,
        ];
    }

    /** @param array<string, mixed> $json */
    #[DataProvider('capacitors')]
    public function test_a_capacitor_counts_with_what_it_may_hold(string $row, array $json, float $volts): void
    {
        $kit = KitMaker::kit([$row], [], $json);

        self::assertSame($volts, CapacitorVolts::most($kit, $kit->parts['C1'])[0]);
    }

    public function test_a_part_for_400_volts_beside_mains_is_a_stored_charge(): void
    {
        $kit = KitMaker::kit(
            ['C1,100u 400V,radial 18x30,electrolytic'],
            [],
            ['supply' => ['volts' => 13], 'traits' => ['mains']],
        );

        self::assertContains(Hazard::StoredCharge, Hazards::applying($kit));
    }

    /** @return iterable<string, array{list<string>, MatterSeverity}> */
    public static function questions(): iterable
    {
        yield 'a battery kit' => [['battery'], MatterSeverity::Note];
        yield 'mains' => [['mains'], MatterSeverity::Block];
        yield 'high voltage' => [['high-voltage'], MatterSeverity::Block];
        yield 'a stored charge' => [['stored-charge'], MatterSeverity::Block];
    }

    /** @param list<string> $traits */
    #[DataProvider('questions')]
    public function test_where_a_kit_can_kill_no_question_of_safety_stays_open(
        array $traits,
        MatterSeverity $weight,
    ): void {
        $kit = KitMaker::kit(['R1,1k,Axial 1/4W,'], [], ['traits' => $traits]);
        $open = array_values(
            array_filter(
                (new SafetyMatters())->matters(new Subject($kit, KitMaker::order($kit))),
                static fn($matter): bool => $matter->code === 'safety.unanswered',
            ),
        );

        self::assertSame($weight, $open[0]->severity ?? null);
    }

    public function test_a_relay_without_a_clamp_asks_which_diode_and_none_is_harmless_meanwhile(): void
    {
        $kit = KitMaker::kit(self::RELAY);

        self::assertSame([['K1', ['D1', 'D2']]], self::asked($kit));
        self::assertSame(Consequence::DestroysOthers, self::reversed($kit, 'D1'));
        self::assertSame(Consequence::DestroysOthers, self::reversed($kit, 'D2'));
    }

    public function test_once_the_clamp_is_said_the_other_diode_is_judged_by_itself(): void
    {
        $kit = KitMaker::kit(self::RELAY, [], ['nets' => ['D1' => ['clamps' => 'K1'], 'K1' => ['drivenBy' => 'Q1']]]);

        self::assertSame([], self::asked($kit));
        self::assertSame(Consequence::DestroysOthers, self::reversed($kit, 'D1'));
        self::assertSame(Consequence::WorksAfterTurning, self::reversed($kit, 'D2'));
    }

    public function test_a_clamp_with_nothing_said_of_its_driver_destroys_it_all_the_same(): void
    {
        $kit = KitMaker::kit(self::RELAY, [], ['nets' => ['D1' => ['clamps' => 'K1']]]);

        self::assertSame(Consequence::DestroysOthers, self::reversed($kit, 'D1'));
    }

    public function test_a_relay_with_its_own_diode_asks_nothing(): void
    {
        self::assertSame([], self::asked(KitMaker::kit(self::RELAY, [], ['nets' => ['K1' => ['clamps' => 'K1']]])));
    }

    public function test_a_coil_and_no_diode_at_all_is_told_too(): void
    {
        $kit = KitMaker::kit(['K1,12V,cube relay,relay', 'R1,1k,Axial 1/4W,']);

        self::assertSame([['K1', []]], self::asked($kit));
    }

    public function test_a_choke_kicks_nobody(): void
    {
        self::assertSame([], self::asked(KitMaker::kit(['L1,10u,axial,choke', 'D1,1N4148,DO-35,'])));
    }

    /** @return iterable<string, array{string, float, Consequence}> row, supply, what it does reversed */
    public static function electrolytics(): iterable
    {
        yield '4.7 uF at 5 V hurts nobody' => ['C1,4.7u 50V,5x11,electrolytic', 5.0, Consequence::ItselfDamaged];
        yield 'a millijoule at half of what it stands' => ['C1,20u 20V,5x11,electrolytic', 10.0, Consequence::CanHurt];
        yield 'a little less than a millijoule' => ['C1,19u 20V,5x11,electrolytic', 10.0, Consequence::ItselfDamaged];
        yield 'less than half of what it stands' => ['C1,100u 21V,5x11,electrolytic', 10.0, Consequence::ItselfDamaged];
        yield 'a large one near its rating' => ['C1,1000u 16V,10x20,electrolytic', 12.0, Consequence::CanHurt];
        yield 'a rating nobody says' => ['C1,1000u,10x20,electrolytic', 12.0, Consequence::CanHurt];
    }

    #[DataProvider('electrolytics')]
    public function test_a_reversed_electrolytic_is_judged_by_voltage_and_energy(
        string $row,
        float $volts,
        Consequence $consequence,
    ): void {
        $kit = KitMaker::kit([$row], [], ['supply' => ['volts' => $volts]]);

        self::assertSame($consequence, self::reversed($kit, 'C1'));
    }

    public function test_what_the_maker_says_of_a_reversal_stands(): void
    {
        $kit = KitMaker::kit(
            ['C1,1000u 16V,10x20,electrolytic'],
            [],
            ['supply' => ['volts' => 12], 'lines' => ['C1' => ['reversed' => ['consequence' => 'itself-damaged']]]],
        );

        self::assertSame(Consequence::ItselfDamaged, self::reversed($kit, 'C1'));
    }

    public function test_a_socket_turned_round_harms_nothing_by_itself(): void
    {
        $kit = KitMaker::kit(['XU1,8 way,DIP-8,IC socket']);

        self::assertSame(Consequence::WorksAfterTurning, self::reversed($kit, 'XU1'));
    }

    private static function reversed(Kit $kit, string $name): Consequence
    {
        return KitCallouts::polarPart($kit->parts[$name], $kit)->reversal->consequence;
    }

    /** @return list<array{string, mixed}> coil and the diodes it may be */
    private static function asked(Kit $kit): array
    {
        return array_values(
            array_map(
                static fn($matter): array => [(string) $matter->args['coil'], $matter->args['diodes']],
                array_filter(
                    (new MarkMatters())->matters(new Subject($kit, KitMaker::order($kit))),
                    static fn($matter): bool => str_starts_with($matter->code, 'marks.clamp-'),
                ),
            ),
        );
    }
}
