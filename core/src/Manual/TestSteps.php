<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Build\Action;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\LastTests;
use Chiralex\Build\Step;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Test;

/** Which tests are made at which step: those of the step's gate; a test without a gate belongs to the step that adjusts its part. */
final readonly class TestSteps
{
    /** @return list<Test> */
    public static function at(Kit $kit, Step $step): array
    {
        $here = array_values(array_filter($kit->work->tests, static fn(Test $test): bool => self::isAt($test, $step)));
        // Without power first: a short is found before it burns.
        usort(
            $here,
            static fn(Test $a, Test $b): int => ($a->power === 'off' ? 0 : 1) <=> ($b->power === 'off' ? 0 : 1),
        );

        return $here;
    }

    private static function isAt(Test $test, Step $step): bool
    {
        return match (true) {
            // The last test of function is made by what belongs to no gate.
            $step->verb === Verb::Try => $step->what === LastTests::FINISHED &&
                $test->gate === null &&
                $test->adjusts === null,
            $step->gate !== null => $test->gate === $step->gate->name,
            default => $test->gate === null &&
                $step->action === Action::Adjust &&
                $test->adjusts !== null &&
                in_array($test->adjusts, $step->names(), true),
        };
    }

    /** @return array<string, int> name of a test or a gate to the number of its step */
    public static function numbers(Kit $kit, BuildOrder $order): array
    {
        $numbers = [];
        foreach ($order->steps as $step) {
            if ($step->gate !== null) {
                $numbers[$step->gate->name] ??= $step->number;
            }
            foreach (self::at($kit, $step) as $test) {
                $numbers[$test->name] = $step->number;
            }
        }

        return $numbers;
    }
}
