<?php

declare(strict_types=1);

namespace ChiralexAdapters;

/** A drawing as a picture that every mail program shows. */
final readonly class SvgPng
{
    private const SIZE = 110;
    private const DPI = 150;

    public function __construct(private ChromiumPdf $chromium = new ChromiumPdf()) {}

    /**
     * @return string the bytes of a PNG, square
     * @throws UnusableProgram when Chromium or poppler is missing or fails
     */
    public function of(string $svg): string
    {
        $size = self::SIZE . 'mm';
        $pdf = $this->chromium->print(
            '<!doctype html><html lang="en"><head><meta charset="utf-8"><title>callout</title>' .
                "<style>@page { size: {$size} {$size}; margin: 3mm } body { margin: 0; background: #fff } " .
                'svg { display: block; width: 100%; height: auto } ' .
                // As the printed manual draws its arrow.
                '.pointer { stroke: #ffd9a8; stroke-width: 0.9; fill: #ffd9a8 }</style></head>' .
                "<body>{$svg}</body></html>",
        );

        return Program::run(['pdftoppm', '-png', '-singlefile', '-r', (string) self::DPI, '-'], $pdf);
    }
}
