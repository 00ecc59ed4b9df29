<?php

declare(strict_types=1);

namespace Chiralex\Board;

/** What a board is made of. */
final readonly class BoardStuff
{
    /** What most boards have, millimetres. */
    public const THICKNESS = 1.6;

    /**
     * @param float $thickness millimetres
     * @param string $mask colour of the solder mask, empty where nobody said
     * @param string $silk colour of the print
     */
    public function __construct(
        public float $thickness = self::THICKNESS,
        public bool $plated = true,
        public string $mask = '',
        public string $silk = '',
    ) {}
}
