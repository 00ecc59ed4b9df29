<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Build\BuildOrder;
use Chiralex\Kit\Gate;
use Chiralex\Kit\Kit;
use Chiralex\Kit\PinName;
use Chiralex\Kit\Test;

/** The blocks a maker declares, with where each is built and how each is measured. */
final readonly class Blocks
{
    /** @return list<Block> */
    public static function of(Kit $kit, BuildOrder $order): array
    {
        $blocks = [];
        foreach ($kit->work->groups->blocks as $name => $declared) {
            $parts = array_values(array_filter($declared, static fn(string $part): bool => $kit->part($part) !== null));
            $steps = [];
            foreach ($order->steps as $step) {
                if (array_intersect($step->fits(), $parts) !== []) {
                    $steps[] = $step->number;
                }
            }
            $blocks[] = new Block(
                (string) $name,
                $parts,
                $steps,
                array_values(
                    array_filter($kit->work->tests, static fn(Test $test): bool => self::measures($test, $parts, $kit)),
                ),
            );
        }

        return $blocks;
    }

    /** @param list<string> $parts */
    private static function measures(Test $test, array $parts, Kit $kit): bool
    {
        $named = [
            ...array_map(static fn(string $point): string => PinName::read($point)->part, $test->points),
            $test->adjusts ?? '',
        ];
        preg_match_all('~\b[A-Z]{1,4}\d+\b~', $test->expect, $found);
        if (array_intersect([...$named, ...$found[0]], $parts) !== []) {
            return true;
        }
        $gates = array_filter(
            $kit->work->gates,
            static fn(Gate $gate): bool => $gate->name === $test->gate &&
                count(array_intersect($gate->needs, $parts)) * 2 > count($parts),
        );

        return $gates !== [];
    }
}
