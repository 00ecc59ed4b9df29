<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Board\PlacedBody;
use Chiralex\Kit\Kit;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Zero orientation of packages by IEC 61188-7, from memory: level A has pin 1 upper left or left, level B lower left or below. */
final class ZeroOrientationTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, string, array{int, int}}> package, row, side, level, where pin 1 lies from the body's centre: signs of x and y */
    public static function places(): iterable
    {
        yield 'a DIP at level A' => ['U1,timer,DIP-8,IC', 'U1,40,30,0', 'top', 'A', [-1, 1]];
        yield 'a DIP at level B' => ['U1,timer,DIP-8,IC', 'U1,40,30,0', 'top', 'B', [-1, -1]];
        yield 'a DIP at level B, turned back by a quarter, is level A' => [
            'U1,timer,DIP-8,IC',
            'U1,40,30,270',
            'top',
            'B',
            [-1, 1],
        ];
        yield 'two pins at level A' => ['D1,1N4148,DO-35,diode', 'D1,40,30,0', 'top', 'A', [-1, 0]];
        yield 'two pins at level B' => ['D1,1N4148,DO-35,diode', 'D1,40,30,0', 'top', 'B', [0, -1]];
        // Below, the outline of level B is mirrored at the x axis before it turns: pin 1 comes out above.
        yield 'two pins at level B on the bottom' => ['D1,1N4148,DO-35,diode', 'D1,40,30,0', 'bottom', 'B', [0, 1]];
    }

    /** @param array{int, int} $signs */
    #[DataProvider('places')]
    public function test_pin_1_lies_where_the_level_says(
        string $part,
        string $place,
        string $side,
        string $level,
        array $signs,
    ): void {
        $body = self::body(KitMaker::kit([$part], ["{$place},{$side}"], self::board($level)), explode(',', $part)[0]);
        $x = $body->pins['1']->x - $body->centre->x;
        $y = $body->pins['1']->y - $body->centre->y;

        self::assertSame($signs, [self::sign($x), self::sign($y)]);
    }

    public function test_pins_the_maker_typed_stand_as_the_file_stands(): void
    {
        $kit = KitMaker::kit(
            ['D1,1N4148,DO-35,diode'],
            ['D1,40,30,0,top'],
            self::board('B') + ['lines' => ['D1' => ['pins' => ['1' => [-5, 0], '2' => [5, 0]]]]],
        );
        $body = self::body($kit, 'D1');

        self::assertEqualsWithDelta([35.0, 30.0], [$body->pins['1']->x, $body->pins['1']->y], 1e-9);
        self::assertEqualsWithDelta(
            0.0,
            $kit->part('D1')->place->placement->rotation ?? -1.0,
            1e-9,
            'the table of places shows what the file says',
        );
    }

    /** @return array<string, mixed> */
    private static function board(string $level): array
    {
        return ['board' => ['outline' => [[0, 0], [80, 0], [80, 60], [0, 60]], 'zeroOrientation' => $level]];
    }

    private static function body(Kit $kit, string $designator): PlacedBody
    {
        $body = $kit->part($designator)?->place->body;
        self::assertNotNull($body);

        return $body;
    }

    private static function sign(float $value): int
    {
        return abs($value) < 1e-6 ? 0 : ($value > 0 ? 1 : -1);
    }
}
