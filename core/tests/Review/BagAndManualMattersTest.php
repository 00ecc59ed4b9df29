<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Reason\Matter;
use Chiralex\Reason\Station;
use Chiralex\Review\Reviewer;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

/** What there is to settle at Bags and Manual; kits are invented. */
final class BagAndManualMattersTest extends TestCase
{
    public function test_a_plan_that_nobody_touched_has_nothing_to_settle(): void
    {
        self::assertSame([], self::codes([], Station::Bags));
    }

    public function test_a_part_moved_among_its_look_alikes_is_told(): void
    {
        self::assertSame(
            ['bags.look-alikes'],
            self::codes(['overrides' => ['bags' => [['part' => 'R2', 'bag' => 'A']]]], Station::Bags),
        );
    }

    public function test_a_part_moved_that_is_not_in_the_kit_is_told(): void
    {
        self::assertSame(
            ['bags.moved-unknown'],
            self::codes(
                [
                    'overrides' => ['bags' => [['part' => 'R2', 'bag' => 'B']]],
                    'lines' => ['R2' => ['supply' => 'builder']],
                ],
                Station::Bags,
            ),
        );
    }

    public function test_a_test_that_stands_at_no_step_is_told(): void
    {
        $gate = ['gates' => [['name' => 'supply', 'needs' => ['R1'], 'protects' => [], 'expect' => '5 V']]];
        self::assertSame(
            [],
            self::manual(
                $gate + ['tests' => [['name' => 'rail', 'gate' => 'supply', 'expect' => '5 V']]],
                Station::Manual,
            ),
        );
        self::assertSame(
            [],
            self::manual(
                $gate + ['tests' => [['name' => 'rail', 'adjusts' => 'RV1', 'expect' => '5 V']]],
                Station::Manual,
            ),
        );
        $open = ['tests' => [['name' => 'rail', 'expect' => '5 V']]];
        self::assertSame([], self::manual($gate + $open, Station::Manual), 'it stands at the last test');
        self::assertSame(
            ['manual.test-nowhere'],
            self::manual(
                ['gates' => [['name' => 'finished', 'needs' => ['R1'], 'protects' => [], 'expect' => '5 V']]] + $open,
                Station::Manual,
            ),
        );
    }

    public function test_matters_stand_in_the_order_of_the_stations(): void
    {
        $matters = self::found([
            'overrides' => [
                'bags' => [['part' => 'R2', 'bag' => 'A']],
                'words' => ['step.R1.note' => 'Cut to 2 in (5 mm), then R9.'],
            ],
        ]);
        $stations = array_map(
            static fn(Matter $matter): int => (int) array_search($matter->station, Station::cases(), true),
            $matters,
        );
        $sorted = $stations;
        sort($sorted);
        self::assertSame($sorted, $stations);
        self::assertContains((int) array_search(Station::Manual, Station::cases(), true), $stations);
    }

    /**
     * @param array<string, mixed> $json
     * @return list<string>
     */
    private static function manual(array $json): array
    {
        return array_values(
            array_filter(
                self::codes($json, Station::Manual),
                static fn(string $code): bool => str_starts_with($code, 'manual.'),
            ),
        );
    }

    /**
     * @param array<string, mixed> $json
     * @return list<string>
     */
    private static function codes(array $json, Station $station): array
    {
        return array_values(
            array_map(
                static fn(Matter $matter): string => $matter->code,
                array_filter(self::found($json), static fn(Matter $matter): bool => $matter->station === $station),
            ),
        );
    }

    /**
     * @param array<string, mixed> $json
     * @return list<Matter>
     */
    private static function found(array $json): array
    {
        $kit = KitMaker::kit(
            ['R1,470 5%,Axial 1/4W,', 'R2,47k 5%,Axial 1/4W,', 'RV1,10k,trimmer 10mm,trimmer'],
            [],
            $json,
        );

        return (new Reviewer())->matters($kit, KitMaker::order($kit));
    }
}
