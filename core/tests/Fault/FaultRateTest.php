<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Fault\Cause;
use Chiralex\Fault\FaqEntry;
use Chiralex\Fault\FaqPlaces;
use Chiralex\Fault\FaultOrigin;
use Chiralex\Fault\FaultRate;
use Chiralex\Fault\ReportedFault;
use Chiralex\Fault\Shares;
use Chiralex\Fault\Symptom;
use PHPUnit\Framework\TestCase;

final class FaultRateTest extends TestCase
{
    public function test_a_kit_that_reports_twice_counts_once(): void
    {
        $rate = FaultRate::of(array_fill(0, 50, 90), [
            self::report('FB-1', 90),
            self::report('FB-1', 90),
            self::report('FB-2', 60),
        ]);
        self::assertSame([2, 50], [$rate->reported, $rate->kits]);
        self::assertEqualsWithDelta(0.04, $rate->share, 1e-12);
        self::assertSame(['reported' => 2, 'kits' => 50, 'days' => 30], array_slice($rate->reason->args, 0, 3));
    }

    public function test_kits_shipped_less_than_thirty_days_ago_stand_apart_with_their_reports(): void
    {
        $rate = FaultRate::of([90, 90, 30, 29, 3], [self::report('FB-1', 30), self::report('FB-2', 29)]);
        self::assertSame([3, 1, 2, 1], [$rate->kits, $rate->reported, $rate->youngKits, $rate->youngReports]);
    }

    public function test_reports_without_a_known_serial_stand_apart(): void
    {
        $rate = FaultRate::of([90], [self::report(null, 0), self::report(null, 0)]);
        self::assertSame([0, 2], [$rate->reported, $rate->withoutSerial]);
    }

    public function test_without_shipped_kits_there_is_no_rate(): void
    {
        self::assertNull(FaultRate::of([], [])->share);
    }

    public function test_shares_name_every_origin_and_leave_open_reports_apart(): void
    {
        $shares = Shares::of([
            self::report('1', 90, Cause::Reversed),
            self::report('2', 90, Cause::Reversed),
            self::report('3', 90, Cause::Supply),
            self::report('4', 90),
        ]);
        self::assertSame([3, 1], [$shares->judged, $shares->open]);
        self::assertSame(['reversed-part' => 2, 'supply-or-battery' => 1], $shares->causes);
        self::assertSame(
            ['builder' => 2, 'part' => 0, 'document' => 0, 'design' => 0, 'equipment' => 1, 'none' => 0],
            $shares->origins,
        );
    }

    public function test_an_entry_stands_at_the_step_that_holds_most_of_its_parts(): void
    {
        $steps = [
            ['number' => 1, 'names' => ['D1', 'D2']],
            ['number' => 2, 'names' => ['ZD1', 'D3']],
            ['number' => 3, 'names' => ['supply']],
        ];
        $entries = [
            new FaqEntry(1, Symptom::Nothing, Cause::Reversed, 'Nothing happens', 'Turn D1.', ['D1'], 2),
            new FaqEntry(
                2,
                Symptom::Hot,
                Cause::Swapped,
                'It gets hot',
                'ZD1 and D3 look alike.',
                ['D2', 'ZD1', 'D3'],
                5,
            ),
            new FaqEntry(3, Symptom::Nothing, Cause::Supply, 'No reading', 'A fresh battery.', ['supply'], 2),
            new FaqEntry(4, Symptom::Other, Cause::AsDesigned, 'It clicks', 'It is meant to.', ['gone'], 0),
        ];
        $placed = (new FaqPlaces())->placed($entries, $steps);
        self::assertSame(
            [[2, 2], [1, 1], [3, 3], [4, null]],
            array_map(static fn(array $each): array => [$each['entry']->id, $each['step']], $placed),
        );
    }

    public function test_each_of_the_six_origins_is_usual_for_some_cause(): void
    {
        $origins = array_unique(
            array_map(static fn(Cause $cause): string => $cause->usualOrigin()->value, Cause::cases()),
        );
        sort($origins);
        $all = array_map(static fn(FaultOrigin $origin): string => $origin->value, FaultOrigin::cases());
        sort($all);
        self::assertSame($all, $origins);
    }

    private static function report(?string $serial, int $days, ?Cause $cause = null): ReportedFault
    {
        return new ReportedFault(
            $serial,
            $days,
            $cause === null ? null : Symptom::Nothing,
            $cause,
            $cause?->usualOrigin(),
        );
    }
}
