<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Board\Side;
use Chiralex\Kit\KitReader;
use ChiralexAdapters\KitFiles;
use ChiralexRender\Svg\BoardSvg;
use PHPUnit\Framework\TestCase;

/** The board as its own files draw it: the legend instead of the usual outlines, and what is cut from the board. */
final class LegendDrawingTest extends TestCase
{
    private const WORKED = __DIR__ . '/../boards/gull-counter/kit';

    public function test_the_legend_of_the_file_takes_the_place_of_the_usual_outlines(): void
    {
        $with = $this->drawn([]);
        $without = $this->drawn(['legend-top.gbr' => null]);

        self::assertStringContainsString('<g class="legend"', $with);
        self::assertStringNotContainsString('<g class="legend"', $without);
        $shown = '~<g class="silk"(?![^>]*opacity="0")[^>]*><(?:rect|path|circle)~';
        self::assertSame(0, preg_match($shown, $with));
        self::assertSame(1, preg_match($shown, $without));
        self::assertSame(7, substr_count($with, 'class="ref"'), 'the legend has no names, ours stay');
    }

    public function test_a_heavy_legend_is_drawn_without_what_is_too_small_to_be_seen(): void
    {
        $short = "X1000000Y1000000D02*\nX2000000Y1000000D01*\n";
        $long = "X1000000Y5000000D02*\nX31000000Y5000000D01*\n";
        $legend = static fn(int $lines): string => "%TF.FileFunction,Legend,Top*%\n%FSLAX46Y46*%\n%MOMM*%\n" .
            "%ADD10C,0.2*%\nD10*\nG01*\n" .
            str_repeat($short, $lines) .
            $long .
            "M02*\n";

        self::assertSame(6_000, $this->lines($this->drawn(['legend-top.gbr' => $legend(5_999)])));
        self::assertSame(1, $this->lines($this->drawn(['legend-top.gbr' => $legend(6_000)])));
    }

    public function test_what_takes_ink_away_is_black_in_a_mask(): void
    {
        $legend =
            "%TF.FileFunction,Legend,Top*%\n%FSLAX46Y46*%\n%MOMM*%\n%ADD10R,9X9*%\n%ADD11R,2X2*%\n" .
            "D10*\nX30000000Y30000000D03*\n%LPC*%\nD11*\nX30000000Y30000000D03*\nM02*\n";
        $svg = $this->drawn(['legend-top.gbr' => $legend]);

        self::assertSame(
            1,
            preg_match('~<mask id="([^"]+)"[^>]*>(.*?)</mask><path [^>]*mask="url\(#\1\)"~', $svg, $found),
        );
        self::assertMatchesRegularExpression('~fill="#fff".*fill="#000"~', $found[2]);
    }

    /** Lines in the paths of the legend. */
    private function lines(string $svg): int
    {
        return preg_match('~<g class="legend".*?</g>~s', $svg, $found) === 1 ? substr_count($found[0], 'M') : 0;
    }

    public function test_what_is_cut_out_is_left_out_of_the_face_and_of_no_board_that_counts_from_elsewhere(): void
    {
        $cuts = static fn(string $svg): int => preg_match('~class="mask"[^>]* d="([^"]*)"~', $svg, $found) === 1
            ? substr_count($found[1], 'Z') - 1
            : -1;

        self::assertSame(4, $cuts($this->drawn([])), 'a cut-out, a slot, two holes');
        $elsewhere = '{"format": 1, "board": {"outline": [[0, 0], [60, 0], [60, 40], [0, 40]]}}';
        self::assertSame(0, $cuts($this->drawn(['kit.json' => $elsewhere])));
        self::assertStringNotContainsString('class="legend"', $this->drawn(['kit.json' => $elsewhere]));
    }

    /** @param array<string, ?string> $changed file to bytes, null takes it away */
    private function drawn(array $changed): string
    {
        $kit = (new KitReader())->read(
            array_filter(
                [...(new KitFiles())->fromPath(self::WORKED), ...$changed],
                static fn(?string $bytes): bool => $bytes !== null,
            ),
        );

        return (new BoardSvg($kit))->board($kit->boards[0], Side::Top);
    }
}
