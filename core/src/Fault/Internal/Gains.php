<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\Look;

/**
 * What each check is worth: the mutual information of its answer and the set that is at work, in bits. Sets that give the same chance of a
 * bad answer are counted together, so that a check costs one pass over the sets.
 */
final readonly class Gains
{
    /** A check whose suspects are less likely than this together is not worth asking. */
    private const NOTHING = 1e-5;

    /** @var list<float> */
    private array $shares;
    /** @var list<float> */
    private array $by;

    public function __construct(private SetTable $table)
    {
        $this->shares = $table->shares();
        $this->by = $table->bySuspect($this->shares);
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
        usort(
            $looks,
            static fn(Look $a, Look $b): int => $b->perMinute() <=> $a->perMinute() ?:
                strcmp($a->check->name, $b->check->name),
        );

        return $looks;
    }

    /** @return ?Look null where it would teach nothing */
    public function look(Check $check): ?Look
    {
        $levels = $values = $level = [];
        $touched = 0.0;
        foreach ($this->table->suspects as $index => $suspect) {
            $chance = $suspect->badAt($check);
            $at = $levels[(string) $chance] ??= count($levels);
            $values[$at] = $chance;
            $level[$index] = $at;
            $touched += $suspect->touches($check) ? $this->by[$index] : 0.0;
        }
        if ($touched < self::NOTHING) {
            return null;
        }
        $width = count($values) + 1;
        $grouped = [];
        foreach ($this->table->sets as $index => [$one, $other]) {
            $key = $one < 0 ? -1 : $level[$one] * $width + ($other < 0 ? $width - 1 : $level[$other]);
            $grouped[$key] = ($grouped[$key] ?? 0.0) + $this->shares[$index];
        }
        $bad = $inside = 0.0;
        foreach ($grouped as $key => $share) {
            $chance =
                $key < 0
                    ? SetTable::LEAST
                    : SetTable::together($values[intdiv($key, $width)], $values[$key % $width] ?? 0.0);
            $bad += $share * $chance;
            $inside += $share * self::entropy($chance);
        }

        return new Look($check, max(0.0, self::entropy($bad) - $inside), $bad);
    }

    private static function entropy(float $chance): float
    {
        return $chance <= 0.0 || $chance >= 1.0
            ? 0.0
            : -($chance * log($chance, 2) + (1.0 - $chance) * log(1.0 - $chance, 2));
    }
}
