<?php

declare(strict_types=1);

namespace Chiralex\Manual;

/** What a part stands in, in one revision: where a change of it has to be looked at. */
final readonly class Touched
{
    /**
     * @param list<int> $steps
     * @param list<string> $tests
     */
    private function __construct(public array $steps, public ?string $bag, public bool $callout, public array $tests) {}

    public static function by(string $designator, Manual $manual): self
    {
        $steps = $tests = [];
        $callout = false;
        foreach ($manual->steps as $step) {
            if (in_array($designator, $step->step->names(), true)) {
                $steps[] = $step->step->number;
            }
            foreach ($step->callouts as $each) {
                $callout = $callout || $each->designator === $designator;
            }
        }
        foreach ($manual->kit->work->tests as $test) {
            if (
                in_array($designator, $test->points, true) ||
                $test->adjusts === $designator ||
                preg_match('~\b' . preg_quote($designator, '~') . '\b~', "{$test->expect} {$test->otherwise}") === 1
            ) {
                $tests[] = $test->name;
            }
        }
        foreach ($manual->kit->work->gates as $gate) {
            if (in_array($designator, [...$gate->needs, ...$gate->protects], true)) {
                $tests[] = $gate->name;
            }
        }

        return new self(
            $steps,
            $manual->bags->bagOf()[$designator] ?? null,
            $callout,
            array_values(array_unique($tests)),
        );
    }
}
