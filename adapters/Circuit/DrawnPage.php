<?php

declare(strict_types=1);

namespace ChiralexAdapters\Circuit;

/** One page of a circuit drawing, safe to show: a picture with the places of its words. */
final readonly class DrawnPage
{
    /**
     * @param array{float, float, float, float} $box left, top, width and height of the page in its own unit
     * @param string $drawing SVG elements without their root
     * @param list<array{string, float, float, float, float}> $words text, left, top, width, height; empty where the drawing marks them itself
     */
    public function __construct(public array $box, public string $drawing, public array $words = []) {}
}
