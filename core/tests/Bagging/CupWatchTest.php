<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Packing\BinState;
use Chiralex\Bagging\Packing\CupWatch;
use Chiralex\Bagging\Packing\ScaleReading;
use Chiralex\Bagging\Weighing\LineMass;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Kit\Weighing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Resistors of 0.214 g, two for each bag, a bag of 1.30 g in a tared cup, on a scale of 0.01 g, ten readings a second. */
final class CupWatchTest extends TestCase
{
    private const PIECE = 0.214;
    private const BAG = 1.3;

    /** @return iterable<string, array{list<float>, BinState, int, int}> what the scale shows, second by second */
    public static function seconds(): iterable
    {
        $in = static fn(float $pieces): float => self::BAG + $pieces * self::PIECE;
        yield 'two pieces into the bag' => [[$in(0), $in(2)], BinState::Took, 2, 1];
        yield 'one piece' => [[$in(0), $in(1)], BinState::Unclear, 1, 0];
        yield 'one piece, and the other after it' => [[$in(0), $in(1), $in(2)], BinState::Took, 2, 1];
        yield 'three pieces' => [[$in(0), $in(3)], BinState::Unclear, 3, 0];
        yield 'pieces of two kits' => [[$in(0), $in(4)], BinState::Unclear, 4, 0];
        yield 'a heavier part' => [[$in(0), $in(2.5)], BinState::Unclear, 3, 0];
        yield 'two pieces came out again' => [[$in(4), $in(2)], BinState::PutBack, 2, 0];
        yield 'nothing' => [[$in(2), $in(2)], BinState::Ready, 0, 0];
        yield 'no bag in the cup' => [[0.0, 0.0], BinState::NoBag, 0, 0];
        yield 'the bag was taken out' => [[$in(2), 0.0], BinState::NoBag, 0, 0];
        yield 'a bag as heavy as two pieces is a bag' => [[0.0, 2 * self::PIECE], BinState::BagSet, 0, 0];
        yield 'the full bag out, an empty one in' => [[$in(9), 0.0, $in(0)], BinState::BagSet, 0, 0];
        yield 'the full bag exchanged in one move' => [[$in(9), $in(0)], BinState::Unclear, 9, 0];
    }

    /** @param list<float> $shown */
    #[DataProvider('seconds')]
    public function test_what_happens_in_the_cup(array $shown, BinState $is, int $pieces, int $kits): void
    {
        $verdict = self::watch()->verdict(self::stands($shown), (float) count($shown));
        self::assertSame([$is, $pieces, $kits], [$verdict->state, $verdict->pieces, $verdict->kits]);
    }

    public function test_the_scale_is_told_as_it_shows_and_a_gain_is_more(): void
    {
        $verdict = self::watch()->verdict(self::stands([self::BAG, self::BAG + 2 * self::PIECE]), 2.0);
        self::assertEqualsWithDelta([1.73, 0.43], [$verdict->grams, $verdict->change], 0.011);
    }

    public function test_the_first_pieces_after_a_new_bag_count_by_themselves(): void
    {
        $set = self::watch()->verdict(self::stands([0.0, self::BAG]), 2.0);
        self::assertSame(BinState::BagSet, $set->state);
        $more = self::stands([0.0, self::BAG, self::BAG + 2 * self::PIECE]);
        self::assertSame(BinState::Took, self::watch()->verdict($more, 3.0, $set->until)->state);
    }

    public function test_a_bag_stood_in_between_two_looks_is_no_piece(): void
    {
        $empty = self::watch()->verdict(self::stands([0.0]), 1.0);
        self::assertSame(BinState::NoBag, $empty->state);
        $set = self::watch()->verdict(self::stands([0.0, 2 * self::PIECE]), 2.0, $empty->until);
        self::assertSame(BinState::BagSet, $set->state);
    }

    public function test_what_was_open_is_told_with_the_piece_that_follows(): void
    {
        $open = self::watch()->verdict(self::stands([self::BAG, self::BAG + self::PIECE]), 2.0);
        $later = self::stands([self::BAG, self::BAG + self::PIECE, self::BAG + 2 * self::PIECE]);
        $told = self::watch()->verdict($later, 3.0, $open->until, (float) $open->change);
        self::assertSame([BinState::Took, 1], [$told->state, $told->kits]);
    }

    public function test_silence_is_off(): void
    {
        self::assertSame(BinState::Off, self::watch()->verdict([], 1.0)->state);
    }

    private static function watch(): CupWatch
    {
        $weighings = [];
        foreach ([10, 10, 20, 20, 40, 40] as $i => $n) {
            $weighings[] = new Weighing('R1', $n, $n * self::PIECE + ($i % 2 === 0 ? 0.01 : -0.01));
        }
        $mass = LineMass::of($weighings, 0.01);
        self::assertNotNull($mass);

        return new CupWatch($mass, new Scale(0.01, 0.005), 2);
    }

    /**
     * @param list<float> $shown
     * @return list<ScaleReading> a second each, the first two tenths of it a hand
     */
    private static function stands(array $shown): array
    {
        $readings = [];
        foreach ($shown as $second => $grams) {
            for ($tenth = 0; $tenth < 10; ++$tenth) {
                $isHand = $second > 0 && $tenth < 2;
                $readings[] = new ScaleReading($second + $tenth / 10, round($isHand ? 60.0 : $grams, 2), !$isHand);
            }
        }

        return $readings;
    }
}
