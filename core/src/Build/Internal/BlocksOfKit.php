<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Kit\Gate;
use Chiralex\Kit\Kit;

/**
 * The block each part is built with: what the maker says; a part in no block that a gate's tests read, a test point most often,
 * goes with the last block that the gate needs, so that a block is tested when it is built.
 */
final readonly class BlocksOfKit
{
    /** @return array<string, string> designator to block */
    public static function of(Kit $kit): array
    {
        $blocks = [];
        foreach ($kit->work->groups->blocks as $name => $members) {
            foreach ($members as $member) {
                $blocks[$member] = (string) $name;
            }
        }
        $order = array_flip(array_map(strval(...), array_keys($kit->work->groups->blocks)));
        $needs = new TestNeeds($kit);
        foreach ($blocks === [] ? [] : $kit->work->gates as $gate) {
            $wanted = self::needed($gate, $kit, $needs);
            $last = null;
            foreach ($wanted as $name) {
                $block = $blocks[$name] ?? null;
                $last = $block !== null && ($last === null || $order[$block] > $order[$last]) ? $block : $last;
            }
            if ($last !== null) {
                $blocks += array_fill_keys($wanted, $last);
            }
        }

        return $blocks;
    }

    /** @return list<string> */
    private static function needed(Gate $gate, Kit $kit, TestNeeds $needs): array
    {
        $wanted = $gate->needs;
        foreach ($kit->work->tests as $test) {
            if ($test->gate === $gate->name) {
                array_push($wanted, ...array_map(strval(...), array_keys($needs->of($test))));
            }
        }

        return array_values(array_diff($wanted, $gate->protects));
    }
}
