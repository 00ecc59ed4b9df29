<?php

declare(strict_types=1);

namespace ChiralexRender\Print;

/** A sheet of paper in millimetres: ISO 216 A4, or US Letter of 8.5 by 11 inches. */
final readonly class Paper
{
    /** Free of drawing on every side; within reach of every printer. */
    public const MARGIN = 12.0;

    private function __construct(public string $name, public float $width, public float $height) {}

    public static function named(string $name): self
    {
        return $name === 'Letter' ? new self('letter', 8.5 * 25.4, 11 * 25.4) : new self('A4', 210.0, 297.0);
    }

    public function inside(): float
    {
        return $this->width - 2 * self::MARGIN;
    }

    public function insideHeight(): float
    {
        return $this->height - 2 * self::MARGIN;
    }

    /** The style sheet of pages whose drawings keep their size. */
    public function css(): string
    {
        return "@page { size: {$this->name}; margin: " .
            self::MARGIN .
            "mm; }\n* { box-sizing: border-box; }\nbody { margin: 0; font: 9pt/1.35 Next, \"Liberation Sans\", sans-serif; color: #1f282b; }\nmain { margin: 0; }\nh1 { font-size: 14pt; margin: 0 0 1mm; }\nh2 { font-size: 11pt; margin: 0 0 1mm; }\np { margin: 0 0 1mm; }\n.m, text { font-family: Mono, \"Liberation Mono\", monospace; }\n.next { break-before: page; }\nsvg { display: block; }\ntable { border-collapse: collapse; width: 100%; }\nth { text-align: left; font-weight: 500; border-bottom: 0.3mm solid #1f282b; }\ntd, th { padding: 0.7mm 1.5mm; }\ntd { border-bottom: 0.2mm solid #dad3c3; }\n.num { text-align: right; white-space: nowrap; }\ntr { break-inside: avoid; }\n@media screen { body { background: #f8f5ee; padding: 24px; } }\n";
    }
}
