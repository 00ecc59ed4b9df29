<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Layer\Patch;
use Chiralex\Board\Point;

/** How an aperture is turned before it is laid down: mirrored, then turned, then scaled (commands LM, LR, LS). */
final readonly class Placing
{
    /** @param float $degrees counter-clockwise */
    public function __construct(
        public string $mirror = 'N',
        public float $degrees = 0.0,
        public float $scale = 1.0,
        public bool $isDark = true,
    ) {}

    public function point(Point $point): Point
    {
        $at = new Point(
            ($this->mirror === 'X' || $this->mirror === 'XY' ? -1 : 1) * $point->x * $this->scale,
            ($this->mirror === 'Y' || $this->mirror === 'XY' ? -1 : 1) * $point->y * $this->scale,
        );

        return $this->degrees === 0.0 ? $at : $at->turned($this->degrees);
    }

    /**
     * @param list<Patch> $patches
     * @return list<Patch>
     */
    public function patches(array $patches): array
    {
        return $this->mirror === 'N' && $this->degrees === 0.0 && $this->scale === 1.0
            ? $patches
            : array_map(fn(Patch $patch): Patch => $patch->mapped($this->point(...)), $patches);
    }

    /** An object of a block, where the block is flashed; a block flashed clear changes dark and clear. */
    public function object(LayerObject $object, Point $at): LayerObject
    {
        return $object->mapped(
            fn(Point $point): Point => $this->point($point)->plus($at->x, $at->y),
            $this->patches($object->patches),
            $object->width * $this->scale,
            !$this->isDark,
        );
    }
}
