<?php

declare(strict_types=1);

namespace Chiralex\Tests;

/** Kits drawn at random for property tests; the same seed gives the same kit. All data is invented. */
final readonly class RandomKit
{
    private const PARTS = [
        ['R', '%s 5%%,Axial 1/4W,resistor', ['470', '4k7', '47k', '1k', '10k', '1M', '330', '2k2']],
        ['C', '%s,disc 5mm,ceramic', ['100n', '22p', '10n', '1n']],
        ['C', '%s 16V,6.3x11,electrolytic', ['100u', '47u', '10u']],
        ['D', '%s,DO-35,diode', ['1N4148']],
        ['LED', '%s,LED 5mm,LED', ['red', 'green', 'yellow']],
        ['Q', '%s,TO-92,transistor', ['BC337', 'BC327', 'BC547']],
        ['U', '%s,DIP-8,IC', ['LM393', '555']],
        ['RV', '%s,trimmer 10mm,trimmer', ['10k', '20k']],
        ['J', '2 way,5.08,screw terminal block', ['2 way']],
    ];

    /**
     * @param int $count of parts
     * @return array{list<string>, list<string>} rows of the parts list and of the placements, in the same order
     */
    public static function rows(int $seed, int $count): array
    {
        mt_srand($seed);
        $bom = $places = $numbers = [];
        for ($i = 0; $i < $count; ++$i) {
            [$letter, $row, $values] = self::PARTS[mt_rand(0, count(self::PARTS) - 1)];
            $name = $letter . ($numbers[$letter] = ($numbers[$letter] ?? 0) + 1);
            $bom[] = "{$name}," . sprintf($row, $values[mt_rand(0, count($values) - 1)]);
            $places[] = sprintf(
                '%s,%d,%d,%d,%s',
                $name,
                8 + 14 * ($i % 5),
                8 + 12 * intdiv($i, 5),
                90 * mt_rand(0, 3),
                mt_rand(0, 5) === 0 ? 'bottom' : 'top',
            );
        }

        return [$bom, $places];
    }
}
