<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Fault\Likeness\Likeness;
use Chiralex\Fault\Likeness\WrittenReport;
use Chiralex\Kit\KitReader;
use ChiralexAdapters\KitFiles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * 320 invented reports of 40 matters in two languages, with slips of the fingers (`tests/reports`): pairs of one matter have to be found, and
 * no others. The first half was written before tuning, and tuned on; the second was only looked at.
 */
final class ReportsOfOneMatterTest extends TestCase
{
    private const KITS = ['FB' => 'frost-bell', 'HS' => 'halt-signal', 'KW' => 'kiln-watch'];

    /** @return iterable<string, array{string}> */
    public static function halves(): iterable
    {
        yield 'those it was tuned on' => ['first'];
        yield 'those it was not' => ['second'];
    }

    #[DataProvider('halves')]
    public function test_pairs_of_one_matter_are_found_and_others_are_not(string $half): void
    {
        [$reports, $matters] = self::written($half);
        $of = [];
        foreach (Likeness::of($reports, self::parts())->matters() as $group => $members) {
            $of += array_fill_keys($members, $group);
        }
        self::assertCount(count($reports), $of);
        $hit = $false = $missed = 0;
        foreach (array_keys($reports) as $one) {
            for ($other = $one + 1; $other < count($reports); ++$other) {
                $together = $of[$one] === $of[$other];
                $same = $matters[$one] === $matters[$other];
                $hit += $together && $same ? 1 : 0;
                $false += $together && !$same ? 1 : 0;
                $missed += !$together && $same ? 1 : 0;
            }
        }
        $told = sprintf('%s half: precision %.3f, recall %.3f', $half, $hit / ($hit + $false), $hit / ($hit + $missed));
        file_put_contents(dirname(__DIR__, 2) . "/var/likeness-{$half}.txt", "{$told}\n");
        self::assertGreaterThanOrEqual(0.95, $hit / ($hit + $false), $told);
        self::assertGreaterThanOrEqual(0.8, $hit / ($hit + $missed), $told);
    }

    public function test_a_new_report_finds_those_of_its_matter(): void
    {
        [$reports, $matters] = self::written('first');
        $likeness = Likeness::of($reports, self::parts());
        $like = $likeness->like(new WrittenReport('KW', 'The 14 pin soket for U3 is not there', 'part-missing'));
        self::assertSame(
            ['31'],
            array_values(array_unique(array_map(static fn(int $at): string => $matters[$at], $like))),
        );
        self::assertSame([], $likeness->like(new WrittenReport('KW', 'Can I buy ten of them for my club?')));
    }

    /** @return array{list<WrittenReport>, list<string>} reports, and the matter of each */
    private static function written(string $half): array
    {
        $lines = array_map(
            static fn(string $line): array => str_getcsv($line),
            array_slice((array) file(dirname(__DIR__) . "/reports/written-{$half}.csv", FILE_IGNORE_NEW_LINES), 1),
        );

        return [
            array_map(
                static fn(array $cells): WrittenReport => new WrittenReport(
                    (string) $cells[1],
                    (string) $cells[4],
                    (string) $cells[2],
                    $cells[3] === '' ? null : (int) $cells[3],
                ),
                $lines,
            ),
            array_map(static fn(array $cells): string => (string) $cells[0], $lines),
        ];
    }

    /** @return array<string, array<array-key, string>> */
    private static function parts(): array
    {
        $parts = [];
        foreach (self::KITS as $code => $name) {
            $kit = (new KitReader())->read((new KitFiles())->fromPath(dirname(__DIR__, 2) . "/database/demo/{$name}"));
            foreach ($kit->parts as $designator => $part) {
                $parts[$code][$designator] = "{$part->kind()->value} {$part->line->cells->value}";
            }
        }

        return $parts;
    }
}
