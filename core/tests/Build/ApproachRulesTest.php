<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\DroppedRule;
use Chiralex\Build\Planner;
use Chiralex\Build\Rule;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Matter;
use Chiralex\Review\Reviewer;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts that taller ones would close in. */
final class ApproachRulesTest extends TestCase
{
    /** A tact switch amid four relays of 15.5 mm, each 3 mm from it. */
    private const CROWD = [
        'SW1,set,6x6,tact switch',
        'K1,5 V,block 15x15x15.5,relay',
        'K2,5 V,block 15x15x15.5,relay',
        'K3,5 V,block 15x15x15.5,relay',
        'K4,5 V,block 15x15x15.5,relay',
    ];
    private const PLACES = [
        'SW1,40,30,0,top',
        'K1,53.5,30,0,top',
        'K2,26.5,30,0,top',
        'K3,40,43.5,0,top',
        'K4,40,16.5,0,top',
    ];

    public function test_a_low_part_goes_in_before_the_taller_one_that_would_leave_no_room_for_fingers(): void
    {
        $order = KitMaker::order(self::crowd());
        $derived = array_values(array_filter($order->rules, static fn(Rule $rule): bool => $rule->derived));

        self::assertSame(
            [['solder SW1', 'order.fingers']],
            array_values(
                array_unique(
                    array_map(static fn(Rule $rule): array => [$rule->before, $rule->reason->code], $derived),
                    SORT_REGULAR,
                ),
            ),
        );
        // Three walls may stand: two opposite gaps need one free pair of sides, so the relays that close the second pair wait.
        self::assertNotSame([], $derived);
        self::assertSame([], $order->givenUp->wishes);
        self::assertSame([], $order->broken);
    }

    public function test_every_school_keeps_it_and_an_override_that_breaks_it_is_told(): void
    {
        foreach (['lowest-first', 'kind-by-kind', 'block-by-block'] as $school) {
            $kit = self::crowd([
                'settings' => ['school' => $school],
                'groups' => ['block' => ['power' => ['K1', 'K2', 'K3', 'K4'], 'panel' => ['SW1']]],
            ]);
            self::assertSame(0, KitMaker::order($kit)->score->violations, $school);
        }
        $late = self::crowd([
            'overrides' => [
                'order' => [['parts' => ['SW1'], 'after' => ['K1', 'K2', 'K3', 'K4'], 'sameStep' => false]],
            ],
        ]);
        self::assertContains('order.broken-rule', self::codes($late));
    }

    public function test_a_fixed_rule_goes_before_a_wish_and_the_place_is_named_with_the_way_out(): void
    {
        $kit = self::crowd(['groups' => ['before' => [['K1', 'SW1'], ['K2', 'SW1'], ['K3', 'SW1'], ['K4', 'SW1']]]]);
        $order = KitMaker::order($kit);

        self::assertSame(
            [['SW1', false]],
            array_values(
                array_unique(
                    array_map(
                        static fn(DroppedRule $dropped): array => [$dropped->part, $dropped->always],
                        $order->givenUp->wishes,
                    ),
                    SORT_REGULAR,
                ),
            ),
        );
        self::assertContains('board.closed-by-rule-room', self::codes($kit));
        self::assertSame(0, $order->score->violations);
    }

    public function test_neighbours_of_its_own_height_close_it_in_whatever_the_order(): void
    {
        $kit = KitMaker::kit(
            array_map(static fn(string $row): string => str_replace('x15.5', 'x6.9', $row), self::CROWD),
            self::PLACES,
            ['supply' => ['volts' => 9, 'amps' => 1]],
        );
        $dropped = KitMaker::order($kit)->givenUp->wishes;

        self::assertTrue($dropped[0]->always);
        self::assertSame(['SW1', 'main'], [$dropped[0]->part, $dropped[0]->board]);
        self::assertNotNull($dropped[0]->room);
        $matters = array_values(
            array_filter(
                (new Reviewer())->matters($kit, (new Planner())->plan($kit)),
                static fn(Matter $matter): bool => $matter->code === 'board.closed-in-room',
            ),
        );
        self::assertSame(
            [40.0, 30.0, 'need.fingers'],
            [$matters[0]->args['x'], $matters[0]->args['y'], $matters[0]->args['why']],
        );
    }

    /** @return iterable<string, array{float, list<float>}> gap on each side in mm, how much wider it has to be */
    public static function gaps(): iterable
    {
        // Fingers reach 8 mm deep: what is missing of them, in steps of half a millimetre.
        yield 'three' => [3.0, [5.0]];
        yield 'seven and a half' => [7.6, [0.5]];
        yield 'eight' => [8.0, []];
    }

    /** @param list<float> $rooms */
    #[DataProvider('gaps')]
    public function test_the_room_that_is_missing_is_told(float $gap, array $rooms): void
    {
        $away = 3.0 + 7.5 + $gap;
        $kit = KitMaker::kit(
            array_map(static fn(string $row): string => str_replace('x15.5', 'x6.9', $row), self::CROWD),
            [
                'SW1,40,30,0,top',
                'K1,' . (40 + $away) . ',30,0,top',
                'K2,' . (40 - $away) . ',30,0,top',
                'K3,40,' . (30 + $away) . ',0,top',
                'K4,40,' . (30 - $away) . ',0,top',
            ],
            ['supply' => ['volts' => 9, 'amps' => 1]],
        );

        self::assertSame($rooms, array_column(KitMaker::order($kit)->givenUp->wishes, 'room'));
    }

    /** @return iterable<string, array{int, ?float}> height of the relays in mm, how far they would have to stand off */
    public static function reliefs(): iterable
    {
        yield 'fifteen' => [15, 9.5];
        yield 'as far as is looked' => [23, 16.0];
        yield 'further than is looked' => [24, null];
    }

    #[DataProvider('reliefs')]
    public function test_how_far_tall_ones_would_have_to_stand_off_is_looked_for_to_sixteen_millimetres(
        int $height,
        ?float $room,
    ): void {
        $relays = ['K1', 'K2', 'K3', 'K4'];
        $kit = KitMaker::kit(
            [
                'R1,1k,Axial 1/4W,',
                ...array_map(static fn(string $k): string => "{$k},5 V,block 15x15x{$height},relay", $relays),
            ],
            ['R1,40,30,0,top', 'K1,53,30,0,bottom', 'K2,27,30,0,bottom', 'K3,40,42,0,bottom', 'K4,40,18,0,bottom'],
            ['groups' => ['before' => array_map(static fn(string $k): array => [$k, 'R1'], $relays)]],
        );
        $iron = array_filter(
            KitMaker::order($kit)->givenUp->wishes,
            static fn(DroppedRule $dropped): bool => $dropped->need->code === 'order.iron',
        );

        self::assertSame([$room], array_values(array_unique(array_column($iron, 'room'), SORT_REGULAR)));
    }

    public function test_an_iron_at_the_other_side_waits_for_the_low_part_beneath_tall_ones(): void
    {
        // R1 on top has its joints below, between two tall cans of the bottom side.
        $bom = [
            'R1,1k,Axial 1/4W,',
            'C1,100u,8x20,electrolytic',
            'C2,100u,8x20,electrolytic',
            'C3,100u,8x20,electrolytic',
            'C4,100u,8x20,electrolytic',
        ];
        $places = [
            'R1,40,30,0,top',
            'C1,36.19,37,0,bottom',
            'C2,36.19,23,0,bottom',
            'C3,28.5,30,0,bottom',
            'C4,43.9,34,0,bottom',
        ];
        $order = KitMaker::order(KitMaker::kit($bom, $places));
        $iron = array_values(
            array_filter($order->rules, static fn(Rule $rule): bool => $rule->reason->code === 'order.iron'),
        );

        self::assertNotSame([], $iron);
        self::assertSame(
            ['solder R1'],
            array_values(array_unique(array_map(static fn(Rule $rule): string => $rule->before, $iron))),
        );
        self::assertSame(0, $order->score->violations);
    }

    public function test_the_order_of_input_rows_changes_nothing(): void
    {
        $words = static fn(array $bom, array $places): array => KitMaker::words(
            KitMaker::order(KitMaker::kit($bom, $places)),
        );

        self::assertSame(
            $words(self::CROWD, self::PLACES),
            $words(array_reverse(self::CROWD), array_reverse(self::PLACES)),
        );
    }

    /** @param array<string, mixed> $json */
    private static function crowd(array $json = []): Kit
    {
        return KitMaker::kit(self::CROWD, self::PLACES, $json);
    }

    /** @return list<string> */
    private static function codes(Kit $kit): array
    {
        return array_map(
            static fn(Matter $matter): string => $matter->code,
            (new Reviewer())->matters($kit, (new Planner())->plan($kit)),
        );
    }
}
