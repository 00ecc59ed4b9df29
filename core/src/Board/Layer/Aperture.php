<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

/** What a flash lays down and a draw is drawn with, about its own origin, in millimetres. */
final readonly class Aperture
{
    /**
     * @param float $width of a standard aperture, its first size; 0 for a macro or a block
     * @param bool $isRound a disc without a hole: its width says all
     * @param list<Patch> $patches in the order in which they are laid; empty for a block
     * @param list<string> $function `['ComponentMain']`
     * @param ?list<LayerObject> $block what a block lays down
     */
    public function __construct(
        public float $width,
        public bool $isRound,
        public array $patches,
        public array $function = [],
        public ?array $block = null,
    ) {}
}
