<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

use Chiralex\Part\Kind;

/** Which mark on the part goes where, as the builder holds the board. */
final readonly class Callout
{
    public function __construct(
        public string $designator,
        public Kind $kind,
        public Signs $signs,
        public PrintedSign $print,
        public Pointing $pointing,
        public Reversal $reversal,
    ) {}
}
