<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Bench\Exception\InvalidFormula;
use Chiralex\Bench\Internal\Extremes;
use Chiralex\Bench\Internal\Tape;
use Chiralex\Kit\Kit;
use Chiralex\Part\Role;
use Closure;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Computes what the tests of a kit expect: nominal, worst case, central 95 %, what a meter may show, and what an adjuster reaches. */
final readonly class Readings
{
    private const DRAWS = 4000;
    private const TAIL = 0.025;
    /** Where the track of an adjuster is looked at, and how near its end it comes. */
    private const STOPS = 16;
    private const END = 1e-6;
    private const THIRDS = 30;

    /** @param int $seed of the draws; the same seed gives the same numbers */
    public function __construct(private Kit $kit, private int $seed = 1) {}

    /**
     * @param string $accuracy of the meter, `0.5 %`
     * @param ?string $adjusts designator of the adjuster
     * @return Reading|Expectation a reading where a formula is given, else the range as typed
     * @throws InvalidFormula when the text is neither, or names a part without a value
     */
    public function of(string $expect, string $accuracy = '', ?string $adjusts = null): Reading|Expectation
    {
        $expectation = Expectation::parse($expect);
        $formula = $expectation->formula;
        if ($formula === null) {
            return $expectation;
        }
        $parts = [];
        $tape = Tape::of($formula->expression);
        foreach ($tape->parts as $name) {
            $part = $this->kit->part($name);
            $value = $part === null ? null : Toleranced::of($part);
            if ($value === null) {
                throw InvalidFormula::unknownPart($expect, $name, $part === null);
            }
            $parts[$name] = $value;
        }
        $box = array_map(static fn(Toleranced $part): Interval => $part->range, $parts);
        $nominal = array_map(static fn(Toleranced $part): float => $part->nominal, $parts);
        $turned =
            $adjusts !== null && isset($parts[$adjusts]) && $this->kit->part($adjusts)?->row->is(Role::Adjusts) === true
                ? $adjusts
                : null;
        [$worst, $atCorners, $cut] = (new Extremes($formula->expression))->of($box);
        $metered = $formula->metered === null ? $worst : (new Extremes($formula->metered))->of($box)[0];
        $value = $tape->evaluate($nominal);
        [$usual, $reaches] = $this->drawn($tape, $parts, $turned, $expectation->range);
        foreach ([$value, $usual->low, $usual->high] as $number) {
            if (!is_finite($number)) {
                throw InvalidFormula::noNumber($expect);
            }
        }

        return new Reading(
            $expectation,
            $value,
            Tape::of($formula->metered ?? $formula->expression)->evaluate($nominal),
            new ReadingSpread($worst, $usual, $atCorners, $cut),
            $expectation->range ?? Meter::of($accuracy)->shown($worst->hull($metered)),
            $expectation->unit === '' ? self::unit($expect, $parts) : $expectation->unit,
            $parts,
            new Reach($turned === null ? null : $this->reach($tape, $nominal, $turned), $reaches),
        );
    }

    /**
     * A sum of parts of one kind has their unit: `R1 + R3` is in ohm.
     *
     * @param array<string, Toleranced> $parts
     */
    private static function unit(string $expect, array $parts): string
    {
        $units = array_unique(array_map(static fn(Toleranced $part): string => $part->unit, $parts));

        return count($units) === 1 && preg_match('~^\s*[A-Z]+\d+(?:\s*\+\s*[A-Z]+\d+)*\s*$~', $expect) === 1
            ? str_replace("\u{03A9}", 'ohm', array_values($units)[0])
            : '';
    }

    /**
     * What the adjuster reaches: its track is used from nearly nothing to the whole of it, and the most or least may lie between.
     *
     * @param array<string, float> $nominal
     */
    private function reach(Tape $tape, array $nominal, string $adjuster): Interval
    {
        $at = static fn(float $share): float => $tape->evaluate([$adjuster => $nominal[$adjuster] * $share] + $nominal);
        $values = [$at(self::END)];
        foreach (range(1, self::STOPS) as $stop) {
            $values[] = $at($stop / self::STOPS);
        }
        $low = (int) array_search(min($values), $values, true);
        $high = (int) array_search(max($values), $values, true);

        return new Interval(
            min(min($values), $this->between(static fn(float $share): float => $at($share), $low)),
            max(max($values), -$this->between(static fn(float $share): float => -$at($share), $high)),
        );
    }

    /** @param array<string, float> $at */
    private function ends(Tape $tape, array $at, string $adjuster): Interval
    {
        $ends = [$tape->evaluate([$adjuster => $at[$adjuster] * self::END] + $at), $tape->evaluate($at)];

        return new Interval(min($ends), max($ends));
    }

    /**
     * The least of a function beside a stop of the track, by thirds; at an end of the track it comes as near as that end.
     *
     * @param Closure(float): float $of
     */
    private function between(Closure $of, int $stop): float
    {
        $left = max(self::END, ($stop - 1) / self::STOPS);
        $right = min(1.0, ($stop + 1) / self::STOPS);
        foreach (range(1, self::THIRDS) as $third) {
            [$a, $b] = [$left + ($right - $left) / 3, $right - ($right - $left) / 3];
            [$left, $right] = $of($a) <= $of($b) ? [$left, $b] : [$a, $right];
        }

        return $of(($left + $right) / 2);
    }

    /**
     * Parts drawn within their tolerances, each as its values are spread.
     *
     * @param array<string, Toleranced> $parts
     * @return array{Interval, ?float} the central 95 %, and the share of kits whose adjuster reaches the middle of the wanted range
     */
    private function drawn(Tape $tape, array $parts, ?string $adjuster, ?Interval $wanted): array
    {
        $random = new Randomizer(new Mt19937($this->seed));
        $values = [];
        $reached = 0;
        $middle = $wanted?->middle();
        $nominal = array_map(static fn(Toleranced $part): float => $part->nominal, $parts);
        $hasBend =
            $adjuster !== null &&
            !$this->ends($tape, $nominal, $adjuster)->holds($this->reach($tape, $nominal, $adjuster));
        for ($i = 0; $i < self::DRAWS; ++$i) {
            $at = array_map(static fn(Toleranced $part): float => $part->spread->draw($random, $part->range), $parts);
            $values[] = $tape->evaluate($at);
            if ($adjuster !== null && $middle !== null) {
                $range = $hasBend ? $this->reach($tape, $at, $adjuster) : $this->ends($tape, $at, $adjuster);
                $reached += $middle >= $range->low && $middle <= $range->high ? 1 : 0;
            }
        }
        sort($values);

        return [
            new Interval(
                $values[(int) (self::TAIL * self::DRAWS)],
                $values[(int) ((1 - self::TAIL) * self::DRAWS) - 1],
            ),
            $adjuster === null || $middle === null ? null : $reached / self::DRAWS,
        ];
    }
}
