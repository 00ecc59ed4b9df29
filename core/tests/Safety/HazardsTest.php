<?php

declare(strict_types=1);

namespace Chiralex\Tests\Safety;

use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Hazard;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Matter;
use Chiralex\Reason\Reason;
use Chiralex\Review\Reviewer;
use Chiralex\Safety\Cautions;
use Chiralex\Safety\FoundHazard;
use Chiralex\Safety\Hazards;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What shows a hazard is common practice; the limits of extra-low voltage are those of IEC 60364-4-41, from memory: 50 V AC, 120 V DC. */
final class HazardsTest extends TestCase
{
    /** @return iterable<string, array{list<string>, array<string, mixed>, list<string>}> rows, kit.json, hazards shown besides small parts */
    public static function kits(): iterable
    {
        yield 'nothing' => [['R1,1k,,'], [], []];
        yield 'a coin cell in a holder' => [['BT1,CR2032 holder,,battery holder'], [], ['battery', 'coin-cell']];
        yield 'a battery the builder brings' => [
            ['R1,1k,,', 'BT1,9 V,,battery'],
            ['lines' => ['BT1' => ['supply' => 'builder']]],
            ['battery'],
        ];
        yield 'a transformer for the mains' => [['T1,230 V 6 VA,,transformer'], [], ['mains']];
        yield 'a heat sink' => [['HS1,TO-220 clip,,heat sink'], [], ['hot']];
        yield 'a magnet, and magnet wire' => [
            ['X1,magnet 5x2,,magnet', 'W9,magnet wire 0.2,,wire'],
            [],
            ['small-magnets'],
        ];
        yield 'an electromagnet' => [['L1,electromagnet 12 V,,inductor'], [], ['strong-field']];
        yield 'varnish that cures' => [
            ['L1,10u,,inductor'],
            ['groups' => ['cures' => [['name' => 'varnish', 'of' => ['L1'], 'hours' => 12]]]],
            ['glue'],
        ];
        yield '120 V DC' => [['R1,1k,,'], ['supply' => ['volts' => [120]]], []];
        yield 'a volt more' => [['R1,1k,,'], ['supply' => ['volts' => [121]]], ['high-voltage']];
        yield '51 V AC' => [['R1,1k,,'], ['supply' => ['volts' => [51], 'current' => 'ac']], ['high-voltage']];
        yield '50 V AC' => [['R1,1k,,'], ['supply' => ['volts' => [50], 'current' => 'ac']], []];
        yield '180 V across a part' => [['R1,1k,,'], ['nets' => ['R1' => ['across' => '180 V']]], ['high-voltage']];
        yield 'a full capacitor' => [
            ['C1,1000u 400V,,electrolytic'],
            ['nets' => ['C1' => ['across' => '325 V']]],
            ['high-voltage', 'stored-charge'],
        ];
    }

    /**
     * @param list<string> $bom
     * @param array<string, mixed> $json
     * @param list<string> $expected
     */
    #[DataProvider('kits')]
    public function test_parts_and_supply_show_their_hazards(array $bom, array $json, array $expected): void
    {
        $shown = array_filter(
            Hazards::of(KitMaker::kit($bom, [], $json)),
            static fn(FoundHazard $found): bool => $found->shown !== [] && $found->hazard !== Hazard::SmallParts,
        );

        self::assertSame(
            $expected,
            array_values(array_map(static fn(FoundHazard $found): string => $found->hazard->value, $shown)),
        );
    }

    public function test_what_is_ruled_out_with_a_reason_is_not_printed_unless_it_can_kill(): void
    {
        $heat = static fn(string $why): Kit => KitMaker::kit(
            ['HS1,clip,,heat sink'],
            [],
            ['ruledOut' => ['hot' => $why]],
        );
        self::assertNotContains(Hazard::Hot, Hazards::applying($heat('the sink stays cool: 0.1 W')));
        self::assertSame([], self::blocks($heat('the sink stays cool: 0.1 W')));
        self::assertContains(Hazard::Hot, Hazards::applying($heat('')), 'without a reason the caution stays');
        self::assertSame(['safety.contradicted'], self::blocks($heat('')));

        $mains = KitMaker::kit(['T1,230 V,,transformer'], [], ['ruledOut' => ['mains' => 'it is insulated']]);
        self::assertContains(Hazard::Mains, Hazards::applying($mains));
        self::assertSame(['safety.stands', 'safety.unanswered'], self::blocks($mains));
    }

    public function test_a_capacitor_of_which_only_the_rating_is_known_keeps_its_caution_until_the_maker_says_more(): void
    {
        $rated = KitMaker::kit(['C1,470u 400V,,electrolytic']);
        self::assertContains(Hazard::StoredCharge, Hazards::applying($rated));
        self::assertContains(
            'parts.charge-unsaid',
            array_map(
                static fn(Matter $matter): string => $matter->code,
                (new Reviewer())->matters($rated, KitMaker::order($rated)),
            ),
        );
        self::assertNotContains(
            Hazard::StoredCharge,
            Hazards::applying(KitMaker::kit(['C1,470u 400V,,electrolytic'], [], ['supply' => ['volts' => [12]]])),
        );
    }

    public function test_kit_json_knows_every_hazard_as_a_trait_and_to_rule_out(): void
    {
        foreach (Hazard::cases() as $hazard) {
            self::assertContains(
                $hazard,
                KitMaker::kit(['R1,1k,,'], [], ['traits' => [$hazard->value]])->nature->hazards,
            );
            self::assertSame(
                [$hazard->value => 'why'],
                KitMaker::kit(['R1,1k,,'], [], ['ruledOut' => [$hazard->value => 'why']])->nature->ruledOut,
            );
        }
    }

    public function test_an_emptied_caution_blocks_release(): void
    {
        self::assertSame(
            ['safety.blanked'],
            self::blocks(
                KitMaker::kit(['R1,1k,,'], [], ['overrides' => ['words' => ['sentence.caution.iron' => ' ']]]),
            ),
        );
        self::assertSame(
            [],
            self::blocks(
                KitMaker::kit(
                    ['R1,1k,,'],
                    [],
                    ['overrides' => ['words' => ['sentence.caution.iron' => 'The iron is hot.']]],
                ),
            ),
        );
    }

    public function test_a_full_capacitor_is_named_where_it_can_be_touched_with_what_to_wait_for(): void
    {
        $json = [
            'gates' => [['name' => 'supply', 'needs' => ['C1', 'R1']]],
            'nets' => ['C1' => ['across' => '325 V', 'bleeder' => 'R1']],
            'wires' => [['name' => 'W1', 'from' => 'C1.1', 'to' => 'R1.1']],
        ];
        $kit = KitMaker::kit(['C1,100u 400V,radial 18x30,electrolytic', 'R1,100k,Axial 1W,'], [], $json);
        $order = KitMaker::order($kit);
        $codes = self::codes($order);

        self::assertContains('caution.charge-wait', $codes['supply'] ?? []);
        self::assertContains('caution.mains', $codes['supply'] ?? []);
        self::assertNotContains('caution.charge', $codes['R1'] ?? [], 'before the first power nothing is full');
        $wait = array_values(
            array_filter(
                Cautions::for($kit)->ofKit(),
                static fn(Reason $reason): bool => $reason->code === 'caution.charge-wait',
            ),
        )[0];
        self::assertSame(
            ['R1', 17],
            [$wait->args['bleeder'], $wait->args['seconds']],
            '10 s times ln(325 / 60) is 16.9 s',
        );
        self::assertContains(
            'caution.defers',
            array_map(static fn(Reason $reason): string => $reason->code, Cautions::for($kit)->ofKit()),
        );
    }

    /** @return array<string, list<string>> what a step is of, to the codes of its cautions */
    private static function codes(BuildOrder $order): array
    {
        $codes = [];
        foreach ($order->steps as $step) {
            $codes[$step->gate->name ?? implode(' ', $step->names())] = array_map(
                static fn(Reason $reason): string => $reason->code,
                $step->work->cautions,
            );
        }

        return $codes;
    }

    /** @return list<string> codes of safety that block release */
    private static function blocks(Kit $kit): array
    {
        $matters = array_filter(
            (new Reviewer())->matters($kit, KitMaker::order($kit)),
            static fn(Matter $matter): bool => $matter->severity->stopsRelease() &&
                str_starts_with($matter->code, 'safety.'),
        );

        return array_values(array_map(static fn(Matter $matter): string => $matter->code, $matters));
    }

    public function test_the_volts_of_a_charge_are_told_to_a_tenth(): void
    {
        $kit = KitMaker::kit(
            ['C1,470u 400V,22x40,electrolytic'],
            [],
            [
                'supply' => ['volts' => 325.27, 'amps' => 1],
                'nets' => ['C1' => ['across' => '325.27 V']],
            ],
        );
        $volts = [];
        foreach (Hazards::of($kit) as $found) {
            foreach ($found->shown as $reason) {
                $volts = $reason->code === 'safety.charge' ? [...$volts, $reason->args['volts']] : $volts;
            }
        }

        self::assertSame([325.3], $volts);
    }
}
