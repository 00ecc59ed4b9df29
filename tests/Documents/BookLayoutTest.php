<?php

declare(strict_types=1);

namespace Tests\Documents;

use ChiralexAdapters\BookPdf;
use ChiralexAdapters\Program;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The manual on paper, rendered and measured: how many pages, how much of them stays blank, what is embedded, where its names lead. */
final class BookLayoutTest extends TestCase
{
    /** Dots to a millimetre of the rendered page, and its free margins in millimetres. */
    private const DOTS = 1.0;
    private const TOP = 13;
    private const FOOT = 282;
    /** Ink is what is darker. */
    private const INK = 235;

    /** @return iterable<string, array{string, int}> kit folder, pages at most */
    public static function kits(): iterable
    {
        $root = dirname(__DIR__, 2);
        yield 'Frost Bell' => ["{$root}/database/demo/frost-bell", 12];
        yield 'Halt Signal' => ["{$root}/database/demo/halt-signal", 12];
        yield 'Kiln Watch' => ["{$root}/database/demo/kiln-watch", 18];
        yield 'pump timer' => ["{$root}/tests/kits/pump-timer", 12];
        yield 'tide clock' => ["{$root}/tests/kits/tide-clock", 12];
        yield 'tone box' => ["{$root}/tests/kits/tone-box", 12];
    }

    #[DataProvider('kits')]
    public function test_a_manual_is_a_book_of_few_pages_that_are_full(string $folder, int $most): void
    {
        $path = self::printed($folder);
        try {
            $pages = self::blanks($path);
            self::assertLessThanOrEqual($most, count($pages));
            $inner = array_slice($pages, 1, -1);
            self::assertLessThan(
                0.15,
                array_sum($inner) / count($inner),
                'blank at the foot of the inner pages together',
            );
            self::assertLessThanOrEqual(0.4, max($inner), 'blank at the foot of one of them');
            $fonts = Program::run(['pdffonts', $path]);
            self::assertStringContainsString('AtkinsonHyperlegibleNext-Bold', $fonts);
            self::assertStringNotContainsString('Type 3', $fonts);
        } finally {
            unlink($path);
        }
    }

    public function test_its_contents_and_index_name_the_page_where_a_step_stands_and_a_reader_shows_its_chapters(): void
    {
        $path = self::printed(dirname(__DIR__, 2) . '/database/demo/frost-bell');
        $pdf = (string) file_get_contents($path);
        $places = BookPdf::pages($pdf);
        $text = explode("\f", Program::run(['pdftotext', '-layout', $path, '-']));
        unlink($path);

        self::assertGreaterThan(30, count($places));
        self::assertMatchesRegularExpression('~16\s+Electrolytics\s+' . $places['step-16'] . '\b~', $text[0]);
        self::assertMatchesRegularExpression(
            '~RV1\s+15\s+' . $places['step-15'] . '\b~',
            (string) preg_replace('~\s+~', ' ', implode(' ', $text)),
        );
        self::assertStringContainsString('Electrolytics', $text[$places['step-16'] - 1]);
        self::assertStringContainsString('/Outlines', $pdf);
    }

    /** @return string where the PDF stands */
    private static function printed(string $folder): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'chiralex-layout-');
        Program::run(
            [dirname(__DIR__, 2) . '/bin/chiralex', 'manual', $folder, '--format', 'pdf', '-o', $path],
            '',
            120,
        );

        return $path;
    }

    /** @return list<float> of each page, the share of its height below the last ink */
    private static function blanks(string $path): array
    {
        $rate = 25.4 * self::DOTS;
        $shown = Program::run(['pdftoppm', '-gray', '-r', (string) $rate, $path]);
        $blanks = [];
        while (preg_match('~^P5\s+(\d+)\s+(\d+)\s+255\s~', $shown, $head) === 1) {
            [$width, $height] = [(int) $head[1], (int) $head[2]];
            $dots = substr($shown, strlen($head[0]), $width * $height);
            $shown = substr($shown, strlen($head[0]) + $width * $height);
            $last = self::TOP;
            for ($row = self::TOP; $row < self::FOOT; ++$row) {
                if (min(unpack('C*', substr($dots, $row * $width, $width)) ?: [255]) < self::INK) {
                    $last = $row;
                }
            }
            $blanks[] = (self::FOOT - $last) / (self::FOOT - self::TOP);
        }
        // Read by whoever wants to see how full the pages are.
        file_put_contents(
            dirname(__DIR__, 2) . '/var/book.txt',
            implode(' ', array_map(static fn(float $blank): string => sprintf('%.2f', $blank), $blanks)) . "\n",
            FILE_APPEND,
        );

        return $blanks;
    }
}
