<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Part\Kind;

/** Ends of wires that a screw holds and no solder. */
final readonly class ScrewEnds
{
    public static function is(PinName $end, Kit $kit): bool
    {
        return $kit->part($end->part)?->kind() === Kind::TerminalBlock;
    }

    /**
     * @param list<Wire> $wires
     * @return list<string> the blocks they are screwed into, each once
     */
    public static function of(array $wires, Kit $kit): array
    {
        $names = [];
        foreach ($wires as $wire) {
            foreach ($wire->ends() as $end) {
                if (self::is($end, $kit)) {
                    $names[$end->part] = $end->part;
                }
            }
        }

        return array_values($names);
    }
}
