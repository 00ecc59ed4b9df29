<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use Chiralex\Kit\DrillFace;
use Chiralex\Kit\Hole;
use Chiralex\Kit\Kit;
use Chiralex\Manual\DrillPlan;
use ChiralexRender\LengthText;
use ChiralexRender\Markup;
use ChiralexRender\Svg\DrillSvg;
use ChiralexRender\Svg\Num;
use ChiralexRender\Words;

/** Drilling templates at 1:1, each with its table: from the centre lines, from the edges, the drill, what goes through. */
final readonly class DrillSheet
{
    /** What two tiles of a large face share, millimetres. */
    private const OVERLAP = 10.0;
    /** Kept free for the heading above a tile. */
    private const HEAD = 32.0;

    public function __construct(private Words $words) {}

    public function of(Kit $kit, string $paper, string $fonts): string
    {
        $sheet = Paper::named($paper);
        $html = '';
        foreach (DrillPlan::of($kit) as $face) {
            foreach ($this->tiles($face, $sheet) as $index => $tile) {
                $title = Markup::text(
                    "{$kit->head->name}: {$this->words->sentence('sheet.drilling')}, " .
                        trim("{$face->by} {$face->face}") .
                        ($index === 0 ? '' : ' (' . ($index + 1) . ')'),
                );
                $how =
                    '<p>' .
                    Markup::text($this->words->sentence('sheet.scale', ['length' => "100\u{2009}mm, 4\u{2009}in"])) .
                    ' ' .
                    Markup::text($this->words->sentence('sheet.drill-how')) .
                    '</p><p>' .
                    Markup::text($this->words->sentence('caution.drilling')) .
                    '</p>';
                $html .=
                    '<section class="next"><h1>' .
                    $title .
                    "</h1>{$how}" .
                    (new DrillSvg())->face($face, $tile) .
                    '</section>';
            }
            $html .= $this->table($face, $kit);
        }
        $title = Markup::text("{$kit->head->name}, {$this->words->sentence('sheet.drilling')}");
        $html =
            $html === ''
                ? "<h1>{$title}</h1><p>" . Markup::text($this->words->sentence('sheet.nothing-drilled')) . '</p>'
                : $html;

        return PrintPage::html(
            $title,
            "{$fonts}\n{$sheet->css()}section.next:first-child { break-before: auto; }",
            $html,
            $this->words->language,
        );
    }

    /**
     * The whole drawing where it fits, else windows on it that overlap.
     *
     * @return list<array{float, float, float, float}>
     */
    private function tiles(DrillFace $face, Paper $paper): array
    {
        [$width, $height] = DrillSvg::size($face);
        $across = $paper->inside();
        $down = $paper->insideHeight() - self::HEAD;
        $tiles = [];
        for ($top = 0.0; $tiles === [] || $top + self::OVERLAP < $height; $top += $down - self::OVERLAP) {
            for ($left = 0.0; $left === 0.0 || $left + self::OVERLAP < $width; $left += $across - self::OVERLAP) {
                $tiles[] = [$left, $top, min($across, $width - $left), min($down, $height - $top)];
            }
        }

        return $tiles;
    }

    private function table(DrillFace $face, Kit $kit): string
    {
        $said = fn(string $code): string => Markup::text($this->words->sentence($code));
        $rows = '';
        foreach ($face->holes as $hole) {
            $stack = $this->words->of(DrillPlan::stack($hole, $kit));
            $rows .=
                '<tr><td class="m">' .
                Markup::text($hole->for) .
                '</td><td class="num">' .
                $this->pair($hole->x, $hole->y) .
                '</td><td class="num">' .
                $this->length($hole->x + $face->width / 2) .
                '</td><td class="num">' .
                $this->length($hole->y + $face->height / 2) .
                '</td><td class="num">' .
                $this->drill($hole) .
                '</td><td>' .
                Markup::text($stack) .
                '</td></tr>';
        }

        return "<table><thead><tr><th>{$said(
            'sheet.hole',
        )}</th><th class=\"num\">{$said('sheet.centre')}</th><th class=\"num\">{$said('sheet.from-left')}</th><th class=\"num\">{$said('sheet.from-bottom')}</th><th class=\"num\">{$said('sheet.drill')}</th><th>{$said('sheet.stack')}</th></tr></thead><tbody>{$rows}</tbody></table>";
    }

    private function pair(float $x, float $y): string
    {
        return "{$this->length($x)}, {$this->length($y)}";
    }

    /** In millimetres and inches, whatever the manual prints: rulers and drills of both kinds lie on benches. */
    private function length(float $millimetres): string
    {
        $plain = Num::of($millimetres);

        return Markup::text(str_replace('-', "\u{2212}", (new LengthText('both'))->of($plain, $this->words->point())));
    }

    private function drill(Hole $hole): string
    {
        return $hole->diameter === null
            ? '?'
            : Markup::text(
                str_replace('.', $this->words->point(), Num::of($hole->diameter)) .
                    "\u{2009}mm, " .
                    self::fraction($hole->diameter),
            );
    }

    /** The next drill in sixty-fourths of an inch that is not smaller. */
    public static function fraction(float $millimetres): string
    {
        $parts = (int) ceil(round(($millimetres / 25.4) * 64, 6));
        $whole = 64;
        while ($parts % 2 === 0 && $whole > 1) {
            $parts = intdiv($parts, 2);
            $whole = intdiv($whole, 2);
        }

        return $whole === 1
            ? "{$parts}\u{2009}in"
            : ($parts > $whole ? intdiv($parts, $whole) . ' ' : '') . $parts % $whole . "/{$whole}\u{2009}in";
    }
}
