<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Brick\Math\BigDecimal;
use Chiralex\Supply\Plank;
use Chiralex\Supply\Planks;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlanksTest extends TestCase
{
    public function test_the_shortest_plank_says_how_many_kits_can_be_packed_today(): void
    {
        $planks = Planks::of([self::plank('R1', 2, 41), self::plank('U1', 1, 19), self::plank('C1', 3, 60)]);
        self::assertSame(['U1', 'C1', 'R1'], array_column($planks->planks, 'key'));
        self::assertSame(19, $planks->waterline());
        self::assertSame(0, Planks::of([])->waterline());
    }

    public function test_what_is_ordered_lifts_the_line_once_it_has_come(): void
    {
        $planks = Planks::of([self::plank('R1', 2, 40), self::plank('U1', 1, 12, 0, 20)]);
        self::assertSame(12, $planks->waterline());
        self::assertSame(20, $planks->laterWaterline());
    }

    /** @return iterable<string, array{int, int, int, int}> per kit, on hand, promised, kits */
    public static function reaches(): iterable
    {
        yield 'one short of a kit more' => [4, 11, 0, 2];
        yield 'just a kit more' => [4, 12, 0, 3];
        yield 'runs take theirs first' => [4, 12, 1, 2];
        yield 'runs take all' => [4, 12, 12, 0];
        yield 'runs take more than there is' => [4, 12, 40, 0];
        yield 'below nought' => [4, -3, 0, 0];
    }

    #[DataProvider('reaches')]
    public function test_a_plank_is_as_long_as_the_kits_that_its_pieces_reach_for(
        int $perKit,
        int $onHand,
        int $promised,
        int $kits,
    ): void {
        self::assertSame($kits, self::plank('R1', $perKit, $onHand, $promised)->kits());
        self::assertSame(
            max(0, intdiv($onHand, $perKit)),
            self::plank('R1', $perKit, $onHand, $promised)->onHandKits(),
        );
    }

    private static function plank(string $key, int $perKit, int $onHand, int $promised = 0, int $onOrder = 0): Plank
    {
        return new Plank(
            $key,
            BigDecimal::of($perKit),
            BigDecimal::of($onHand),
            BigDecimal::of($promised),
            BigDecimal::of($onOrder),
        );
    }
}
