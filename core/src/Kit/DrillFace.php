<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** One face of a case or panel with its holes. */
final readonly class DrillFace
{
    /**
     * @param string $by the case or panel
     * @param string $face which face of it, as the maker calls it; empty for a panel
     * @param float $width millimetres
     * @param float $height millimetres
     * @param list<Hole> $holes
     */
    public function __construct(
        public string $by,
        public string $face,
        public float $width,
        public float $height,
        public array $holes,
    ) {}
}
