<?php

declare(strict_types=1);

namespace Chiralex\Tests;

use Chiralex\Build\Step;

/** Kits drawn at random whose orders are pinned, and how an order is told in one line. All data is invented. */
final readonly class PinnedKit
{
    private const SCHOOLS = ['lowest-first', 'kind-by-kind', 'block-by-block'];

    /**
     * Of each size some: those that are searched exactly, those that are polished, those that are constructed only.
     *
     * @return iterable<string, array{array{int, int, string, int, bool, bool}}> seed, parts, school, parts in a step, blocks, two boards
     */
    public static function cases(): iterable
    {
        $at = 0;
        foreach ([5 => 6, 8 => 6, 9 => 1, 11 => 6, 13 => 9, 16 => 4, 17 => 12, 24 => 12, 40 => 6] as $count => $kits) {
            for ($i = 0; $i < $kits; ++$i) {
                $seed = 100 * $count + $i;
                $case = [$seed, $count, self::SCHOOLS[$i % 3], [6, 2, 3, 4][$at % 4], $i % 2 === 1, $at % 3 === 2];
                ++$at;
                yield "{$count} parts, seed {$seed}" => [$case];
            }
        }
    }

    /** @param array{int, int, string, int, bool, bool} $case */
    public static function told(array $case): string
    {
        [$seed, $count, $school, $group, $blocks, $two] = $case;
        [$bom, $places] = RandomKit::rows($seed, $count);
        $names = array_map(static fn(string $row): string => explode(',', $row)[0], $bom);
        $json = ['settings' => ['school' => $school, 'group' => $group]];
        if ($blocks) {
            $cut = intdiv($count, 2);
            $json['groups'] = ['block' => ['one' => array_slice($names, 0, $cut), 'two' => array_slice($names, $cut)]];
        }
        $table = "Ref,X,Y,Rotation,Side,Board\n";
        foreach ($places as $i => $place) {
            $table .= $place . ',' . ($two && $i % 3 === 0 ? 'lamps' : 'main') . "\n";
        }
        $order = KitMaker::order(KitMaker::kit($bom, $two ? [] : $places, $json, $two ? $table : null));

        return implode(' ', get_object_vars($order->score)) .
            ' | ' .
            implode('; ', array_map(static fn(Step $step): string => implode(' ', $step->names()), $order->steps));
    }
}
