<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Fault\FamilyRow;
use Chiralex\Fault\FaultStudy;
use Chiralex\Fault\KitReport;
use Chiralex\Fault\ShippedKit;
use DateTimeImmutable;
use PHPUnit\Framework\TestCase;

final class FaultStudyTest extends TestCase
{
    public function test_a_kit_that_reports_twice_is_one_kit_and_young_kits_stand_apart(): void
    {
        $study = self::study(
            [self::kit('A', '2026-06-01'), self::kit('B', '2026-06-01'), self::kit('C', '2026-09-10')],
            [
                new KitReport('2026-06-20', 'A'),
                new KitReport('2026-07-20', 'A'),
                new KitReport('2026-09-12', 'C'),
                new KitReport('2026-09-13', 'C'),
                new KitReport('2026-09-13', ''),
                new KitReport('2026-09-13', 'Z'),
            ],
        );
        self::assertSame([2, 1, 0.5], [$study->kits, $study->reported, $study->rate()]);
        self::assertSame([1, 2, 2], [$study->young->kits, $study->young->reports, $study->withoutSerial]);
    }

    public function test_a_kit_is_young_for_thirty_days_and_what_is_dated_later_is_left_out(): void
    {
        $kits = [self::kit('A', '2026-08-16'), self::kit('B', '2026-08-17'), self::kit('C', '2026-09-16')];
        $study = self::study($kits, [new KitReport('2026-09-16', 'A'), new KitReport('2026-09-15', 'C')]);
        self::assertSame([1, 0, 1], [$study->kits, $study->reported, $study->young->kits]);
        self::assertSame(1, $study->withoutSerial, 'a kit that has not left yet was not shipped');
        self::assertNull(self::study([], [])->rate());
    }

    public function test_a_cause_in_one_lot_is_told_from_the_same_cause_elsewhere(): void
    {
        $kits = $reports = [];
        for ($i = 0; $i < 40; ++$i) {
            $kits[] = self::kit("K{$i}", '2026-06-01', $i < 10 ? 'L1' : 'L2');
        }
        foreach ([0, 1, 2, 3, 20] as $i) {
            $reports[] = new KitReport('2026-07-01', "K{$i}", causes: ['D1 reversed']);
        }
        $study = self::study($kits, $reports);
        self::assertSame(
            [['D1 reversed in L2', 30, 1, false], ['D1 reversed in L1', 10, 4, true]],
            array_map(
                static fn(FamilyRow $row): array => [$row->value, $row->kits, $row->reported, $row->isAlarm()],
                $study->causes,
            ),
        );
        self::assertNull($study->causes[0]->p, 'fewer than three are not tested');
    }

    public function test_in_two_hundred_shops_without_any_cause_few_ring_an_alarm(): void
    {
        mt_srand(20);
        $alarms = 0;
        for ($shop = 0; $shop < 200; ++$shop) {
            $kits = $reports = [];
            for ($i = 0; $i < 150; ++$i) {
                $kits[] = new ShippedKit(
                    "K{$i}",
                    ['A', 'B', 'C'][mt_rand(0, 2)],
                    ['L' . mt_rand(1, 6)],
                    (string) mt_rand(1, 5),
                    ['', 'box'][mt_rand(0, 1)],
                    '2026-06-01',
                );
                if (mt_rand(1, 100) <= 12) {
                    $reports[] = new KitReport('2026-07-01', "K{$i}");
                }
            }
            foreach (self::study($kits, $reports)->families as $rows) {
                $alarms += array_filter($rows, static fn(FamilyRow $row): bool => $row->isAlarm()) === [] ? 0 : 1;
            }
        }
        // An alarm is to be false once in ten at most, for the whole shop.
        self::assertLessThanOrEqual(20, $alarms);
    }

    public function test_weeks_tell_what_share_of_their_reports_has_come(): void
    {
        $kits = $reports = [];
        for ($i = 0; $i < 100; ++$i) {
            $kits[] = self::kit("OLD{$i}", '2026-06-01');
            $kits[] = self::kit("NEW{$i}", '2026-09-04');
        }
        // Reports come after 5 and after 40 days, half each; of the new kits only the first half can have come.
        for ($i = 0; $i < 20; ++$i) {
            $reports[] = new KitReport($i % 2 === 0 ? '2026-06-06' : '2026-07-11', "OLD{$i}");
        }
        for ($i = 0; $i < 10; ++$i) {
            $reports[] = new KitReport('2026-09-09', "NEW{$i}");
        }
        $weeks = self::study($kits, $reports)->weeks;
        self::assertSame(['2026-06-01', '2026-08-31'], array_column($weeks, 'monday'));
        self::assertSame([20, 10], array_column($weeks, 'reported'));
        self::assertEqualsWithDelta([1.0, 0.5], array_column($weeks, 'exposure'), 1e-9);
        self::assertNull(self::study($kits, array_slice($reports, 0, 19))->weeks[0]->exposure);
    }

    private static function kit(string $serial, string $date, string $lot = ''): ShippedKit
    {
        return new ShippedKit($serial, 'A', $lot === '' ? [] : [$lot], '', '', $date);
    }

    /**
     * @param list<ShippedKit> $kits
     * @param list<KitReport> $reports
     */
    private static function study(array $kits, array $reports): FaultStudy
    {
        return FaultStudy::of($kits, $reports, new DateTimeImmutable('2026-09-15'));
    }
}
