<?php

declare(strict_types=1);

namespace ChiralexRender\Svg;

use Chiralex\Bagging\MatCell;
use Chiralex\Bagging\SortingMat;
use Chiralex\Kit\PartLook;
use ChiralexRender\Markup;
use ChiralexRender\Text\PartMarking;
use ChiralexRender\Text\PartName;
use ChiralexRender\Words;

/** One place of a sorting mat: the part at its size, its name, its value, how it is marked, where its leads are bent. */
final readonly class MatCellSvg
{
    private const LEAST = 22.0;
    /** Lines of words below the drawing. */
    private const LINE = 3.2;
    private const BOX = 6.0;
    private const CHARACTER = 1.6;

    private PartName $names;

    public function __construct(private Words $words)
    {
        $this->names = new PartName($words);
    }

    /** @return array{float, float} width and height in millimetres */
    public function size(MatCell $cell): array
    {
        $text = max(array_map(mb_strlen(...), $this->lines($cell))) * self::CHARACTER + 3;

        return [
            max(self::LEAST, $this->along($cell) + 5, $text, $cell->measured ? 26.0 : 0.0),
            $this->drawing($cell) + self::LINE * count($this->lines($cell)) + 2.5 + ($cell->measured ? self::BOX : 0.0),
        ];
    }

    public function cell(MatCell $cell, float $x, float $y): string
    {
        [$width, $height] = $this->size($cell);
        $room = $this->drawing($cell);
        $svg = sprintf(
            '<g class="place" data-ref="%s" transform="translate(%s %s)"><rect width="%s" height="%s" rx="1" fill="none" stroke="#5a6467" stroke-width="0.2" stroke-dasharray="1.2 0.8"/>',
            Markup::text($cell->designator),
            Num::of($x),
            Num::of($y),
            Num::of($width),
            Num::of($height),
        );
        $svg .=
            $room > 0.0
                ? sprintf(
                    '<g class="body" transform="translate(%s %s) scale(1 -1)">%s%s</g>',
                    Num::of($width / 2),
                    Num::of($room / 2),
                    (new BodyDrawing())->body($cell->part),
                    $this->bend($cell),
                )
                : '';
        $at = $room + self::LINE;
        foreach ($this->lines($cell) as $index => $line) {
            $svg .= sprintf(
                '<text x="1.5" y="%s" font-size="2.5"%s>%s</text>',
                Num::of($at + $index * self::LINE - 0.6),
                $index === 0 ? ' font-weight="700"' : '',
                Markup::text($line),
            );
        }
        if ($cell->measured) {
            $top = $height - self::BOX - 0.8;
            $svg .= sprintf(
                '<rect x="1.5" y="%s" width="%s" height="%s" fill="none" stroke="#1f282b" stroke-width="0.2"/><text x="2.2" y="%s" font-size="1.9" class="words">%s</text>',
                Num::of($top),
                Num::of($width - 3),
                Num::of(self::BOX),
                Num::of($top + 2.2),
                Markup::text($this->words->sentence('sheet.measured')),
            );
        }

        return $svg . '</g>';
    }

    /** @return non-empty-list<string> */
    private function lines(MatCell $cell): array
    {
        $marking = PartMarking::of($cell->part);
        $bands = implode(
            ' ',
            array_map(static fn($colour): string => $colour->letters(), PartLook::of($cell->part)->bands),
        );
        $name =
            $cell->designator === ''
                ? "{$cell->quantity} \u{00D7}"
                : $cell->designator . ($cell->quantity > 1 ? " {$cell->quantity} \u{00D7}" : '');
        $lines = [
            $name,
            mb_substr($this->names->value($cell->part), 0, 26),
            match (true) {
                $bands !== '' => $bands,
                ($marking['type'] ?? '') === 'band' => $this->words->mark(PartMarking::band($cell->part)),
                default => $marking['text'] ?? '',
            },
            $cell->bend === null
                ? ''
                : $this->words->sentence('sheet.bend', [
                    'length' => $this->words->lengths->of(Num::of($cell->bend), $this->words->point()),
                ]),
        ];

        return [
            $lines[0],
            ...array_values(array_filter(array_slice($lines, 1), static fn(string $line): bool => $line !== '')),
        ];
    }

    private function along(MatCell $cell): float
    {
        return $this->isDrawn($cell) ? max($cell->along, $cell->bend ?? 0.0) : 0.0;
    }

    /** Height of the drawing with a little room. */
    private function drawing(MatCell $cell): float
    {
        return $this->isDrawn($cell) ? $cell->across + 4.0 : 0.0;
    }

    private function isDrawn(MatCell $cell): bool
    {
        return $cell->along > 0.0 && max($cell->along, $cell->across) <= SortingMat::LARGEST;
    }

    /** Where the leads are bent down. */
    private function bend(MatCell $cell): string
    {
        if ($cell->bend === null) {
            return '';
        }
        $half = $cell->bend / 2;

        return sprintf(
            '<path class="bend" d="M%s 0H%sM%s 1.6V-1.6M%s 1.6V-1.6" fill="none" stroke="#1f282b" stroke-width="0.25"/>',
            Num::of(-$half),
            Num::of(-$cell->along / 2),
            Num::of(-$half),
            Num::of($half),
        ) .
            sprintf(
                '<path d="M%s 0H%s" fill="none" stroke="#1f282b" stroke-width="0.25"/>',
                Num::of($cell->along / 2),
                Num::of($half),
            );
    }
}
