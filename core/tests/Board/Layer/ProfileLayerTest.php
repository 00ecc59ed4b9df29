<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board\Layer;

use Chiralex\Board\Layer\Layer;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Layer\ProfileLayer;
use Chiralex\Board\Point;
use Chiralex\Board\Polygon;
use PHPUnit\Framework\TestCase;

/** Outlines from lines in any order and direction. */
final class ProfileLayerTest extends TestCase
{
    public function test_lines_in_any_order_and_direction_among_loose_ones_make_the_same_outline(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 40; ++$round) {
            $corners = [];
            $count = mt_rand(3, 60);
            for ($i = 0; $i < $count; ++$i) {
                $r = mt_rand(2_000, 4_000) / 100;
                $corners[] = new Point($r * cos((2 * M_PI * $i) / $count), $r * sin((2 * M_PI * $i) / $count));
            }
            $pieces = [];
            foreach ($corners as $i => $corner) {
                $next = $corners[($i + 1) % $count];
                // Ends meet within the tolerance, not exactly.
                $off = new Point($next->x + mt_rand(-4, 4) / 1000, $next->y + mt_rand(-4, 4) / 1000);
                $pieces[] = mt_rand(0, 1) === 0 ? [$corner, $off] : [$off, $corner];
            }
            for ($i = 0; $i < 20; ++$i) {
                $x = 100 + 3 * $i;
                $pieces[] = [new Point($x, 0.0), new Point($x + 1, 1.0)];
                $pieces[] = [new Point($x, 5.0), new Point($x, 5.0)];
            }
            shuffle($pieces);
            $contours = (new ProfileLayer())->contours(self::layer($pieces));

            self::assertCount(1, $contours, "round {$round}");
            self::assertEqualsWithDelta((new Polygon($corners))->area(), $contours[0]->area(), 2.0, "round {$round}");
        }
    }

    public function test_ends_further_apart_than_a_hundredth_do_not_meet(): void
    {
        $square = static fn(float $gap): array => [
            [new Point(0.0, 0.0), new Point(10.0, 0.0)],
            [new Point(10.0, 0.0), new Point(10.0, 10.0)],
            [new Point(10.0, 10.0), new Point(0.0, 10.0)],
            [new Point(0.0, 10.0), new Point(0.0, $gap)],
        ];

        self::assertCount(1, (new ProfileLayer())->contours(self::layer($square(0.009))));
        self::assertCount(0, (new ProfileLayer())->contours(self::layer($square(0.011))));
    }

    /** @param list<array{Point, Point}> $pieces */
    private static function layer(array $pieces): Layer
    {
        return new Layer(
            'outline.gbr',
            ['Profile'],
            array_map(static fn(array $points): LayerObject => new LayerObject('draw', $points, [], [], 0.1), $pieces),
        );
    }
}
