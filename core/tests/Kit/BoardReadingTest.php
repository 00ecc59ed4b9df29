<?php

declare(strict_types=1);

namespace Chiralex\Tests\Kit;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\KitCallouts;
use Chiralex\Build\Planner;
use Chiralex\Kit\DerivedCircuit;
use Chiralex\Kit\Edit\EditKind;
use Chiralex\Kit\Exception\UnusableEdit;
use Chiralex\Kit\Folder;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\RoleList;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the files of a board say of a kit: all data here is invented, by hand. */
final class BoardReadingTest extends TestCase
{
    private const BOM =
        "Designator,Value,Package,Description\n" .
        "D1,1N4148,DO-35,diode\nLED1,red,LED 5mm,LED\nR1,1k,Axial 1/4W,resistor\nU1,NE555,DIP-8,timer\n" .
        "C1,100u,electrolytic 6.3x11,electrolytic capacitor\n";
    private const PLACES =
        "Designator,X,Y,Rotation,Side\n" .
        "D1,10,10,0,top\nLED1,30,10,0,top\nR1,10,20,0,top\nU1,30,25,0,top\nC1,50,10,0,top\n";
    private const OUTLINE = [[0, 0, 60, 0], [60, 0, 60, 40], [60, 40, 0, 40], [0, 40, 0, 0]];

    /** @return iterable<string, array{string, list<array{float, float, float, float}>, string}> part, lines drawn, mark */
    public static function signs(): iterable
    {
        $box = static fn(float $l, float $b, float $r, float $t): array => [
            [$l, $b, $r, $b],
            [$r, $b, $r, $t],
            [$r, $t, $l, $t],
            [$l, $t, $l, $b],
        ];
        yield 'nothing' => ['D1', [], 'none'];
        yield 'a body alone' => ['D1', $box(7.9, 9.0, 12.1, 11.0), 'none'];
        yield 'a line across, at an end' => ['D1', [...$box(7.9, 9.0, 12.1, 11.0), [8.7, 9.0, 8.7, 11.0]], 'bar'];
        yield 'a line across, in the middle' => [
            'D1',
            [...$box(7.9, 9.0, 12.1, 11.0), [10.0, 9.0, 10.0, 11.0]],
            'none',
        ];
        yield 'a line along' => ['D1', [...$box(7.9, 9.0, 12.1, 11.0), [8.5, 10.0, 11.5, 10.0]], 'none'];
        yield 'a plus' => ['C1', [[45.5, 10.0, 46.5, 10.0], [46.0, 9.5, 46.0, 10.5]], 'plus'];
        yield 'two strokes that do not cross' => ['C1', [[45.5, 10.0, 46.5, 10.0], [46.0, 11.0, 46.0, 12.0]], 'none'];
        yield 'a level stroke by itself beside a pin' => ['C1', [[53.7, 11.5, 54.7, 11.5]], 'minus'];
        yield 'an upright one' => ['C1', [[54.2, 11.0, 54.2, 12.0]], 'none'];
        yield 'a level one with another 1.1 mm off' => [
            'C1',
            [[53.7, 11.5, 54.7, 11.5], [54.2, 12.6, 54.2, 13.6]],
            'none',
        ];
        yield 'a level one as far from either pin' => ['C1', [[49.5, 13.6, 50.5, 13.6]], 'none'];
        yield 'a letter X beside' => ['C1', [[45.5, 9.5, 46.5, 10.5], [45.5, 10.5, 46.5, 9.5]], 'none'];
        yield 'two strokes that cross aslant' => ['C1', [[45.5, 9.7, 46.5, 10.3], [45.5, 10.3, 46.5, 10.3]], 'none'];
    }

    /** @param list<array{float, float, float, float}> $lines */
    #[DataProvider('signs')]
    public function test_a_sign_of_direction_is_known_by_its_shape(string $part, array $lines, string $mark): void
    {
        $print = self::kit(['b.gto' => self::layer($lines)])->findings->drawn->prints[$part];

        self::assertSame([$mark, $mark !== 'none'], [$print->mark, $print->hasDirection()]);
    }

    /** @return iterable<string, array{string, list<array{float, float}>, string}> part, corners of an area, mark */
    public static function areas(): iterable
    {
        yield 'a filled bar at an end' => ['D1', [[8.4, 9.0], [8.9, 9.0], [8.9, 11.0], [8.4, 11.0]], 'bar'];
        yield 'a filled bar in the middle' => ['D1', [[9.7, 9.0], [10.3, 9.0], [10.3, 11.0], [9.7, 11.0]], 'none'];
        yield 'a filled half of a can' => ['C1', [[51.0, 7.3], [52.8, 9.0], [52.8, 11.0], [51.0, 12.7]], 'minus'];
        yield 'a filled can' => ['C1', [[47.0, 8.0], [50.0, 7.0], [53.0, 8.0], [53.0, 12.0], [47.0, 12.0]], 'none'];
    }

    /** @param list<array{float, float}> $corners */
    #[DataProvider('areas')]
    public function test_a_filled_area_is_a_sign_by_its_place(string $part, array $corners, string $mark): void
    {
        $mm = static fn(array $at): string => sprintf('X%dY%d', round($at[0] * 1e6), round($at[1] * 1e6));
        $legend =
            "%TF.FileFunction,Legend,Top*%\n%FSLAX46Y46*%\n%MOMM*%\nG36*\n" .
            implode(
                '',
                array_map(
                    static fn(array $at, int $index): string => $mm($at) . ($index === 0 ? 'D02' : 'D01') . "*\n",
                    [...$corners, $corners[0]],
                    array_keys([...$corners, $corners[0]]),
                ),
            ) .
            "G37*\nM02*\n";

        self::assertSame($mark, self::kit(['b.gto' => $legend])->findings->drawn->prints[$part]->mark);
    }

    public function test_letters_beside_a_body_are_its_designator_and_lines_far_off_are_nobodys(): void
    {
        $letters = [];
        foreach ([8.0, 9.0, 10.0] as $x) {
            $letters[] = [$x, 22.6, $x, 23.6];
        }
        $prints = self::kit(['b.gto' => self::layer([...$letters, [10.0, 32.0, 11.0, 32.0]])])->findings->drawn->prints;

        self::assertSame(['designator'], $prints['R1']->shows);
        self::assertSame(['nothing'], $prints['D1']->shows);
    }

    public function test_without_a_legend_nothing_is_said_of_prints(): void
    {
        self::assertSame([], self::kit([])->findings->drawn->prints);
        self::assertSame(
            [],
            self::kit(['b.gbo' => self::layer([])])->findings->drawn->prints,
            'the legend of the other side',
        );
    }

    public function test_marks_say_what_the_legend_shows_and_the_usual_only_without_one(): void
    {
        $bar = self::layer([[8.7, 9.0, 8.7, 11.0]]);
        self::assertSame('bar', self::boardMark(self::kit([]), 'D1'), 'usual for the kind');
        self::assertSame('bar', self::boardMark(self::kit(['b.gto' => $bar]), 'D1'));
        self::assertNull(self::boardMark(self::kit(['b.gto' => self::layer([])]), 'D1'), 'looked at, and not there');
        self::assertNull(self::boardMark(self::kit(['b.gto' => $bar]), 'C1'));
    }

    public function test_files_are_known_by_their_names_and_measured_at_the_centre_line(): void
    {
        $kit = self::kit([
            'board.gko' => self::layer([
                ...self::OUTLINE,
                [20, 30, 30, 30],
                [30, 30, 30, 35],
                [30, 35, 20, 35],
                [20, 35, 20, 30],
            ]),
            'board.drl' => "M48\nINCH,LZ\nT1C0.04\n%\nT1\nX01Y005\nX01Y005\nM30\n",
            'board-npth.drl' => "M48\nMETRIC\nT1C3.2\n%\nT1\nX3.0Y3.0\nM30\n",
        ]);
        $facts = $kit->findings->drawn->boards['main'];

        self::assertEqualsWithDelta(60 * 40 - 50, $facts->area(), 1e-6);
        self::assertCount(1, $facts->cutouts);
        self::assertSame(
            [3.2, 1.016],
            array_map(static fn($hole): float => $hole->diameter, $facts->holes),
            'each once',
        );
        self::assertSame([false, true], array_map(static fn($hole): bool => $hole->plated, $facts->holes));
    }

    public function test_a_ring_of_the_outline_where_a_hole_is_drilled_is_that_hole(): void
    {
        $ring = [];
        for ($i = 0; $i < 24; ++$i) {
            [$a, $b] = [($i * M_PI) / 12, (($i + 1) * M_PI) / 12];
            $ring[] = [5 + 1.6 * cos($a), 5 + 1.6 * sin($a), 5 + 1.6 * cos($b), 5 + 1.6 * sin($b)];
        }
        $outline = ['board.gko' => self::layer([...self::OUTLINE, ...$ring])];
        $hole = static fn(string $diameter): array => [
            'board.drl' => "M48\nMETRIC\nT1C{$diameter}\n%\nT1\nX5.0Y5.0\nM30\n",
        ];

        self::assertCount(1, self::kit($outline)->findings->drawn->boards['main']->cutouts);
        self::assertCount(0, self::kit($outline + $hole('3.2'))->findings->drawn->boards['main']->cutouts);
        self::assertCount(1, self::kit($outline + $hole('2.0'))->findings->drawn->boards['main']->cutouts);
    }

    public function test_the_maker_says_what_a_file_is(): void
    {
        $kit = self::kit([
            'front.art' => self::layer([[8.7, 9.0, 8.7, 11.0]]),
            'kit.json' => '{"format": 1, "files": {"front.art": "legend-top"}}',
        ]);

        self::assertSame('bar', $kit->findings->drawn->prints['D1']->mark);
        self::assertSame(
            [],
            self::kit(['front.art' => self::layer([])])->findings->drawn->prints,
            'a guess is not used',
        );
    }

    public function test_what_a_file_is_can_be_said_and_taken_back(): void
    {
        $folder = new Folder(['front.art' => self::layer([]), 'bom.csv' => self::BOM, 'kit.json' => '{"format": 1}']);
        $with = EditKind::FileRole->read('front.art', '', 'legend-top')->on($folder);
        $again = EditKind::FileRole->read('front.art', '', 'outline')->on($with->folder);

        self::assertSame(['front.art' => 'outline'], RoleList::of($again->folder->files['kit.json']));
        self::assertSame(
            ['front.art' => 'legend-top'],
            RoleList::of($again->inverse->on($again->folder)->folder->files['kit.json']),
        );
        self::assertSame(
            ['format' => 1],
            json_decode($with->inverse->on($with->folder)->folder->files['kit.json'], true),
        );
        $this->expectException(UnusableEdit::class);
        EditKind::FileRole->read('front.art', '', 'silk');
    }

    public function test_a_table_of_parts_under_another_name_is_read_where_the_maker_says_so(): void
    {
        $kit = (new KitReader())->read([
            'liste.csv' => self::BOM,
            'orte.csv' => self::PLACES,
            'kit.json' => '{"format": 1, "files": {"liste.csv": "parts", "orte.csv": "places"}}',
        ]);

        self::assertCount(5, $kit->parts);
        self::assertSame(30.0, $kit->part('U1')?->place->placement?->at->x);
    }

    /** @return iterable<string, array{string, list<array{string, string}>, list<array{string, string}>, list<array{string, string}>}> */
    public static function circuits(): iterable
    {
        $nets = static fn(string ...$records): string => "P  JOB X\nP  UNITS CUST 1\n" .
            implode(
                '',
                array_map(static function (string $record): string {
                    [$net, $part, $pin] = explode(' ', $record);

                    return sprintf("317%-14s   %-6s-%-4sD0800PA00X+010000Y+010000\n", $net, $part, $pin);
                }, $records),
            );
        $relay = ['VCC K1 2', 'SW K1 5', 'OUT K1 1'];
        yield 'a diode across the coil clamps it, the transistor at its switched end drives it' => [
            $nets('VCC D2 1', 'SW D2 2', 'SW Q1 3', ...$relay),
            [['D2', 'K1']],
            [['Q1', 'K1']],
            [],
        ];
        yield 'a diode from the supply to elsewhere does not' => [
            $nets('VCC D2 1', 'OUT D2 2', 'SW Q1 3', ...$relay),
            [],
            [['Q1', 'K1']],
            [],
        ];
        yield 'a transistor at the supply does not drive' => [$nets('VCC Q1 3', ...$relay), [], [], []];
        yield 'without telling names the cathode of the clamp tells the switched end' => [
            $nets('A D2 1', 'B D2 2', 'A K1 2', 'B K1 5', 'B Q1 3', 'C K1 1'),
            [['D2', 'K1']],
            [['Q1', 'K1']],
            [],
        ];
        yield 'a resistor from an end to a supply is in series' => [
            $nets('TOP RV1 1', 'WIPE RV1 2', 'GND RV1 3', 'TOP R1 1', 'VCC R1 2', 'WIPE R2 1', 'VCC R2 2'),
            [],
            [],
            [['RV1', 'R1']],
        ];
        yield 'no nets' => ['', [], [], []];
    }

    /**
     * @param list<array{string, string}> $clamps
     * @param list<array{string, string}> $drivers
     * @param list<array{string, string}> $series
     */
    #[DataProvider('circuits')]
    public function test_what_follows_from_nets(string $nets, array $clamps, array $drivers, array $series): void
    {
        $kit = (new KitReader())->read([
            'bom.csv' =>
                "Designator,Value,Package,Description\nD2,1N4148,DO-35,diode\nK1,12 V,relay cube,relay\n" .
                "Q1,BC547,TO-92,transistor\nRV1,10k,trimmer,trimmer\nR1,1k,Axial 1/4W,\nR2,1k,Axial 1/4W,\n",
            'nets.ipc' => $nets,
        ]);
        $circuit = DerivedCircuit::of($kit, $kit->findings->drawn->nets);

        self::assertSame(
            [$clamps, $drivers, $series, []],
            [$circuit->clamps, $circuit->drivers, $circuit->series, $circuit->feeds],
        );
    }

    public function test_a_block_feeds_those_its_supply_net_reaches(): void
    {
        $record = static fn(string $net, string $pin): string => sprintf(
            "317%-14s   %-6s-%-4sD0800\n",
            $net,
            ...explode('.', $pin),
        );
        $kit = (new KitReader())->read([
            'bom.csv' =>
                "Designator,Value,Package,Description\nU1,7805,TO-220,regulator\nR1,1k,Axial 1/4W,\nR2,1k,Axial 1/4W,\n",
            'kit.json' => '{"format": 1, "groups": {"block": {"supply": ["U1"], "lamps": ["R1"], "sensor": ["R2"]}}}',
            'nets.ipc' => "P  JOB X\n" . $record('+5V', 'U1.3') . $record('+5V', 'R1.1') . $record('SIG', 'R2.1'),
        ]);

        self::assertSame(['supply' => ['lamps']], DerivedCircuit::of($kit, $kit->findings->drawn->nets)->feeds);
    }

    /** @param array<string, string> $files */
    private static function kit(array $files): Kit
    {
        return (new KitReader())->read($files + ['bom.csv' => self::BOM, 'placements.csv' => self::PLACES]);
    }

    private static function boardMark(Kit $kit, string $part): ?string
    {
        $order = (new Planner())->plan($kit);
        foreach ((new KitCallouts())->callouts($kit, $order instanceof BuildOrder ? $order : null) as $callout) {
            if ($callout->designator === $part) {
                return $callout->print->mark?->print;
            }
        }

        return 'no callout';
    }

    /** @param list<array{float|int, float|int, float|int, float|int}> $lines */
    private static function layer(array $lines): string
    {
        $text = "%FSLAX46Y46*%\n%MOMM*%\n%ADD10C,0.2*%\nD10*\nG01*\n";
        foreach ($lines as [$x, $y, $u, $v]) {
            $text .= sprintf(
                "X%dY%dD02*\nX%dY%dD01*\n",
                ...array_map(static fn(float|int $mm): int => (int) round($mm * 1e6), [$x, $y, $u, $v]),
            );
        }

        return "{$text}M02*\n";
    }

    public function test_a_board_does_not_hang_on_itself(): void
    {
        $this->expectExceptionMessage('board "lamps" hangs on itself');
        KitMaker::kit(
            ['R1,1k,,'],
            [],
            ['boards' => [['name' => 'lamps', 'joined' => ['to' => 'lamps', 'at' => [0, 0]]]]],
        );
    }
}
