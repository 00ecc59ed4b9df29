<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Bagging\Cutting\CuttingPlanner;
use Chiralex\Kit\KitReader;
use ChiralexRender\Print\CutPage;
use ChiralexRender\Svg\RulerSvg;
use ChiralexRender\Words;
use PHPUnit\Framework\TestCase;

/** The sheet that lies beside the cutters. */
final class CutPageTest extends TestCase
{
    public function test_each_pattern_has_a_box_its_pieces_and_what_is_left(): void
    {
        $page = self::page([
            'stock' => [['name' => '<b>red</b> wire', 'colour' => 'red', 'length' => 500]],
            'wires' => [
                ['name' => 'W1', 'from' => 'J1.1', 'to' => 'J1.2', 'mm' => 160, 'colour' => 'red'],
                ['name' => 'W2', 'from' => 'J1.1', 'to' => 'J1.2', 'mm' => 170, 'colour' => 'red'],
            ],
            'windings' => [['part' => 'J1', 'turns' => 32, 'former' => 8, 'wire' => 0.4, 'pitch' => 0.4]],
        ]);

        self::assertStringContainsString('to cut for 3 kits', $page);
        self::assertStringContainsString('2 × &lt;b&gt;red&lt;/b&gt; wire, 500 mm', $page);
        self::assertSame(2, substr_count($page, "\u{25A1} 1"));
        self::assertStringContainsString('170: 3 (W2)', $page);
        self::assertStringContainsString('J1: cut 844.6 mm of winding wire', $page);
    }

    public function test_a_kit_of_which_nothing_is_cut_says_where_to_say_it(): void
    {
        $page = self::page([]);

        self::assertStringContainsString('Facts, Cutting', $page);
        self::assertStringNotContainsString('class="ruler"', $page);
    }

    public function test_the_ruler_is_as_long_as_it_says(): void
    {
        $ruler = RulerSvg::of();

        self::assertSame(1, preg_match('~width="(\d+)mm" height="18mm" viewBox="-3 0 (\d+) 18"~', $ruler, $found));
        self::assertSame($found[1], $found[2], 'one unit of the drawing is one millimetre');
        self::assertSame(171 + 67, substr_count($ruler, '<path d="M') - 1, 'a tick a millimetre, a tick a position');
    }

    /** @param array<string, mixed> $json */
    private static function page(array $json): string
    {
        $kit = (new KitReader())->read([
            'bom.csv' => "Ref,Value,Package\nJ1,2 way,5.08\n",
            'kit.json' => (string) json_encode($json + ['name' => 'Tide Lamp']),
        ]);

        return (new CutPage(Words::english()))->of($kit, (new CuttingPlanner())->plan($kit, 3), 'A4', '');
    }
}
