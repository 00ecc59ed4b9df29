<?php

declare(strict_types=1);

namespace Chiralex\Tests\Review;

use Chiralex\Board\Point;
use Chiralex\Review\Origins;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Places and outline that count from different origins. */
final class OriginsTest extends TestCase
{
    /** @return iterable<string, array{list<array{float, float}>, bool, ?array{float, float}}> places, whether an outline is given, the move into its middle */
    public static function boards(): iterable
    {
        yield 'all inside' => [[[10.0, 10.0], [20.0, 10.0]], true, null];
        yield 'two outside' => [[[110.0, 110.0], [130.0, 120.0]], true, [-80.0, -85.0]];
        yield 'one place tells nothing' => [[[110.0, 110.0]], true, null];
        yield 'half of them outside' => [[[110.0, 10.0], [20.0, 10.0]], true, null];
        yield 'more than half' => [[[110.0, 10.0], [120.0, 20.0], [20.0, 10.0]], true, [-30.0, 15.0]];
        yield 'to a hundredth' => [[[110.004, 110.0], [130.0, 120.013]], true, [-80.0, -85.01]];
        yield 'no outline given' => [[[110.0, 110.0], [130.0, 120.0]], false, null];
    }

    /**
     * @param list<array{float, float}> $places
     * @param ?array{float, float} $move
     */
    #[DataProvider('boards')]
    public function test_places_off_their_board_are_brought_into_its_middle(
        array $places,
        bool $given,
        ?array $move,
    ): void {
        $bom = $rows = [];
        foreach ($places as $index => [$x, $y]) {
            $bom[] = 'R' . ($index + 1) . ',1k,Axial 1/4W,';
            $rows[] = 'R' . ($index + 1) . ",{$x},{$y},0,top";
        }
        $board = $given ? ['outline' => [[0, 0], [80, 0], [80, 60], [0, 60]]] : ['thickness' => 1.6];

        self::assertEquals(
            $move === null ? [] : ['main' => new Point(...$move)],
            Origins::off(KitMaker::kit($bom, $rows, ['board' => $board])),
        );
    }

    public function test_each_board_is_looked_at_by_itself(): void
    {
        $outline = [[0, 0], [80, 0], [80, 60], [0, 60]];
        $kit = KitMaker::kit(
            ['R1,1k,,', 'R2,1k,,', 'R3,1k,,', 'R4,1k,,'],
            [],
            ['boards' => [['name' => 'main', 'outline' => $outline], ['name' => 'lamps', 'outline' => $outline]]],
            "Ref,X,Y,Rotation,Side,Board\nR1,10,10,0,top,main\nR2,20,20,0,top,main\nR3,140,30,0,top,lamps\nR4,160,30,0,top,lamps\n",
        );

        self::assertEquals(['lamps' => new Point(-110.0, 0.0)], Origins::off($kit));
    }
}
