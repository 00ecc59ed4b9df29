<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\Look;

/**
 * What each check is worth: the mutual information of its answer and the set that is at work, in bits. A check singles out few suspects; the
 * sets without any of them are counted together, so that it costs a pass over its own sets alone.
 */
final readonly class Gains
{
    /** A check whose suspects are less likely than this together is not worth asking. */
    private const NOTHING = 1e-5;

    /** @var list<float> */
    private array $shares;
    /** @var list<float> */
    private array $by;
    /** @var array<int, list<int>> suspect to its sets */
    private array $sets;
    /** @var array<string, list<int>> check to the suspects that it tells from others */
    private array $told;
    private float $singles;
    private float $pairs;

    /** @param ?Taps $taps null where an answer is good or bad and nothing more, as on the command line and the page */
    public function __construct(private SetTable $table, private ?Taps $taps = null)
    {
        $this->shares = $table->shares();
        $this->by = $table->bySuspect($this->shares);
        $sets = $told = [];
        $singles = $pairs = 0.0;
        foreach ($table->sets as $index => [$one, $other]) {
            if ($one < 0) {
                continue;
            }
            $sets[$one][] = $index;
            if ($other < 0) {
                $singles += $this->shares[$index];
            } else {
                $sets[$other][] = $index;
                $pairs += $this->shares[$index];
            }
        }
        foreach ($table->suspects as $index => $suspect) {
            foreach ($suspect->bad as $check => $chance) {
                $told[$check][] = $index;
            }
        }
        [$this->sets, $this->told, $this->singles, $this->pairs] = [$sets, $told, $singles, $pairs];
    }

    /**
     * @param list<Check> $checks
     * @return list<Look> best a minute first
     */
    public function looks(array $checks): array
    {
        $looks = [];
        foreach ($checks as $check) {
            $look = $this->look($check);
            if ($look !== null) {
                $looks[] = $look;
            }
        }
        usort($looks, self::order(...));

        return $looks;
    }

    /**
     * The best a minute of the checks that teach enough, as the first of `looks` would be. What a check can teach at most is known before it is
     * counted: whether one of its suspects is at work, if so one bit more and the
     * part that is tapped, and what it tells of the others.
     *
     * @param list<Check> $checks
     * @param float $least bits
     */
    public function best(array $checks, float $least): ?Look
    {
        $most = [];
        foreach ($checks as $at => $check) {
            $bits = $this->most($check);
            if ($bits >= $least) {
                $most[$at] = $bits / $check->minutes;
            }
        }
        arsort($most);
        $best = null;
        foreach ($most as $at => $bound) {
            if ($best !== null && $bound < $best->perMinute()) {
                break;
            }
            $look = $this->look($checks[$at]);
            if ($look === null || $look->gain < $least) {
                continue;
            }
            $best = $best === null || self::order($look, $best) < 0 ? $look : $best;
        }

        return $best;
    }

    private static function order(Look $a, Look $b): int
    {
        return $b->perMinute() <=> $a->perMinute() ?: strcmp($a->check->name, $b->check->name);
    }

    /** @return float bits that the answer tells at most */
    private function most(Check $check): float
    {
        $touched = 0.0;
        foreach ($this->told[$check->name] ?? [] as $index) {
            $touched += $this->by[$index];
        }
        if ($touched < self::NOTHING) {
            return 0.0;
        }
        $two = SetTable::together($check->usual, $check->usual);
        // Those outside differ by how many they are; even chances of the two extremes tell 94 % of the most that any tell (Majani and
        // Rumsey, Two results on binary-input discrete memoryless channels, 1991, from memory).
        $spread =
            self::entropy(0.5 * (SetTable::LEAST + $two)) -
            0.5 * (self::entropy(SetTable::LEAST) + self::entropy($two));

        // By sets that it does not touch every part is tapped alike, which tells nothing.
        $tapped = log(max(1, count($this->taps?->of($check) ?? [])), 2);

        return self::entropy(min(0.5, $touched)) + min(1.0, $touched) * (1.0 + $tapped) + max(0.0, $spread) / 0.94;
    }

    /** @return ?Look null where it would teach nothing */
    private function look(Check $check): ?Look
    {
        $told = $this->told[$check->name] ?? [];
        $touched = 0.0;
        foreach ($told as $index) {
            $touched += $this->by[$index];
        }
        if ($touched < self::NOTHING) {
            return null;
        }
        $tapped = $this->taps?->tapped($check);
        $weighed = [];
        [$singles, $pairs] = [$this->singles, $this->pairs];
        $bad = $inside = 0.0;
        $seen = [];
        foreach ($told as $index) {
            foreach ($this->sets[$index] ?? [] as $set) {
                if (isset($seen[$set])) {
                    continue;
                }
                $seen[$set] = true;
                [$one, $other] = $this->table->sets[$set];
                $share = $this->shares[$set];
                $chance = SetTable::together(
                    $this->table->suspects[$one]->badAt($check),
                    $other < 0 ? 0.0 : $this->table->suspects[$other]->badAt($check),
                );
                $bad += $share * $chance;
                $inside += $share * self::entropy($chance);
                $weighed[] = [$share * $chance, $one, $other];
                if ($other < 0) {
                    $singles -= $share;
                } else {
                    $pairs -= $share;
                }
            }
        }
        foreach (
            [
                [$this->shares[0] ?? 0.0, SetTable::LEAST],
                [$singles, SetTable::together($check->usual, 0.0)],
                [$pairs, SetTable::together($check->usual, $check->usual)],
            ] as [$share, $chance]
        ) {
            $bad += $share * $chance;
            $inside += $share * self::entropy($chance);
            $weighed[] = [$share * $chance, -1, -1];
        }

        return new Look($check, max(0.0, self::entropy($bad) - $inside) + ($tapped?->bits($weighed) ?? 0.0), $bad);
    }

    private static function entropy(float $chance): float
    {
        return $chance <= 0.0 || $chance >= 1.0
            ? 0.0
            : -($chance * log($chance, 2) + (1.0 - $chance) * log(1.0 - $chance, 2));
    }
}
