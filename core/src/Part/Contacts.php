<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** How many pins a switch or relay has by the trade's short names of its contacts: poles, each with its throws and a common pin. */
final readonly class Contacts
{
    /** `SPST`, `DPDT`, `3PDT`, `2P6T`, `3-pole`, `3-polig`; a pole of which no throw is said changes over. Common practice. */
    private const SHORT = '~\b(s|d|[1-9])p(s|d|[1-9]\d?)t\b~';
    private const POLES = '~\b([2-9])[- ]?(?:pole|poles|polig)\b~';

    /** Null where the words say nothing of contacts; a relay's coil has two pins more. */
    public static function pins(Kind $kind, string $text): ?int
    {
        if (!in_array($kind, [Kind::Switch, Kind::Button, Kind::Relay], true)) {
            return null;
        }
        $text = mb_strtolower($text);
        $number = static fn(string $letter): int => match ($letter) {
            's' => 1,
            'd' => 2,
            default => (int) $letter,
        };
        [$poles, $throws] = match (1) {
            preg_match(self::SHORT, $text, $said) => [$number($said[1]), $number($said[2])],
            preg_match(self::POLES, $text, $said) => [(int) $said[1], 2],
            default => [0, 0],
        };

        return $poles === 0 ? null : $poles * ($throws + 1) + ($kind === Kind::Relay ? 2 : 0);
    }
}
