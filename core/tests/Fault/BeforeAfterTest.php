<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Brick\Math\BigRational;
use Chiralex\Fault\BeforeAfter;
use Chiralex\Fault\KitReport;
use Chiralex\Fault\Saving;
use Chiralex\Fault\ShippedKit;
use Chiralex\Fault\Turn;
use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BeforeAfterTest extends TestCase
{
    public function test_six_of_fifty_before_and_none_of_fifty_after_is_no_accident(): void
    {
        $now = $this->watched(50, 6, 50, 0);
        // All six fall among the first fifty of a hundred, by hand: the product of (50 - i) / (100 - i).
        $chance = 1.0;
        for ($i = 0; $i < 6; ++$i) {
            $chance *= (50 - $i) / (100 - $i);
        }
        self::assertEqualsWithDelta($chance, $now->chance, 1e-12);
        self::assertSame(Turn::Fell, $now->turn());
        self::assertNull($now->missing());
    }

    /** @return array<string, array{int, int, int, int, Turn}> */
    public static function turns(): array
    {
        return [
            'nothing after it yet' => [50, 6, 0, 0, Turn::Open],
            'nothing before it' => [50, 0, 50, 0, Turn::Open],
            // Four of eight, all before it: 1 in 70 by hand; three of six: 1 in 20; two of four: 1 in 6.
            'all four before it' => [4, 4, 4, 0, Turn::Fell],
            'all three before it' => [3, 3, 3, 0, Turn::Fell],
            'both before it' => [2, 2, 2, 0, Turn::Open],
            'all after it' => [4, 0, 4, 4, Turn::Rose],
        ];
    }

    #[DataProvider('turns')]
    public function test_it_fell_rose_or_is_open(int $before, int $hits, int $after, int $afterHits, Turn $turn): void
    {
        self::assertSame($turn, $this->watched($before, $hits, $after, $afterHits)->turn());
    }

    public function test_the_kits_that_are_missing_are_the_fewest_that_show_it(): void
    {
        $missing = (int) $this->watched(60, 2, 10, 0)->missing();
        self::assertSame(Turn::Fell, $this->watched(60, 2, 10 + $missing, 0)->turn());
        self::assertSame(Turn::Open, $this->watched(60, 2, 10 + $missing - 1, 0)->turn());
    }

    public function test_young_kits_and_other_causes_are_not_counted(): void
    {
        $kits = [
            new ShippedKit('K1', 'A', [], '', '', '2026-06-01'),
            new ShippedKit('K2', 'B', [], '', '', '2026-09-01'),
        ];
        $reports = [
            new KitReport('2026-06-20', 'K1', causes: ['LED1 reversed']),
            new KitReport('2026-09-10', 'K2', causes: ['D1 reversed']),
            new KitReport('2026-09-10', 'nobody', causes: ['D1 reversed']),
        ];
        $now = BeforeAfter::of(
            $kits,
            $reports,
            'D1 reversed',
            static fn(ShippedKit $kit): bool => $kit->revision === 'B',
            new DateTimeImmutable('2026-09-15'),
        );
        self::assertSame(
            [1, 0, 0, 0, 1],
            [$now->before, $now->beforeReported, $now->after, $now->afterReported, $now->young],
        );
    }

    public function test_what_mending_saves_is_share_times_price_times_kits_of_ninety_days(): void
    {
        // By hand: 2 of 190 kits at 10.00 are 0.105 a kit; 91 kits in 13 weeks are 90 in 90 days.
        $saving = Saving::of(2, 190, BigRational::of(10), 91, 13);
        self::assertNotNull($saving);
        self::assertEqualsWithDelta(20 / 190, $saving->each->toFloat(), 1e-9);
        self::assertEqualsWithDelta(90.0, $saving->kits->toFloat(), 1e-9);
        self::assertEqualsWithDelta(1800 / 190, $saving->total()->toFloat(), 1e-9);
        self::assertEqualsWithDelta(180 / 190, $saving->calls->toFloat(), 1e-9);
        self::assertTrue($saving->low->isLessThan($saving->each) && $saving->each->isLessThan($saving->high));
        self::assertNull(Saving::of(0, 0, BigRational::of(10), 91, 13));
    }

    private function watched(int $before, int $hits, int $after, int $afterHits): BeforeAfter
    {
        $kits = $reports = [];
        foreach (['A' => [$before, $hits], 'B' => [$after, $afterHits]] as $revision => [$count, $bad]) {
            for ($i = 0; $i < $count; ++$i) {
                $kits[] = new ShippedKit("{$revision}{$i}", $revision, [], '', '', '2026-06-01');
                if ($i < $bad) {
                    $reports[] = new KitReport('2026-06-20', "{$revision}{$i}", causes: ['D1 reversed']);
                }
            }
        }

        return BeforeAfter::of(
            $kits,
            $reports,
            'D1 reversed',
            static fn(ShippedKit $kit): bool => $kit->revision === 'B',
            new DateTimeImmutable('2026-09-15'),
        );
    }
}
