<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board\Letters;

use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Letters\Glyphs;
use Chiralex\Board\Letters\Words;
use Chiralex\Board\Point;
use PHPUnit\Framework\TestCase;

/** What counts as a letter, and where a legend is too much to be read. */
final class GlyphsTest extends TestCase
{
    public function test_lines_that_touch_or_cross_are_one_letter_and_what_is_larger_than_a_letter_is_none(): void
    {
        $cross = [self::line([0.0, 1.0, 2.0, 1.0]), self::line([1.0, 0.0, 1.0, 2.0])];
        self::assertCount(1, Glyphs::of($cross));
        self::assertCount(2, Glyphs::of([...$cross, self::line([5.0, 0.0, 5.0, 1.0])]));
        self::assertCount(1, Glyphs::of([self::line([0.0, 0.0, 0.0, 3.2])]));
        self::assertCount(0, Glyphs::of([self::line([0.0, 0.0, 0.0, 3.3])]));
        self::assertCount(0, Glyphs::of([self::line([0.0, 0.0, 0.0, 2.0]), self::line([0.0, 2.0, 0.0, 4.0])]));
    }

    public function test_a_scribble_is_not_read(): void
    {
        $tangled = [];
        for ($i = 0; $i < 120; ++$i) {
            $points = [];
            for ($j = 0; $j < 200; ++$j) {
                $points[] = 1.0 + sin($i + 7.0 * $j) / 2;
                $points[] = 1.0 + cos(3.0 * $i + $j) / 2 + 0.2 * $i;
            }
            $tangled[] = self::line($points);
        }

        self::assertSame([], Glyphs::of($tangled));
        self::assertSame([], Glyphs::of(array_fill(0, 20_001, self::line([0.0, 0.0, 1.0, 0.0]))));
    }

    public function test_more_letters_than_any_board_has_make_no_words(): void
    {
        $letters = static fn(int $count): array => Glyphs::of(
            array_map(static fn(int $i): LayerObject => self::line([2.0 * $i, 0.0, 2.0 * $i, 1.0]), range(1, $count)),
        );

        self::assertNotSame([], Words::of($letters(50), false));
        self::assertSame([], Words::of($letters(12_001), false));
    }

    /** @param list<float> $at x and y in turn */
    private static function line(array $at): LayerObject
    {
        $points = array_map(static fn(array $pair): Point => new Point($pair[0], $pair[1]), array_chunk($at, 2));

        return new LayerObject('draw', $points === [] ? [new Point(0.0, 0.0)] : $points, [], [], 0.1);
    }
}
