<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

/**
 * What the tap on a sheet that is not as drawn tells of the set at work, beyond that something is odd: the mutual information of the part
 * that is tapped and the set, in bits. By each set a part is tapped in proportion to the chance that its own check comes out bad.
 */
final readonly class Tapped
{
    /**
     * @param int $parts on the sheet, two or more
     * @param array<int, array<array-key, float>> $own suspect to its parts, with the chance that their check comes out bad by it
     */
    public function __construct(private int $parts, private array $own) {}

    /**
     * @param list<array{float, int, int}> $sets the weight of each with a bad answer by it, its suspect and its second; -1 where there is none
     * @return float bits, times the chance that the sheet is not as drawn
     */
    public function bits(array $sets): float
    {
        $all = $flat = $inside = 0.0;
        $more = [];
        $alike = log($this->parts, 2);
        foreach ($sets as [$weight, $one, $other]) {
            $all += $weight;
            $own = self::both($this->own[$one] ?? [], $this->own[$other] ?? [], $other >= 0);
            if ($own === []) {
                $flat += $weight / $this->parts;
                $inside += $weight * $alike;
                continue;
            }
            $usual = SetTable::together(SetTable::LEAST, $other < 0 ? 0.0 : SetTable::LEAST);
            $rest = $this->parts - count($own);
            $sum = $usual * $rest + array_sum($own);
            $flat += ($weight * $usual) / $sum;
            $entropy = $rest * self::part($usual / $sum);
            foreach ($own as $name => $chance) {
                $more[$name] = ($more[$name] ?? 0.0) + ($weight * ($chance - $usual)) / $sum;
                $entropy += self::part($chance / $sum);
            }
            $inside += $weight * $entropy;
        }
        if ($all <= 0.0) {
            return 0.0;
        }
        $outside = ($this->parts - count($more)) * self::part($flat / $all);
        foreach ($more as $extra) {
            $outside += self::part(($flat + $extra) / $all);
        }

        return max(0.0, $all * $outside - $inside);
    }

    /**
     * @param array<array-key, float> $first
     * @param array<array-key, float> $second
     * @return array<array-key, float>
     */
    private static function both(array $first, array $second, bool $isPair): array
    {
        if (!$isPair) {
            return $first;
        }
        $both = [];
        foreach ($first as $name => $chance) {
            $both[$name] = SetTable::together($chance, $second[$name] ?? SetTable::LEAST);
        }
        foreach ($second as $name => $chance) {
            $both[$name] ??= SetTable::together($chance, SetTable::LEAST);
        }

        return $both;
    }

    private static function part(float $share): float
    {
        return $share <= 0.0 ? 0.0 : -$share * log($share, 2);
    }
}
