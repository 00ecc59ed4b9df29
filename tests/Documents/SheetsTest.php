<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Bagging\MatCell;
use Chiralex\Bagging\SortingMat;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Planner;
use Chiralex\Kit\DrillFace;
use Chiralex\Kit\Hole;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Manual\DrillPlan;
use Chiralex\Manual\ManualPlanner;
use ChiralexAdapters\ChromiumPdf;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\PrintFonts;
use ChiralexAdapters\Program;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Manual\StepPictures;
use ChiralexRender\Print\BuyerSheet;
use ChiralexRender\Print\DrillSheet;
use ChiralexRender\Print\MatSheet;
use ChiralexRender\Print\OverlaySheet;
use ChiralexRender\Print\SafetySheet;
use ChiralexRender\Svg\DrillSvg;
use ChiralexRender\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sheets at true size, measured in the PDF's own geometry: strokes read back by pdftocairo, points turned into millimetres. */
final class SheetsTest extends TestCase
{
    /** What Chromium's rounding of a page to pixels may take, millimetres. */
    private const MILLIMETRES = 0.05;
    private const POINT = 25.4 / 72;

    /** @return iterable<string, array{string}> */
    public static function papers(): iterable
    {
        yield 'A4' => ['A4'];
        yield 'US Letter' => ['Letter'];
    }

    #[DataProvider('papers')]
    public function test_the_bars_of_a_drilling_template_are_100_mm_and_4_in_long_and_its_holes_stand_where_the_parts_stand(
        string $paper,
    ): void {
        $kit = self::kit('kiln-watch');
        $strokes = self::strokes((new DrillSheet(Words::english()))->of($kit, $paper, ''));
        $widths = array_map(static fn(array $stroke): float => $stroke['right'] - $stroke['left'], $strokes);

        self::assertHas(100.0, $widths);
        self::assertHas(101.6, $widths);
        // The panel lies over a board of 120 by 60 mm.
        self::assertHas(120.0, $widths);
        $a = $kit->part('RV4')?->place->body;
        $b = $kit->part('J6')?->place->body;
        self::assertNotNull($a);
        self::assertNotNull($b);
        // The cross hairs of a hole are 3 mm longer than its diameter.
        $crosses = array_map(
            static fn(array $stroke): array => [
                ($stroke['left'] + $stroke['right']) / 2,
                ($stroke['top'] + $stroke['bottom']) / 2,
            ],
            array_values(
                array_filter(
                    $strokes,
                    static fn(array $stroke): bool => abs(
                        $stroke['right'] - $stroke['left'] - ($stroke['bottom'] - $stroke['top']),
                    ) < 0.1,
                ),
            ),
        );
        self::assertHas(hypot($a->centre->x - $b->centre->x, $a->centre->y - $b->centre->y), self::distances($crosses));
    }

    public function test_a_sorting_mat_draws_bodies_and_bends_at_their_size_and_every_sheet_has_its_bars(): void
    {
        $kit = self::kit('kiln-watch');
        $order = (new Planner())->plan($kit);
        self::assertInstanceOf(BuildOrder::class, $order);
        $plan = (new BagPlanner())->plan($kit, $order);
        $html = (new MatSheet(Words::english()))->of($kit, $plan, 'A4', '');
        $sheets = substr_count($html, '<svg xmlns="http://www.w3.org/2000/svg" class="mat');
        self::assertGreaterThan(1, $sheets);
        self::assertSame($sheets, substr_count($html, 'class="checkbar"'));
        $widths = array_map(
            static fn(array $stroke): float => $stroke['right'] - $stroke['left'],
            self::strokes($html),
        );
        self::assertHas(100.0, $widths);
        // A quarter-watt resistor bent to four tenths of an inch.
        self::assertHas(10.16, $widths);
        foreach (SortingMat::cells($plan) as $cell) {
            if ($cell->designator !== '') {
                self::assertStringContainsString("data-ref=\"{$cell->designator}\"", $html);
            }
        }
        $resistors = array_filter(
            SortingMat::cells($plan),
            static fn(MatCell $cell): bool => $cell->measured && $cell->part->kind()->value === 'resistor',
        );
        self::assertCount(
            count(array_filter($kit->parts, static fn($part): bool => $part->kind()->value === 'resistor')),
            $resistors,
            'every resistor has a box for its reading',
        );
    }

    /** @return iterable<string, array{float, string}> millimetres, sixty-fourths of an inch */
    public static function drills(): iterable
    {
        yield '1/4 in exactly' => [6.35, "1/4\u{2009}in"];
        yield '7 mm' => [7.0, "9/32\u{2009}in"];
        yield '5.1 mm' => [5.1, "13/64\u{2009}in"];
        yield 'an inch' => [25.4, "1\u{2009}in"];
        yield 'an inch and a half' => [38.1, "1 1/2\u{2009}in"];
    }

    #[DataProvider('drills')]
    public function test_the_drill_in_inches_is_the_next_sixty_fourth_that_is_not_smaller(
        float $millimetres,
        string $drill,
    ): void {
        self::assertSame($drill, DrillSheet::fraction($millimetres));
        preg_match('~^(?:(\d+) )?(\d+)(?:/(\d+))?~', $drill, $parts);
        $inches = (float) $parts[1] + (float) $parts[2] / (float) ($parts[3] ?? 1);
        self::assertGreaterThanOrEqual($millimetres - 1e-9, $inches * 25.4);
        self::assertLessThan($millimetres, ($inches - 1 / 64) * 25.4);
    }

    public function test_a_face_larger_than_the_paper_is_laid_out_in_sheets_that_overlap(): void
    {
        $kit = self::kit('kiln-watch', [
            'drilling' => [
                [
                    'by' => 'LID1',
                    'face' => 'lid',
                    'size' => [300, 250],
                    'holes' => [['for' => 'vent', 'at' => [100, 50], 'diameter' => 8]],
                ],
            ],
            'groups' => [],
        ]);
        $html = (new DrillSheet(Words::english()))->of($kit, 'A4', '');
        preg_match_all('~<svg [^>]*viewBox="([\d. ]+)"~', $html, $found);
        [$width, $height] = DrillSvg::size(DrillPlan::of($kit)[0]);
        $right = $bottom = 0.0;
        foreach ($found[1] as $box) {
            [$left, $top, $w, $h] = array_map(floatval(...), explode(' ', $box));
            self::assertLessThanOrEqual(210.0 - 24.0, $w);
            self::assertTrue($left <= $right && $top <= max($bottom, 0.001), 'no gap between sheets');
            $right = max($right, $left + $w);
            $bottom = max($bottom, $top + $h);
        }
        self::assertGreaterThan(2, count($found[1]));
        self::assertEqualsWithDelta($width, $right, 1e-6);
        self::assertEqualsWithDelta($height, $bottom, 1e-6);
    }

    public function test_a_kit_with_nothing_to_drill_says_so_instead_of_an_empty_sheet(): void
    {
        self::assertStringContainsString(
            'Nothing of this kit is drilled. Say holes under Facts',
            (new DrillSheet(Words::english()))->of(self::kit('halt-signal'), 'A4', ''),
        );
    }

    public function test_a_panel_is_drilled_as_seen_from_outside_and_holes_the_maker_says_come_first(): void
    {
        $panel = DrillPlan::of(self::kit('kiln-watch'));
        self::assertSame(['PANEL1'], array_map(static fn(DrillFace $face): string => $face->by, $panel));
        self::assertSame(
            ['RV4', 'SW1', 'J6'],
            array_map(static fn(Hole $hole): string => $hole->for, $panel[0]->holes),
        );
        $kit = self::kit('kiln-watch');
        $body = $kit->part('RV4')?->place->body;
        self::assertNotNull($body);
        self::assertEqualsWithDelta($body->centre->x - 60.0, $panel[0]->holes[0]->x, 1e-9);
        self::assertEqualsWithDelta($body->centre->y - 30.0, $panel[0]->holes[0]->y, 1e-9);

        $said = DrillPlan::of(
            self::kit('kiln-watch', [
                'drilling' => [
                    [
                        'by' => 'PANEL1',
                        'size' => [120, 60],
                        'holes' => [
                            ['for' => 'RV4', 'at' => [1, 2]],
                            ['for' => 'SW1', 'at' => [20, 2], 'diameter' => 12],
                        ],
                    ],
                ],
            ]),
        );
        self::assertSame(
            [[1.0, 2.0, 7.0], [20.0, 2.0, 12.0]],
            array_map(static fn(Hole $hole): array => [$hole->x, $hole->y, $hole->diameter], $said[0]->holes),
        );
    }

    public function test_an_overlay_has_the_size_of_the_board_and_its_bars(): void
    {
        $strokes = self::strokes((new OverlaySheet(Words::english()))->of(self::kit('frost-bell'), 'A4', ''));
        $widths = array_map(static fn(array $stroke): float => $stroke['right'] - $stroke['left'], $strokes);
        $heights = array_map(static fn(array $stroke): float => $stroke['bottom'] - $stroke['top'], $strokes);

        self::assertHas(100.0, $widths);
        self::assertHas(101.6, $widths);
        // The board of Frost Bell is 100 by 70 mm, a quarter-watt resistor 6.3 by 2.5.
        self::assertHas(70.0, $heights);
        self::assertHas(6.3, [...$widths, ...$heights]);
    }

    public function test_a_label_is_drawn_at_the_size_its_row_says(): void
    {
        $kit = (new KitReader())->read([
            'bom.csv' => "Reference,Value,Package,Description\nLBL1,,60x25,front label\n",
        ]);
        $strokes = self::strokes((new OverlaySheet(Words::english()))->of($kit, 'A4', ''));

        self::assertHas(59.8, array_map(static fn(array $at): float => $at['right'] - $at['left'], $strokes));
        self::assertHas(24.8, array_map(static fn(array $at): float => $at['bottom'] - $at['top'], $strokes));
    }

    public function test_the_safety_file_names_each_hazard_with_its_measure_and_the_steps_on_one_page(): void
    {
        $kit = (new KitReader())->read((new KitFiles())->fromPath(dirname(__DIR__) . '/kits/pump-timer'));
        $order = (new Planner())->plan($kit);
        self::assertInstanceOf(BuildOrder::class, $order);
        $html = (new SafetySheet(Words::english()))->of(
            (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order)),
            'A4',
            '',
        );
        $text = strip_tags(str_replace('</td>', ' | ', $html));

        self::assertStringContainsString('240 V at supply: extra-low voltage ends at 50 V AC', $text);
        self::assertMatchesRegularExpression('~Mains \|.*Never work on it live\. \| in front, at steps \d~', $text);
        self::assertSame(1, substr_count((new ChromiumPdf())->print($html), '/Type /Page' . "\n"));
    }

    public function test_what_a_buyer_reads_beforehand_is_one_page(): void
    {
        foreach (['frost-bell', 'halt-signal', 'kiln-watch'] as $name) {
            $kit = self::kit($name);
            $order = (new Planner())->plan($kit);
            self::assertInstanceOf(BuildOrder::class, $order);
            $manual = (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order));
            $html = BuyerSheet::of(
                (new ManualDocument(Words::forBuilder($kit)))->of($manual),
                (new StepPictures($manual))->all()['cover'],
                PrintFonts::css(dirname(__DIR__, 2) . '/node_modules'),
            );
            self::assertSame(1, substr_count((new ChromiumPdf())->print($html), '/Type /Page' . "\n"), $name);
        }
    }

    /** @param array<string, mixed> $json laid over the demo's kit.json */
    private static function kit(string $name, array $json = []): Kit
    {
        $files = (new KitFiles())->fromPath(dirname(__DIR__, 2) . "/database/demo/{$name}");
        /** @var array<string, mixed> $root */
        $root = json_decode($files['kit.json'], true, 512, JSON_THROW_ON_ERROR);

        return (new KitReader())->read(['kit.json' => json_encode($json + $root, JSON_THROW_ON_ERROR)] + $files);
    }

    /** @param list<float> $values */
    private static function assertHas(float $wanted, array $values): void
    {
        $near = array_filter($values, static fn(float $value): bool => abs($value - $wanted) <= self::MILLIMETRES);
        self::assertNotSame([], $near, sprintf('nothing of %.2f mm', $wanted));
    }

    /**
     * @param list<array{float, float}> $points
     * @return list<float>
     */
    private static function distances(array $points): array
    {
        $distances = [];
        foreach ($points as $index => [$x, $y]) {
            foreach (array_slice($points, $index + 1) as [$a, $b]) {
                $distances[] = hypot($x - $a, $y - $b);
            }
        }

        return $distances;
    }

    /** @return list<array{left: float, right: float, top: float, bottom: float}> of every stroke on the first page, millimetres */
    private static function strokes(string $html): array
    {
        $base = sys_get_temp_dir() . '/chiralex-sheet-' . getmypid();
        file_put_contents("{$base}.pdf", (new ChromiumPdf())->print($html));
        $svg = Program::run(['pdftocairo', '-svg', '-f', '1', '-l', '1', "{$base}.pdf", '-']);
        unlink("{$base}.pdf");
        preg_match_all(
            '~<path style="fill:none;stroke-width:[^"]*" d="([^"]*)" transform="matrix\(([-\d.,]+)\)"~',
            $svg,
            $found,
            PREG_SET_ORDER,
        );
        $strokes = [];
        foreach ($found as [, $path, $matrix]) {
            [$a, , , $d, $e, $f] = array_map(floatval(...), explode(',', $matrix));
            preg_match_all('~(-?\d[\d.]*) (-?\d[\d.]*)~', $path, $points, PREG_SET_ORDER);
            $x = array_map(static fn(array $point): float => ((float) $point[1] * $a + $e) * self::POINT, $points);
            $y = array_map(static fn(array $point): float => ((float) $point[2] * $d + $f) * self::POINT, $points);
            if ($x !== [] && $y !== []) {
                $strokes[] = ['left' => min($x), 'right' => max($x), 'top' => min($y), 'bottom' => max($y)];
            }
        }

        return $strokes;
    }
}
