<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

/** Units of a part's main value. */
enum Unit: string
{
    case Ohm = 'ohm';
    case Farad = 'farad';
    case Henry = 'henry';

    /** Greek capital omega U+03A9 stands for the ohm in print. */
    public function symbol(): string
    {
        return match ($this) {
            self::Ohm => "\u{03A9}",
            self::Farad => 'F',
            self::Henry => 'H',
        };
    }

    /** @return list<string> spellings met in parts lists, lower case, longest first */
    public function spellings(): array
    {
        return match ($this) {
            self::Ohm => ['ohms', 'ohm', "\u{03C9}", "\u{2126}"],
            self::Farad => ['farad', 'f'],
            self::Henry => ['henry', 'h'],
        };
    }
}
