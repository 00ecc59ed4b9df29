<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Board\Drill\DrilledHole;
use Chiralex\Board\Drill\DrilledSlot;
use Chiralex\Board\Drill\DrillReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Holes of the drill files that gerbv misreads, tool 0 and leading zeros kept, and of others, against a second reader: the packages
 * gerber-parser 4.2.7 and gerber-plotter 4.2.8 of the npm registry.
 */
final class DrillsAgainstSecondReaderTest extends TestCase
{
    private const EXAMPLES = '/usr/share/doc/gerbv/examples/';
    /** Places are compared to so many parts of a millimetre. */
    private const PARTS = 30;

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (
            [
                'ekf2/drill0.exc',
                'ekf2/drill20.exc',
                'ekf2/drill30.exc',
                'orcad/thruhole.tap',
                'hellboard/hellboard.plated-drill.cnc',
                'protel-pnp/SE_SG_IF_V2.TXT',
                'numpres/numpres.pcb.output_plated-drill.grb',
            ] as $name
        ) {
            yield $name => [self::EXAMPLES . $name];
        }
    }

    #[DataProvider('files')]
    public function test_each_hole_has_the_place_and_the_diameter_that_the_second_reader_finds(string $file): void
    {
        $drill = (new DrillReader())->read((string) file_get_contents($file), basename($file));
        $ours = [
            ...array_map(
                static fn(DrilledHole $hole): string => self::told($hole->at->x, $hole->at->y, $hole->diameter),
                $drill->holes,
            ),
            ...array_map(
                static fn(DrilledSlot $slot): string => self::told($slot->from->x, $slot->from->y, $slot->width),
                $drill->slots,
            ),
        ];
        exec('node ' . escapeshellarg(__DIR__ . '/holes.mjs') . ' ' . escapeshellarg($file), $lines, $code);
        $theirs = array_map(
            static fn(string $line): string => self::told(...array_map(floatval(...), explode(' ', $line))),
            $lines,
        );
        sort($ours);
        sort($theirs);

        self::assertSame(0, $code);
        self::assertGreaterThan(10, count($theirs));
        self::assertSame($theirs, $ours);
    }

    private static function told(float $x, float $y, float $diameter): string
    {
        return sprintf('%.0f %.0f %.2f', $x * self::PARTS, $y * self::PARTS, $diameter);
    }
}
