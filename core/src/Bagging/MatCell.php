<?php

declare(strict_types=1);

namespace Chiralex\Bagging;

use Chiralex\Kit\KitPart;

/** One place of a sorting mat. */
final readonly class MatCell
{
    /**
     * @param string $designator empty where the row of the parts list names none
     * @param int $quantity pieces that lie here
     * @param float $along millimetres of the body as drawn
     * @param float $across millimetres
     * @param ?float $bend millimetres between its holes, for parts whose leads are bent to them
     * @param bool $measured has a box for the value measured
     */
    public function __construct(
        public string $designator,
        public string $bag,
        public int $quantity,
        public KitPart $part,
        public float $along,
        public float $across,
        public ?float $bend,
        public bool $measured,
    ) {}
}
