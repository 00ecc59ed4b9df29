<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

use Chiralex\Board\Side;
use Chiralex\Bom\Designators;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use ChiralexRender\Markup;
use ChiralexRender\Svg\CheckBar;
use ChiralexRender\Svg\Num;
use ChiralexRender\Svg\OverlaySvg;
use ChiralexRender\Words;

/** True-size pages to cut out: both sides of every board with places and names, labels and insulators at their size. */
final readonly class OverlaySheet
{
    private const INSULATOR = '~insulat|isolier|isolat|aislan|isolatie|izolacyjn~u';

    public function __construct(private Words $words) {}

    public function of(Kit $kit, string $paper, string $fonts): string
    {
        $sheet = Paper::named($paper);
        $draw = new OverlaySvg($kit);
        $html = '';
        foreach ($kit->boards as $board) {
            foreach (Side::cases() as $side) {
                if ($draw->bodies($board, $side) !== []) {
                    $html .= $this->page(
                        $kit,
                        "{$board->name}, {$this->words->sentence("sheet.{$side->value}")}",
                        $draw->side($board, $side),
                    );
                }
            }
        }
        foreach ($kit->parts as $part) {
            $size = self::size($part);
            if ($size !== null) {
                $name = Designators::isNamed($part->designator) ? $part->designator : $part->line->cells->value;
                $html .= $this->page($kit, $name, self::rectangle(...$size));
            }
        }
        $title = Markup::text("{$kit->head->name}, {$this->words->sentence('sheet.overlay')}");

        return PrintPage::html(
            $title,
            "{$fonts}\n{$sheet->css()}section.next:first-child { break-before: auto; }",
            $html === ''
                ? "<h1>{$title}</h1><p>" . Markup::text($this->words->sentence('sheet.nothing-placed')) . '</p>'
                : $html,
            $this->words->language,
        );
    }

    private function page(Kit $kit, string $what, string $svg): string
    {
        return '<section class="next"><h1>' .
            Markup::text("{$kit->head->name}: {$this->words->sentence('sheet.overlay')}, {$what}") .
            '</h1><p>' .
            Markup::text($this->words->sentence('sheet.scale', ['length' => "100\u{2009}mm, 4\u{2009}in"])) .
            ' ' .
            Markup::text($this->words->sentence('sheet.overlay-how')) .
            '</p>' .
            self::bar() .
            "{$svg}</section>";
    }

    /** @return ?array{float, float} millimetres of a label or an insulator, where its row says them */
    private static function size(KitPart $part): ?array
    {
        $cells = $part->line->cells;
        $text = mb_strtolower("{$cells->value} {$cells->package} {$cells->description}");

        return ($part->kind() === Kind::Label || preg_match(self::INSULATOR, $text) === 1) &&
            preg_match('~(\d+(?:[.,]\d+)?)\s*[x\x{00D7}]\s*(\d+(?:[.,]\d+)?)~u', $text, $found) === 1
            ? [(float) strtr($found[1], ',', '.'), (float) strtr($found[2], ',', '.')]
            : null;
    }

    private static function rectangle(float $width, float $height): string
    {
        [$w, $h] = [Num::of($width), Num::of($height)];

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$w}mm\" height=\"{$h}mm\" viewBox=\"0 0 {$w} {$h}\"><rect x=\"0.1\" y=\"0.1\" width=\"" .
            Num::of($width - 0.2) .
            '" height="' .
            Num::of($height - 0.2) .
            '" fill="none" stroke="#000" stroke-width="0.2"/></svg>';
    }

    private static function bar(): string
    {
        return '<svg xmlns="http://www.w3.org/2000/svg" width="120mm" height="18mm" viewBox="0 0 120 18">' .
            CheckBar::at(2.0, 6.0) .
            '</svg>';
    }
}
