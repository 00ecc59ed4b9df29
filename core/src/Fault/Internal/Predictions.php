<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Bench\Reading;
use Chiralex\Bench\Toleranced;
use Chiralex\Bench\WhatIf;
use Chiralex\Fault\Cause;

/** What the meter of a test would show by a suspect that changes its formula: values exchanged, a part open or missing. */
final readonly class Predictions
{
    /** Least half width of what is predicted, as a share. */
    private const LEAST = 0.02;
    /** Shares of a voltage that are left; common practice, no source. */
    private const WEAK = [0.4, 0.97];
    private const REVERSED = [-1.0, 0.1];

    /** @var array<string, Reading> tests with a formula and nothing to turn */
    private array $readings;

    public function __construct(private Bench $bench)
    {
        $readings = [];
        foreach ($bench->tests as $checked) {
            if ($checked->reading !== null && $checked->test->adjusts === null) {
                $readings[$checked->test->name] = $checked->reading;
            }
        }
        $this->readings = $readings;
    }

    /** @return array<string, array{low: float, high: float}> test to range, in the plain unit */
    public function of(Draft $draft): array
    {
        $reads = [];
        foreach ($this->readings as $test => $reading) {
            if ($draft->class === Cause::Supply && $reading->unit === 'V') {
                $reads[$test] = self::fromSupply($draft->name, $reading->nominal);
                continue;
            }
            $values = $this->values($draft, $reading);
            $shown = $values === [] ? null : WhatIf::metered($reading, $values);
            if ($shown !== null) {
                $reads[$test] = self::around($shown, $reading);
            }
        }

        return $reads;
    }

    /**
     * A weak supply brings down what it feeds, a reversed one leaves nothing of it.
     *
     * @return array{low: float, high: float}
     */
    private static function fromSupply(string $name, float $nominal): array
    {
        [$one, $other] = $name === OtherSuspects::WEAK ? self::WEAK : self::REVERSED;

        return ['low' => min($one * $nominal, $other * $nominal), 'high' => max($one * $nominal, $other * $nominal)];
    }

    /** @return array<string, float> parts of the formula that have another value then */
    private function values(Draft $draft, Reading $reading): array
    {
        $names = array_map(strval(...), array_keys($reading->parts));
        $here = array_values(array_intersect($draft->designators, $names));
        if ($here === [] || $draft->sits !== []) {
            return [];
        }
        if ($draft->class === Cause::Swapped) {
            [$one, $other] = $draft->designators;
            $values = [];
            foreach ([[$one, $other], [$other, $one]] as [$place, $from]) {
                $value = $this->value($from);
                if (in_array($place, $names, true) && $value !== null) {
                    $values[$place] = $value;
                }
            }

            return $values;
        }
        $isOpen = in_array($draft->class, [Cause::LeftOut, Cause::WrongHole], true);

        return $isOpen && self::isResistive($reading, $here[0]) ? [$here[0] => WhatIf::OPEN] : [];
    }

    private static function isResistive(Reading $reading, string $name): bool
    {
        return in_array($reading->parts[$name]->unit ?? '', ['ohm', "\u{03A9}"], true);
    }

    private function value(string $name): ?float
    {
        $part = $this->bench->kit->part($name);

        return $part === null ? null : Toleranced::of($part)?->nominal;
    }

    /** @return array{low: float, high: float} as wide as the reading is by its tolerances */
    private static function around(float $shown, Reading $reading): array
    {
        $worst = $reading->spread->worst;
        $share = $reading->nominal === 0.0 ? 0.0 : ($worst->high - $worst->low) / 2.0 / abs($reading->nominal);
        $half =
            max(self::LEAST, is_finite($share) ? $share : self::LEAST) * max(abs($shown), abs($reading->nominal) / 20);

        return ['low' => $shown - $half, 'high' => $shown + $half];
    }
}
