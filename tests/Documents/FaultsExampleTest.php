<?php

declare(strict_types=1);

namespace Tests\Documents;

use ChiralexAdapters\Program;
use PHPUnit\Framework\TestCase;

/** The worked example of `faults`, the Tide Lamp on 15 September 2026, its figures worked out by hand; and files that are no use. */
final class FaultsExampleTest extends TestCase
{
    private const KIT = 'tests/kits/tide-lamp';

    public function test_the_figures_are_those_worked_out_by_hand(): void
    {
        $told = self::told([]);
        self::assertSame([20, 4, 0.2], [$told['kits'], $told['reported'], $told['rate']]);
        self::assertEqualsWithDelta([0.0807, 0.416], [$told['low'], $told['high']], 5e-5);
        self::assertSame(['kits' => 2, 'reports' => 1], $told['young']);
        self::assertSame(1, $told['withoutSerial']);
        $rows = [];
        foreach ($told['families'] as $family) {
            foreach ($family['rows'] as $row) {
                $rows["{$family['name']} {$row['value']}"] = $row;
            }
        }
        self::assertSame(
            ['revision A', 'revision B', 'lot L1', 'lot L2', 'run 1', 'run 2'],
            array_map(strval(...), array_keys($rows)),
        );
        self::assertEqualsWithDelta([0.2066, 0.2066], [$rows['revision A']['p'], $rows['revision A']['q']], 5e-5);
        self::assertEqualsWithDelta([0.0144, 0.0289], [$rows['lot L2']['p'], $rows['lot L2']['q']], 5e-5);
        self::assertSame(['lot L2'], array_keys(array_filter($rows, static fn(array $row): bool => $row['alarm'])));
        self::assertNull($rows['run 1']['p']);
    }

    public function test_a_row_that_is_no_use_is_named_with_its_place_and_the_others_count(): void
    {
        $told = self::told([
            'shipped.csv' => "serial,date\nA,2026-06-01\nA,2026-06-02\n,2026-06-03\nB,1 June\nC,2026-06-01\n",
            'reports.csv' => "date,serial\n2026-07-01,A\nyesterday,C\n",
        ]);
        self::assertSame([2, 1], [$told['kits'], $told['reported']]);
        self::assertSame(
            [
                ['shipped.csv', 3, 'serial'],
                ['shipped.csv', 4, 'serial'],
                ['shipped.csv', 5, 'date'],
                ['reports.csv', 3, 'date'],
            ],
            array_map(
                static fn(array $each): array => [$each['file'], $each['row'], $each['column']],
                $told['problems'],
            ),
        );
    }

    public function test_a_file_without_its_columns_is_refused_in_one_line(): void
    {
        $folder = self::folder(['shipped.csv' => "number,when\nA,2026-06-01\n"]);
        exec('php bin/chiralex faults ' . escapeshellarg($folder) . ' 2>&1 >/dev/null', $said, $exit);
        self::assertSame(2, $exit);
        self::assertCount(1, $said);
        self::assertStringContainsString('shipped.csv row 1: no serial column', $said[0]);
    }

    /**
     * @param array<string, string> $files in the place of those of the example
     * @return array<string, mixed>
     */
    private static function told(array $files): array
    {
        $folder = $files === [] ? self::KIT : self::folder($files);
        exec('php bin/chiralex faults ' . escapeshellarg($folder) . ' --at 2026-09-15 --json', $lines, $exit);
        self::assertSame($files === [] ? 0 : 1, $exit);

        return (array) json_decode(implode("\n", $lines), true, 32, JSON_THROW_ON_ERROR);
    }

    /** @param array<string, string> $files */
    private static function folder(array $files): string
    {
        $folder = sys_get_temp_dir() . '/chiralex-faults-' . bin2hex(random_bytes(4));
        mkdir($folder);
        foreach (['kit.json', 'bom.csv'] as $name) {
            copy(self::KIT . "/{$name}", "{$folder}/{$name}");
        }
        foreach ($files as $name => $bytes) {
            file_put_contents("{$folder}/{$name}", $bytes);
        }
        register_shutdown_function(static fn() => Program::run(['rm', '-r', $folder], '', 10));

        return $folder;
    }
}
