<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Board\Drill\DrilledHole;
use Chiralex\Board\Drill\DrilledSlot;
use Chiralex\Board\Drill\DrillReader;
use Chiralex\Board\Layer\LayerReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Holes of drill files against gerbv 2.9.6 (Debian), which reads its own examples and ours and writes their holes anew, in inches. */
final class DrillsAgainstGerbvTest extends TestCase
{
    private const EXAMPLES = '/usr/share/doc/gerbv/examples/';
    /** Places are compared to so many parts of a millimetre; gerbv writes them to 0.0001 and diameters to 0.001 of an inch. */
    private const PARTS = 20;

    /** @return iterable<string, array{string, string}> file, and what of it gerbv reads right */
    public static function files(): iterable
    {
        $names = [
            'ekf2/drill0.exc' => 'all',
            // Tool 0 is dropped, so that its holes have another's diameter.
            'ekf2/drill20.exc' => 'places',
            'ekf2/drill30.exc' => 'places',
            'orcad/thruhole.tap' => 'all',
            'nollezappare/ThruHolePlated.ncd' => 'all',
            'hellboard/hellboard.plated-drill.cnc' => 'all',
            // `X0313` with leading zeros kept and two digits before the point is 3.13 inches, not 0.313.
            'protel-pnp/SE_SG_IF_V2.TXT' => 'diameters',
            'numpres/numpres.pcb.output_plated-drill.grb' => 'all',
        ];
        foreach ($names as $name => $right) {
            yield $name => [self::EXAMPLES . $name, $right];
        }
        foreach (['holes', 'mounting'] as $name) {
            yield "gull-counter/{$name}.drl" => [dirname(__DIR__) . "/boards/gull-counter/kit/{$name}.drl", 'all'];
        }
    }

    #[DataProvider('files')]
    public function test_there_are_as_many_holes_of_each_diameter_at_the_same_places(string $file, string $right): void
    {
        $drill = (new DrillReader())->read((string) file_get_contents($file), basename($file));
        $told = static fn(array $holes): array => array_map(
            static fn(array $hole): string => match ($right) {
                'places' => sprintf('%.0f %.0f', $hole[0] * self::PARTS, $hole[1] * self::PARTS),
                'diameters' => sprintf('%.1f', $hole[2]),
                default => sprintf('%.0f %.0f %.1f', $hole[0] * self::PARTS, $hole[1] * self::PARTS, $hole[2]),
            },
            $holes,
        );
        $theirs = $told(self::holesOfGerbv($file));
        // A slot is a hole at its start to gerbv.
        $ours = $told([
            ...array_map(
                static fn(DrilledHole $hole): array => [$hole->at->x, $hole->at->y, $hole->diameter],
                $drill->holes,
            ),
            ...array_map(
                static fn(DrilledSlot $slot): array => [$slot->from->x, $slot->from->y, $slot->width],
                $drill->slots,
            ),
        ]);
        sort($ours);
        sort($theirs);

        self::assertNotSame([], $theirs);
        self::assertSame($theirs, $ours);
    }

    /** Every hole that gerbv misreads lies in a pad of the copper of the same board. */
    public function test_holes_with_leading_zeros_kept_lie_in_pads(): void
    {
        $folder = self::EXAMPLES . 'protel-pnp/SE_SG_IF_V2';
        $copper = (new LayerReader())->read((string) file_get_contents("{$folder}.GTL"), 'copper');
        $pads = [];
        foreach ($copper->objects as $object) {
            $pads[sprintf('%.2f %.2f', $object->points[0]->x, $object->points[0]->y)] = true;
        }
        $drill = (new DrillReader())->read((string) file_get_contents("{$folder}.TXT"), 'drill');
        $missed = array_filter(
            $drill->holes,
            static fn(DrilledHole $hole): bool => !isset($pads[sprintf('%.2f %.2f', $hole->at->x, $hole->at->y)]),
        );

        self::assertLessThanOrEqual(0.05 * count($drill->holes), count($missed));
    }

    /** @return list<array{float, float, float}> x, y, diameter in millimetres */
    private static function holesOfGerbv(string $file): array
    {
        $copy = (string) tempnam(sys_get_temp_dir(), 'drl');
        exec(sprintf('gerbv -x drill -o %s %s 2>&1', escapeshellarg($copy), escapeshellarg($file)));
        $tools = $holes = [];
        $tool = 0;
        foreach (explode("\n", (string) file_get_contents($copy)) as $line) {
            if (preg_match('~^T(\d+)C([\d.]+)~', $line, $found) === 1) {
                $tools[(int) $found[1]] = (float) $found[2];
            } elseif (preg_match('~^T(\d+)~', $line, $found) === 1) {
                $tool = (int) $found[1];
            } elseif (preg_match('~^X(-?\d+)Y(-?\d+)~', $line, $found) === 1) {
                $holes[] = [
                    ((int) $found[1] * 25.4) / 10_000,
                    ((int) $found[2] * 25.4) / 10_000,
                    ($tools[$tool] ?? 0.0) * 25.4,
                ];
            }
        }
        unlink($copy);

        return $holes;
    }
}
