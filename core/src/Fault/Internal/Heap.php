<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

/** Matters, and by which words and parts each is found. */
final readonly class Heap
{
    /** From here on a report is of a matter. */
    private const ALIKE = 0.47;
    /** Words and parts of a report by which matters are looked for, the rarest. */
    private const BY = 6;

    /**
     * @param list<Said> $reports
     * @param array<int, Matter> $matters
     * @param array<string, array<int, true>> $having kit and word to matters
     */
    private function __construct(private array $reports, public array $matters, private array $having) {}

    /** @param list<Said> $reports */
    public static function of(array $reports): self
    {
        $matters = $having = $of = [];
        $next = 0;
        // Whoever came first chose among few: each chooses twice, then matters that are one are joined.
        foreach ([1, 2] as $round) {
            foreach ($reports as $at => $said) {
                if ($round === 2) {
                    $left = $matters[$of[$at]]->without($at, $said);
                    if ($left->reports === []) {
                        unset($matters[$of[$at]]);
                    } else {
                        $matters[$of[$at]] = $left;
                    }
                }
                $of[$at] = self::best($said, $matters, $having) ?? $next++;
                $matters[$of[$at]] = ($matters[$of[$at]] ?? Matter::of($said->kit))->with($at, $said);
                foreach ($said->keys(PHP_INT_MAX) as $key) {
                    $having[$key][$of[$at]] = true;
                }
            }
        }

        return self::joined($reports, $matters, $having);
    }

    /** @return list<int> reports of the matter that a report is of; none where it is the first */
    public function like(Said $said): array
    {
        $best = self::best($said, $this->matters, $this->having);

        return $best === null ? [] : array_keys($this->matters[$best]->reports);
    }

    /**
     * @param array<int, Matter> $matters
     * @param array<string, array<int, true>> $having
     */
    private static function best(Said $said, array $matters, array $having): ?int
    {
        $best = null;
        $most = self::ALIKE;
        foreach (self::near($said->keys(self::BY), $having) as $matter) {
            $score = isset($matters[$matter]) ? $matters[$matter]->likeness($said) : 0.0;
            if ($score >= $most) {
                [$best, $most] = [$matter, $score];
            }
        }

        return $best;
    }

    /**
     * @param list<string> $keys
     * @param array<string, array<int, true>> $having
     * @return list<int>
     */
    private static function near(array $keys, array $having): array
    {
        $near = [];
        foreach ($keys as $key) {
            $near += $having[$key] ?? [];
        }

        return array_keys($near);
    }

    /**
     * @param list<Said> $reports
     * @param array<int, Matter> $matters
     * @param array<string, array<int, true>> $having
     */
    private static function joined(array $reports, array $matters, array $having): self
    {
        foreach (array_keys($matters) as $one) {
            while (isset($matters[$one])) {
                $other = self::next($one, $reports, $matters, $having);
                if ($other === null) {
                    break;
                }
                foreach (array_keys($matters[$other]->reports) as $at) {
                    $matters[$one] = $matters[$one]->with($at, $reports[$at]);
                    foreach ($reports[$at]->keys(PHP_INT_MAX) as $key) {
                        $having[$key][$one] = true;
                    }
                }
                unset($matters[$other]);
            }
        }

        return new self($reports, $matters, $having);
    }

    /**
     * @param list<Said> $reports
     * @param array<int, Matter> $matters
     * @param array<string, array<int, true>> $having
     * @return ?int the matter that is most like this one; null where none is
     */
    private static function next(int $one, array $reports, array $matters, array $having): ?int
    {
        $keys = [];
        foreach (array_slice(array_keys($matters[$one]->reports), 0, self::BY) as $at) {
            $keys += array_fill_keys($reports[$at]->keys(self::BY), true);
        }
        $best = null;
        $most = self::ALIKE;
        foreach (self::near(array_keys($keys), $having) as $other) {
            $score =
                $other === $one || !isset($matters[$other]) ? 0.0 : $matters[$one]->mean($matters[$other], $reports);
            if ($score >= $most) {
                [$best, $most] = [$other, $score];
            }
        }

        return $best;
    }

    public function size(): int
    {
        return count($this->reports);
    }
}
