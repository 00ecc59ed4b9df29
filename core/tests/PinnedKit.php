<?php

declare(strict_types=1);

namespace Chiralex\Tests;

use Chiralex\Build\BuildCycle;
use Chiralex\Build\Planner;
use Chiralex\Build\Step;

/** Kits drawn at random whose orders are pinned, and how an order is told in one line. All data is invented. */
final readonly class PinnedKit
{
    private const SCHOOLS = ['lowest-first', 'kind-by-kind', 'block-by-block'];
    /** Kits that tell what others do not: a step less looked at, and their order becomes another. */
    private const TELLING = [
        [1527, 12, 'lowest-first', 4, true, true, false],
        [1308, 10, 'block-by-block', 6, false, false, false],
        [1314, 10, 'block-by-block', 3, false, false, false],
        [1534, 12, 'kind-by-kind', 3, false, false, false],
        [1708, 14, 'block-by-block', 6, false, true, false],
        [1305, 10, 'block-by-block', 2, true, false, true],
    ];

    /**
     * Of each size some: those that are searched exactly, those that are polished, those that are constructed only.
     *
     * @return iterable<string, array{array{int, int, string, int, bool, bool, bool}}> seed, parts, school, parts in a step, blocks, two boards, bound by facts
     */
    public static function cases(): iterable
    {
        $at = 0;
        foreach ([5 => 6, 8 => 6, 9 => 1, 11 => 6, 13 => 9, 16 => 4, 17 => 12, 24 => 12, 40 => 6] as $count => $kits) {
            for ($i = 0; $i < $kits; ++$i) {
                $seed = 100 * $count + $i;
                $case = [$seed, $count, self::SCHOOLS[$i % 3], [6, 2, 3, 4][$at % 4], $i % 2 === 1, $at % 3 === 2];
                ++$at;
                yield "{$count} parts, seed {$seed}" => [[...$case, false]];
            }
        }
        foreach ([7 => 6, 9 => 9, 12 => 9, 17 => 12, 20 => 12, 30 => 9, 60 => 6, 90 => 3] as $count => $kits) {
            for ($i = 0; $i < $kits; ++$i) {
                $seed = 100 * $count + 50 + $i;
                $case = [$seed, $count, self::SCHOOLS[$i % 3], [6, 2, 3, 4][$at % 4], $i % 2 === 1, $at % 3 === 2];
                ++$at;
                yield "{$count} bound parts, seed {$seed}" => [[...$case, true]];
            }
        }
        foreach (self::TELLING as $case) {
            yield "{$case[1]} parts, telling, seed {$case[0]}" => [$case];
        }
    }

    /** @param array{int, int, string, int, bool, bool, bool} $case */
    public static function told(array $case): string
    {
        [$seed, $count, $school, $group, $blocks, $two, $bound] = $case;
        [$bom, $places] = RandomKit::rows($seed, $count);
        $names = array_map(static fn(string $row): string => explode(',', $row)[0], $bom);
        $json = ['settings' => ['school' => $school, 'group' => $group]];
        if ($blocks) {
            $cut = intdiv($count, 2);
            $json['groups'] = ['block' => ['one' => array_slice($names, 0, $cut), 'two' => array_slice($names, $cut)]];
        }
        $json = $bound ? self::bound($json, $names, $seed) : $json;
        $table = "Ref,X,Y,Rotation,Side,Board\n";
        foreach ($places as $i => $place) {
            $table .= $place . ',' . ($two && $i % 3 === 0 ? 'lamps' : 'main') . "\n";
        }
        $order = (new Planner())->plan(KitMaker::kit($bom, $two ? [] : $places, $json, $two ? $table : null));
        if ($order instanceof BuildCycle) {
            return 'circle | ' . implode('; ', $order->path());
        }

        return implode(' ', get_object_vars($order->score)) .
            ' | ' .
            implode('; ', array_map(static fn(Step $step): string => implode(' ', $step->names()), $order->steps));
    }

    /**
     * Facts that tie parts: some before others, a gate that needs one and protects another, a part over some.
     *
     * @param array<string, mixed> $json
     * @param list<string> $names
     * @return array<string, mixed>
     */
    private static function bound(array $json, array $names, int $seed): array
    {
        mt_srand($seed + 7);
        $last = count($names) - 1;
        $some = static function () use ($last): array {
            $first = mt_rand(0, $last - 1);

            return [$first, mt_rand($first + 1, $last)];
        };
        $groups = is_array($json['groups'] ?? null) ? $json['groups'] : [];
        for ($i = 0; $i < 1 + intdiv($last, 5); ++$i) {
            [$first, $then] = $some();
            $groups['before'][] = [$names[$first], $names[$then]];
        }
        for ($i = 0; $i < 1 + intdiv($last, 16); ++$i) {
            [$needed, $protected] = $some();
            $json['gates'][] = [
                'name' => "gate {$i}",
                'needs' => [$names[$needed]],
                'protects' => [$names[$protected]],
                'early' => mt_rand(0, 1) === 1,
            ];
        }

        return ['groups' => $groups] + $json;
    }
}
