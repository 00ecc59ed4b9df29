<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Chiralex\Part\Kind;

/** What a builder sees of a part when it lies on the table. */
final readonly class Look
{
    /**
     * @param string $value what the part is, in normal form; two parts of one value are no look-alikes
     * @param string $body name of the outline
     * @param list<Colour> $bands empty where there are none
     * @param ?string $code printed marking
     * @param bool $clear a clear lens that hides the colour
     */
    public function __construct(
        public Kind $kind,
        public string $value,
        public string $body,
        public array $bands = [],
        public ?string $code = null,
        public bool $clear = false,
    ) {}
}
