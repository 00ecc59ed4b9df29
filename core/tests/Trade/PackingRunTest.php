<?php

declare(strict_types=1);

namespace Chiralex\Tests\Trade;

use Chiralex\Trade\Exception\ImpossiblePacking;
use Chiralex\Trade\PackAction;
use Chiralex\Trade\PackEvent;
use Chiralex\Trade\PackingRun;
use Chiralex\Trade\PackWay;
use Chiralex\Trade\Whereabouts;
use PHPUnit\Framework\TestCase;

final class PackingRunTest extends TestCase
{
    public function test_a_run_goes_line_by_line_through_all_packs(): void
    {
        $run = PackingRun::after(2, 3, []);
        $turns = [];
        while ($run->turn() !== null) {
            $turns[] = $run->turn();
            $run = $run->then(new PackEvent(PackAction::In, ...$run->turn()));
        }
        self::assertSame([[0, 0], [0, 1], [0, 2], [1, 0], [1, 1], [1, 2]], $turns);
        self::assertSame([0, 1, 2], $run->complete());
    }

    public function test_bag_by_bag_a_pack_gets_all_its_lines_before_the_next(): void
    {
        $run = PackingRun::begun(2, 2, PackWay::BagByBag);
        $turns = $complete = [];
        for (; $run->turn() !== null; $run = $run->then(new PackEvent(PackAction::In, ...$run->turn()))) {
            $turns[] = $run->turn();
            $complete[] = $run->complete();
        }
        self::assertSame([[0, 0], [1, 0], [0, 1], [1, 1]], $turns);
        self::assertSame([[], [], [0], [0]], $complete);
    }

    public function test_bag_by_bag_undo_goes_back_the_same_way_and_a_kept_run_is_the_same(): void
    {
        $begun = PackingRun::begun(3, 2, PackWay::BagByBag);
        $all = [$begun];
        $run = $begun;
        foreach (
            [[0, 0, 'i'], [1, 0, 's'], [2, 0, 'i'], [0, 1, 'i'], [1, 1, 'i'], [2, 1, 'i']] as [$line, $pack, $sign]
        ) {
            $run = $run->then(new PackEvent($sign === 'i' ? PackAction::In : PackAction::Short, $line, $pack));
            self::assertEquals($run, PackingRun::standing(3, 2, $run->begunCells(), $run->marks(), PackWay::BagByBag));
            self::assertEquals([$line, $pack], [$run->last()?->line, $run->last()?->pack]);
            $all[] = $run;
        }
        self::assertSame([[0 => [1]], [1]], [$run->holes(), $run->complete()]);
        for ($back = 5; $back >= 0; --$back) {
            $run = $run->then(new PackEvent(PackAction::Undo, 0, 0));
            self::assertEquals($all[$back], $run);
        }
    }

    public function test_undo_takes_back_the_last_event_whatever_it_was(): void
    {
        $run = PackingRun::after(2, 2, [
            new PackEvent(PackAction::In, 0, 0),
            new PackEvent(PackAction::Lot, 0, 1, '26-311'),
            new PackEvent(PackAction::Undo, 0, 0),
            new PackEvent(PackAction::Undo, 0, 0),
        ]);
        self::assertSame([0, 0], $run->turn());
        self::assertSame([], $run->lots());
        $this->expectExceptionObject(ImpossiblePacking::nothingToUndo());
        $run->then(new PackEvent(PackAction::Undo, 0, 0));
    }

    public function test_a_pack_that_lacks_a_line_is_not_complete_and_the_line_is_named(): void
    {
        $run = PackingRun::after(2, 2, [
            new PackEvent(PackAction::In, 0, 0),
            new PackEvent(PackAction::Short, 0, 1),
            new PackEvent(PackAction::In, 1, 0),
            new PackEvent(PackAction::In, 1, 1),
        ]);
        self::assertSame([0], $run->complete());
        self::assertSame([0], $run->shortLines());
        self::assertSame(['is', 'ii'], $run->cells());
    }

    public function test_a_hole_is_filled_at_any_later_time_and_undone_like_everything_else(): void
    {
        $run = PackingRun::after(2, 2, [
            new PackEvent(PackAction::Short, 0, 0),
            new PackEvent(PackAction::Short, 0, 1),
            new PackEvent(PackAction::In, 1, 0),
            new PackEvent(PackAction::In, 1, 1),
        ]);
        self::assertSame([[0 => [0], 1 => [0]], []], [$run->holes(), $run->complete()]);

        $filled = $run->then(new PackEvent(PackAction::Fill, 0, 1));
        self::assertSame([[0 => [0]], [1]], [$filled->holes(), $filled->complete()]);
        self::assertEquals(new PackEvent(PackAction::Fill, 0, 1), $filled->last());
        self::assertSame([], $filled->lots(), 'a filled hole names no lot');
        $kept = PackingRun::standing(2, 2, $filled->begunCells(), $filled->marks());
        self::assertEquals($run, $kept->then(new PackEvent(PackAction::Undo, 0, 0)));
        self::assertSame(
            3,
            $filled->then(new PackEvent(PackAction::Undo, 0, 0))->then(new PackEvent(PackAction::Undo, 0, 0))->filled,
        );

        $this->expectExceptionObject(ImpossiblePacking::noHole(1, 2));
        $filled->then(new PackEvent(PackAction::Fill, 0, 1));
    }

    public function test_two_packers_on_one_run_cannot_count_a_bag_twice(): void
    {
        $this->expectExceptionObject(ImpossiblePacking::otherTurn(1, 2));
        PackingRun::after(2, 2, [new PackEvent(PackAction::In, 0, 0), new PackEvent(PackAction::In, 0, 0)]);
    }

    public function test_nothing_follows_a_finished_run_but_an_undo(): void
    {
        $run = PackingRun::after(1, 1, [new PackEvent(PackAction::In, 0, 0)]);
        self::assertNull($run->turn());
        self::assertSame([0, 0], $run->then(new PackEvent(PackAction::Undo, 0, 0))->turn());
        $this->expectExceptionObject(ImpossiblePacking::finished());
        $run->then(new PackEvent(PackAction::In, 0, 0));
    }

    public function test_lots_are_kept_by_line_in_the_order_of_use(): void
    {
        $run = PackingRun::after(1, 3, [
            new PackEvent(PackAction::Lot, 0, 0, '26-311'),
            new PackEvent(PackAction::In, 0, 0),
            new PackEvent(PackAction::Lot, 0, 1, '26-340'),
            new PackEvent(PackAction::In, 0, 1),
        ]);
        self::assertSame([0 => ['26-311', '26-340']], $run->lots());
    }

    public function test_a_kit_is_shipped_only_from_its_order_and_comes_back_only_from_a_customer(): void
    {
        self::assertTrue(Whereabouts::Packed->mayBecome(Whereabouts::Allocated));
        self::assertTrue(Whereabouts::Allocated->mayBecome(Whereabouts::Shipped));
        self::assertTrue(Whereabouts::Shipped->mayBecome(Whereabouts::Returned));
        self::assertTrue(Whereabouts::Returned->mayBecome(Whereabouts::Packed));
        self::assertFalse(Whereabouts::Returned->mayBecome(Whereabouts::Allocated));
        self::assertFalse(Whereabouts::Packed->mayBecome(Whereabouts::Shipped));
        self::assertFalse(Whereabouts::Shipped->mayBecome(Whereabouts::Allocated));
        self::assertFalse(Whereabouts::Allocated->mayBecome(Whereabouts::Unpacked));
        self::assertFalse(Whereabouts::Scrapped->mayBecome(Whereabouts::Packed));
    }
}
