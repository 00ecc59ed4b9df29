<?php

declare(strict_types=1);

namespace Chiralex\Tests\Board\Drill;

use Chiralex\Board\Drill\DrilledHole;
use Chiralex\Board\Drill\DrilledSlot;
use Chiralex\Board\Drill\DrillReader;
use Chiralex\Board\Exception\UnreadableLayer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The numeric control format for drills (Excellon), from memory of its published description. */
final class DrillReaderTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{float, float, float}>}> header and body, holes as x, y, diameter */
    public static function files(): iterable
    {
        yield 'metric with points' => ["METRIC\nT1C0.8\n%\nT1\nX10.5Y-2.25", [[10.5, -2.25, 0.8]]];
        yield 'metric, trailing zeros kept' => ["METRIC,TZ\nT1C0.8\n%\nT1\nX10500Y2250", [[10.5, 2.25, 0.8]]];
        yield 'metric, leading zeros kept' => ["METRIC,LZ\nT1C0.8\n%\nT1\nX0105Y00225", [[10.5, 2.25, 0.8]]];
        yield 'metric, own digits' => ["METRIC,LZ,0000.00\nT1C0.8\n%\nT1\nX00105Y0002", [[10.5, 2.0, 0.8]]];
        yield 'inch, trailing zeros kept' => ["INCH,TZ\nT1C0.04\n%\nT1\nX10000Y5000", [[25.4, 12.7, 1.016]]];
        yield 'inch, leading zeros kept' => ["INCH,LZ\nT01C0.04\n%\nT01\nX01Y005", [[25.4, 12.7, 1.016]]];
        yield 'the unit behind the header' => ["T1C1.0\n%\nM71\nT1\nX1.0Y1.0", [[1.0, 1.0, 1.0]]];
        yield 'a coordinate that is not named stays' => [
            "METRIC\nT1C1\n%\nT1\nX1.0Y1.0\nX2.0\nY3.0",
            [[1.0, 1.0, 1.0], [2.0, 1.0, 1.0], [2.0, 3.0, 1.0]],
        ];
        yield 'from place to place' => [
            "METRIC\nT1C1\n%\nG91\nT1\nX1.0Y1.0\nX2.0Y0.0\nG90\nX9.0Y9.0",
            [[1.0, 1.0, 1.0], [3.0, 1.0, 1.0], [9.0, 9.0, 1.0]],
        ];
        yield 'repeated' => [
            "METRIC\nT1C1\n%\nT1\nX1.0Y1.0\nR2X2.54",
            [[1.0, 1.0, 1.0], [3.54, 1.0, 1.0], [6.08, 1.0, 1.0]],
        ];
        yield 'two tools, one with speeds' => [
            "METRIC\nT1F00S00C0.8\nT12C3.2\n%\nT12\nX1.0Y1.0\nT1\nX2.0Y2.0",
            [[1.0, 1.0, 3.2], [2.0, 2.0, 0.8]],
        ];
    }

    /** @param list<array{float, float, float}> $holes */
    #[DataProvider('files')]
    public function test_holes_are_read_in_millimetres(string $body, array $holes): void
    {
        $file = (new DrillReader())->read("M48\n{$body}\nM30\n", 'board.drl');

        self::assertSame(0, $file->left);
        self::assertEqualsWithDelta(
            $holes,
            array_map(
                static fn(DrilledHole $hole): array => [$hole->at->x, $hole->at->y, $hole->diameter],
                $file->holes,
            ),
            1e-9,
        );
    }

    /** @return iterable<string, array{string, int}> */
    public static function slots(): iterable
    {
        yield 'drilled between two places' => ["T1\nX1.0Y1.0G85X5.0Y1.0", 1];
        yield 'routed' => ["T1\nG00X1.0Y1.0\nM15\nG01X5.0Y1.0\nM16\nG05", 1];
        yield 'routed round a corner' => ["T1\nG00X1.0Y1.0\nM15\nG01X5.0Y1.0\nG01X5.0Y4.0\nM16\nG05", 2];
    }

    #[DataProvider('slots')]
    public function test_a_slot_is_no_hole(string $body, int $count): void
    {
        $file = (new DrillReader())->read("M48\nMETRIC\nT1C2\n%\n{$body}\nM30\n", 'board.drl');

        self::assertSame([], $file->holes);
        self::assertCount($count, $file->slots);
        $first = $file->slots[0];
        self::assertSame(
            [1.0, 1.0, 5.0, 1.0, 2.0],
            [$first->from->x, $first->from->y, $first->to->x, $first->to->y, $first->width],
        );
    }

    public function test_a_slot_is_the_same_from_either_end(): void
    {
        $read = static fn(string $slot): DrilledSlot => (new DrillReader())->read(
            "M48\nMETRIC\nT1C2\n%\nT1\n{$slot}\nM30\n",
            'a.drl',
        )->slots[0];

        self::assertSame($read('X1.0Y1.0G85X5.0Y1.0')->key(), $read('X5.0Y1.0G85X1.0Y1.0')->key());
        self::assertNotSame($read('X1.0Y1.0G85X5.0Y1.0')->key(), $read('X1.0Y1.0G85X5.1Y1.0')->key());
    }

    /** @return iterable<string, array{string, string, list<bool>}> name, header, whether each hole is plated */
    public static function plating(): iterable
    {
        yield 'nothing said' => ['board.drl', '', [true, true]];
        yield 'by its name' => ['board-NPTH.drl', '', [false, false]];
        yield 'by the attribute of the file' => [
            'board.drl',
            '; #@! TF.FileFunction,NonPlated,1,2,NPTH',
            [false, false],
        ];
        yield 'the attribute over the name' => ['npth.drl', '; #@! TF.FileFunction,Plated,1,2,PTH', [true, true]];
        yield 'by the attributes of a tool' => [
            'board.drl',
            "; #@! TF.FileFunction,MixedPlating,1,2\n; #@! TA.AperFunction,NonPlated,NPTH,ComponentDrill",
            [false, true],
        ];
    }

    /** @param list<bool> $plated */
    #[DataProvider('plating')]
    public function test_what_says_that_holes_are_plated(string $name, string $header, array $plated): void
    {
        $file = (new DrillReader())->read(
            "M48\n{$header}\nMETRIC\nT1C1\n; #@! TD\nT2C2\n%\nT1\nX1.0Y1.0\nT2\nX2.0Y2.0\nM30\n",
            $name,
        );

        self::assertSame($plated, array_map(static fn(DrilledHole $hole): bool => $hole->plated, $file->holes));
    }

    public function test_what_is_not_understood_is_counted_and_the_rest_is_read(): void
    {
        $file = (new DrillReader())->read("M48\nMETRIC\nT1C1\n%\nhello\nT9\nX1.0Y1.0\nT1\nX2.0Y2.0\n", 'a.drl');

        self::assertSame([1, 2], [count($file->holes), $file->left]);
    }

    /** @return iterable<string, array{string, bool}> */
    public static function places(): iterable
    {
        yield 'inside the limit' => ['X1999.9Y0.0', true];
        yield 'at the limit' => ['X2000.0Y0.0', false];
    }

    #[DataProvider('places')]
    public function test_a_place_beyond_all_boards_is_refused(string $place, bool $isRead): void
    {
        if (!$isRead) {
            $this->expectException(UnreadableLayer::class);
        }

        $file = (new DrillReader())->read("M48\nMETRIC\nT1C1\n%\nT1\n{$place}\n", 'a.drl');

        self::assertCount(1, $file->holes);
    }

    public function test_any_bytes_are_read_or_refused(): void
    {
        mt_srand(15);
        $words = [
            'M48',
            'METRIC',
            'INCH,LZ',
            'T1C0.8',
            '%',
            'T1',
            'X1Y1',
            'G85X2',
            'R9999X1',
            'M15',
            'G00X5',
            'G91',
            "\0",
            'X--1',
        ];
        for ($i = 0; $i < 300; ++$i) {
            $bytes = '';
            for ($j = mt_rand(0, 40); $j > 0; --$j) {
                $bytes .= $words[mt_rand(0, count($words) - 1)] . (mt_rand(0, 4) === 0 ? '' : "\n");
            }
            try {
                self::assertGreaterThanOrEqual(0, (new DrillReader())->read($bytes, 'a.drl')->left);
            } catch (UnreadableLayer $fault) {
                self::assertStringContainsString('a.drl', $fault->getMessage());
            }
        }
    }

    /** @return iterable<string, array{string, float, list<string>}> */
    public static function silences(): iterable
    {
        yield 'tools all under 0.3 are inches' => ["M48\nT1C0.299\n%\nT1\nX010000Y010000", 25.4, ['unit-inch']];
        yield 'a tool of 0.3 is millimetres' => ["M48\nT1C0.3\n%\nT1\nX010000Y010000", 10.0, ['unit-mm']];
        yield 'numbers of two lengths' => ["M48\nINCH\nT1C0.03\n%\nT1\nX010000Y010000\nX1Y010000", 25.4, ['zeros']];
        yield 'all said' => ["M48\nINCH,TZ\nT1C0.03\n%\nT1\nX010000Y010000\nX1Y010000", 25.4, []];
        yield 'points say it' => ["M48\nINCH\nT1C0.03\n%\nT1\nX1.0Y1.0\nX1.25Y1.0", 25.4, []];
    }

    /** @param list<string> $guesses */
    #[DataProvider('silences')]
    public function test_what_a_file_does_not_say_is_guessed_and_told(string $file, float $x, array $guesses): void
    {
        $drill = (new DrillReader())->read($file, 'a.drl');

        self::assertEqualsWithDelta($x, $drill->holes[0]->at->x, 1e-9);
        self::assertSame($guesses, $drill->guesses);
    }
}
