<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

/** What a part stands: the units of ratings, and percent for tolerances. */
enum RatingUnit: string
{
    case Watt = 'W';
    case Volt = 'V';
    case Ampere = 'A';
    case Percent = '%';

    /** @return list<string> spellings, lower case */
    public function spellings(): array
    {
        return match ($this) {
            self::Watt => ['w', 'watt', 'watts'],
            self::Volt => ['v', 'volt', 'volts', 'vdc', 'vac'],
            self::Ampere => ['a', 'amp', 'amps', 'ampere'],
            self::Percent => ['%', 'percent', 'pct'],
        };
    }
}
