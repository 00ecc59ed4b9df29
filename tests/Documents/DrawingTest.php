<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Board\Side;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Tests\KitMaker;
use ChiralexAdapters\KitFiles;
use ChiralexRender\Svg\BoardSvg;
use ChiralexRender\Svg\CalloutPicture;
use ChiralexRender\Svg\SkylineSvg;
use PHPUnit\Framework\TestCase;
use SimpleXMLElement;

/** The one drawing of the board, and the board on the table. */
final class DrawingTest extends TestCase
{
    public function test_every_part_of_a_side_is_drawn_once_and_none_of_the_other(): void
    {
        $kit = KitMaker::kit(
            ['R1,1k,,', 'R2,2k,,', 'D1,1N4148,,'],
            ['R1,20,10,0,top', 'R2,20,20,90,top', 'D1,40,20,0,bottom'],
        );
        $svg = new BoardSvg($kit);

        self::assertSame(['R1', 'R2'], self::refs($svg->board($kit->boards[0], Side::Top)));
        self::assertSame(['D1'], self::refs($svg->board($kit->boards[0], Side::Bottom)));
    }

    public function test_names_that_people_typed_cannot_break_out_of_the_drawing(): void
    {
        $files = KitMaker::files(['R1,1k,,'], ['R1,20,10,0,top'], ['name' => '<script>alert(1)</script>" onload="x']);
        $drawing = (new BoardSvg((new KitReader())->read($files)))->board(
            (new KitReader())->read($files)->boards[0],
            Side::Top,
        );

        self::assertStringNotContainsString('<script', $drawing);
        self::assertSame(1, preg_match('~aria-label="[^"<]*"~', $drawing));
        self::assertInstanceOf(SimpleXMLElement::class, simplexml_load_string($drawing));
    }

    public function test_the_drawing_is_as_wide_as_the_board_in_the_direction_it_is_read(): void
    {
        $box = static function (int $reading): string {
            $kit = KitMaker::kit(['R1,1k,,'], ['R1,20,10,0,top'], ['settings' => ['reading' => $reading]]);
            preg_match(
                '~viewBox="0 0 ([\d.]+ [\d.]+)"~',
                (new BoardSvg($kit))->board($kit->boards[0], Side::Top),
                $found,
            );

            return $found[1] ?? '';
        };

        self::assertSame(['82 62', '62 82', '82 62'], [$box(0), $box(90), $box(180)]);
    }

    public function test_labels_of_the_demo_board_do_not_lie_on_each_other(): void
    {
        // Without its legend, whose names would be drawn instead of ours.
        $files = (new KitFiles())->fromPath(__DIR__ . '/../../database/demo/frost-bell');
        $kit = (new KitReader())->read(array_diff_key($files, ['legend-top.gbr' => true]));
        preg_match_all(
            '~<text class="ref" x="([\d.]+)" y="([\d.]+)" font-size="([\d.]+)"[^>]*>([^<]+)<~',
            (new BoardSvg($kit))->board($kit->boards[0], Side::Top),
            $labels,
            PREG_SET_ORDER,
        );
        self::assertGreaterThan(40, count($labels));
        foreach ($labels as $index => [, $x, $y, $size, $text]) {
            foreach (array_slice($labels, $index + 1) as [, $x2, $y2, , $text2]) {
                $apart =
                    abs((float) $x - (float) $x2) >= 0.3 * (float) $size * (strlen($text) + strlen($text2)) * 0.95 ||
                    abs((float) $y - (float) $y2) >= 0.75 * (float) $size;
                self::assertTrue($apart, "{$text} lies on {$text2}");
            }
        }
    }

    public function test_nothing_of_a_skyline_stands_below_the_table_and_what_touches_is_drawn_touching(): void
    {
        $kit = self::demo();
        $order = (new Planner())->plan($kit);
        self::assertInstanceOf(BuildOrder::class, $order);
        $drawn = 0;
        foreach ($order->steps as $step) {
            $svg = (new SkylineSvg($kit, $order))->step($step);
            if ($svg === null || $step->work->lie === null) {
                continue;
            }
            ++$drawn;
            $lowest = -INF;
            preg_match_all('~points="([^"]+)"~', $svg, $polygons);
            foreach ($polygons[1] as $points) {
                foreach (explode(' ', $points) as $point) {
                    $lowest = max($lowest, (float) explode(',', $point)[1]);
                }
            }
            self::assertLessThan(0.01, $lowest, "step {$step->number} cuts the table");
            self::assertGreaterThan(-0.01, $lowest, "step {$step->number} floats");
            self::assertSame(
                count($step->work->lie->contacts),
                substr_count((string) strstr($svg, 'class="contacts"'), '<path'),
                "step {$step->number}",
            );
        }
        self::assertGreaterThan(15, $drawn);
    }

    public function test_a_gate_and_work_off_the_board_have_no_skyline(): void
    {
        $kit = self::demo();
        $order = (new Planner())->plan($kit);
        self::assertInstanceOf(BuildOrder::class, $order);
        foreach ($order->steps as $step) {
            if ($step->gate !== null || $step->face?->board === null) {
                self::assertNull((new SkylineSvg($kit, $order))->step($step));
            }
        }
    }

    public function test_a_callouts_picture_holds_its_part_and_the_arrow_points_at_the_mark(): void
    {
        // D1 lies along x with its cathode at the left: the arrow comes from the left.
        $kit = KitMaker::kit(['D1,1N4148,,', 'R1,1k,,'], ['D1,40,30,0,top', 'R1,40,10,0,top']);
        $picture = (new CalloutPicture($kit))->of('D1');
        self::assertNotNull($picture);
        [$left, $top, $width, $height] = $picture['crop'];

        self::assertTrue($left < 41 && 41 < $left + $width && $top < 31 && 31 < $top + $height);
        self::assertNotNull($picture['arrow']);
        self::assertTrue($picture['arrow'][0] < $picture['arrow'][2] && $picture['arrow'][2] < 41);
        self::assertEqualsWithDelta($picture['arrow'][1], $picture['arrow'][3], 1e-6);
        self::assertNull((new CalloutPicture($kit))->of('R99'));
    }

    /** @return list<string> */
    private static function refs(string $svg): array
    {
        preg_match_all('~data-ref="([^"]+)"~', $svg, $found);
        sort($found[1]);

        return $found[1];
    }

    private static function demo(): Kit
    {
        return (new KitReader())->read((new KitFiles())->fromPath(dirname(__DIR__, 2) . '/database/demo/frost-bell'));
    }
}
