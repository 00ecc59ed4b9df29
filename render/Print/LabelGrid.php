<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

/**
 * Where labels stand on their sheet, in millimetres: eight of 99.1 by 67.7 on A4, ten of 4 by 2 inches on Letter, one after the other
 * of 62 by 100 on a roll. Sizes as such sheets are sold, from memory.
 */
final readonly class LabelGrid
{
    private const PADDING = 3.5;

    private function __construct(
        private string $page,
        public int $columns,
        public int $rows,
        public float $width,
        public float $height,
        private float $left,
        private float $top,
        private float $gap,
    ) {}

    public static function named(string $paper): self
    {
        return match ($paper) {
            'Letter' => new self('letter', 2, 5, 101.6, 50.8, 3.96, 12.7, 4.78),
            'roll' => new self('62mm 100mm', 1, 1, 62.0, 100.0, 0.0, 0.0, 0.0),
            default => new self('A4', 2, 4, 99.1, 67.7, 4.65, 13.1, 2.5),
        };
    }

    /** @return int<1, max> lines of parts that one label holds below its head */
    public function lines(float $head, float $line): int
    {
        return max(1, (int) floor(($this->height - 2 * self::PADDING - $head) / $line));
    }

    /**
     * Pages of labels, each at its place.
     *
     * @param list<string> $labels already safe
     */
    public function html(array $labels): string
    {
        $pages = '';
        foreach (array_chunk($labels, max(1, $this->columns * $this->rows)) as $page) {
            $cells = implode(
                '',
                array_map(static fn(string $label): string => "<section class=\"cell\">{$label}</section>", $page),
            );
            $pages .= "<div class=\"grid\">{$cells}</div>";
        }

        return $pages;
    }

    public function css(): string
    {
        return "@page { size: {$this->page}; margin: 0; }\n" .
            '.grid { break-after: page; display: grid; grid-template-columns: repeat(' .
            "{$this->columns}, {$this->width}mm); grid-auto-rows: {$this->height}mm; column-gap: {$this->gap}mm; padding: {$this->top}mm 0 0 {$this->left}mm; }\n" .
            ".grid:last-child { break-after: auto; }\n.cell { padding: " .
            self::PADDING .
            "mm; overflow: hidden; }\n";
    }
}
