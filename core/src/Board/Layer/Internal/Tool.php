<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

use Chiralex\Board\Layer\Aperture;

/** What a layer file draws with at the moment: the aperture in hand, those defined, and how they are laid down. */
final readonly class Tool
{
    /** @param string $number of the aperture in hand, empty before the first */
    public function __construct(
        public string $number = '',
        public ApertureList $list = new ApertureList(),
        public Placing $placing = new Placing(),
    ) {}

    /** One that was never defined draws nothing. */
    public function aperture(): Aperture
    {
        return $this->list->apertures[(int) $this->number] ?? new Aperture(0.0, true, []);
    }
}
