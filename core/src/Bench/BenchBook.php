<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Bench\Exception\InvalidFormula;
use Chiralex\Kit\Gate;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Meter;
use Chiralex\Kit\Test;

/** Every test of a kit with its expected reading; a gate without a test of its own is one. */
final readonly class BenchBook
{
    /** @return list<Checked> in the order of the kit file */
    public function of(Kit $kit): array
    {
        $gates = array_filter(
            $kit->work->gates,
            static fn(Gate $gate): bool => !in_array(
                $gate->name,
                array_map(static fn(Test $test): ?string => $test->gate, $kit->work->tests),
                true,
            ),
        );
        $readings = new Readings($kit);

        return [
            ...array_map(static fn(Gate $gate): Checked => self::gate($readings, $gate), array_values($gates)),
            ...array_map(static fn(Test $test): Checked => self::checked($readings, $test), $kit->work->tests),
        ];
    }

    /** What a gate expects, as a test without points. */
    public static function gate(Readings $readings, Gate $gate): Checked
    {
        return self::checked(
            $readings,
            new Test($gate->name, $gate->name, 'on', new Meter(), [], $gate->expect, null, ''),
        );
    }

    /** One test, as it stands or as it is being written. */
    public static function checked(Readings $readings, Test $test): Checked
    {
        try {
            $found = $readings->of($test->expect, $test->meter->accuracy, $test->adjusts);
        } catch (InvalidFormula $fault) {
            return new Checked($test, null, null, $fault->getMessage());
        }

        return $found instanceof Reading
            ? new Checked($test, $found, $found->expectation)
            : new Checked($test, null, $found);
    }
}
