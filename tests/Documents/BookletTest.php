<?php

declare(strict_types=1);

namespace Tests\Documents;

use ChiralexAdapters\Booklet;
use ChiralexAdapters\Program;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A booklet is folded: its pages come in order when the sheets lie in each other. */
final class BookletTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function lengths(): iterable
    {
        foreach ([1, 2, 3, 4, 5, 8, 11, 20, 33] as $pages) {
            yield "{$pages} pages" => [$pages];
        }
    }

    #[DataProvider('lengths')]
    public function test_folded_and_leafed_through_the_pages_follow_each_other(int $pages): void
    {
        $sides = Booklet::order($pages);
        self::assertSame(0, count($sides) % 2, 'each sheet has two sides');
        // Leafing through a stack of sheets, each folded in the middle: right half of a front, left half of its back, to the middle,
        // and out again.
        $into = $out = [];
        foreach ($sides as $index => [$left, $right]) {
            $into[] = $index % 2 === 0 ? $right : $left;
            array_unshift($out, $index % 2 === 0 ? $left : $right);
        }
        $read = [...$into, ...$out];

        self::assertSame(range(1, $pages), array_slice($read, 0, $pages));
        self::assertSame([], array_diff(array_slice($read, $pages), [0]), 'what is left over is empty');
        self::assertLessThan(4, count($read) - $pages);
    }

    public function test_a_manual_is_printed_as_a_booklet_of_whole_sheets(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'chiralex-booklet-');
        $root = dirname(__DIR__, 2);
        $folder = "{$root}/tests/kits/door-chime";
        Program::run(["{$root}/bin/chiralex", 'manual', $folder, '--format', 'pdf', '--booklet', '-o', $path], '', 120);
        $said = Program::run(['pdfinfo', $path]);
        $half = static fn(string $from): string => Program::run([
            'pdftotext',
            '-f',
            '1',
            '-l',
            '1',
            '-x',
            $from,
            '-y',
            '0',
            '-W',
            '400',
            '-H',
            '600',
            $path,
            '-',
        ]);
        [$left, $right] = [$half('0'), $half('425')];
        unlink($path);

        self::assertMatchesRegularExpression('~Pages:\s+\d*[02468]\s~', $said);
        // Two A5 pages side by side, 296 mm by 210 mm; the title stands on the right of the first side.
        self::assertMatchesRegularExpression('~Page size:\s+(?:839|840|841)[.\d]* x (?:594|595)~', $said);
        self::assertStringNotContainsString('Before you begin', $left);
        self::assertStringContainsString('Before you begin', $right);
    }
}
