<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Fault\Data\Shown;
use Chiralex\Kit\DerivedCircuit;
use Chiralex\Kit\Kit;

/** Which parts stand in which block, and which block feeds which, directly or through others. */
final readonly class Places
{
    /**
     * @param array<string, list<string>> $of designator to its blocks
     * @param array<string, array<string, true>> $above block to those that feed it
     */
    private function __construct(private array $of, private array $above) {}

    public static function of(Kit $kit): self
    {
        $of = [];
        foreach ($kit->work->groups->blocks as $block => $members) {
            foreach ($members as $name) {
                $of[$name][] = (string) $block;
            }
        }
        $above = [];
        foreach (self::feeds($kit) as $block => $fed) {
            foreach ($fed as $other) {
                $above[$other][(string) $block] = true;
            }
        }
        do {
            $before = array_sum(array_map(count(...), $above));
            foreach ($above as $block => $feeders) {
                foreach (array_keys($feeders) as $feeder) {
                    $above[$block] += $above[$feeder] ?? [];
                }
            }
        } while (array_sum(array_map(count(...), $above)) > $before);

        return new self($of, $above);
    }

    /** @return array<array-key, list<string>> as the maker says, else by the nets; a block called supply feeds all where neither tells */
    private static function feeds(Kit $kit): array
    {
        $blocks = array_map(strval(...), array_keys($kit->work->groups->blocks));
        $said = $kit->work->feeds;
        $derived = $said === [] ? DerivedCircuit::of($kit, $kit->findings->drawn->nets)->feeds : [];

        return match (true) {
            $said !== [] => $said,
            $derived !== [] => $derived,
            in_array('supply', $blocks, true) => ['supply' => array_values(array_diff($blocks, ['supply']))],
            default => [],
        };
    }

    /** @return list<string> */
    public function blocksOf(string $designator): array
    {
        return $this->of[$designator] ?? [];
    }

    /**
     * @param list<string> $names
     * @return list<string> every block that one of them stands in
     */
    public function blocksOfAny(array $names): array
    {
        return array_values(array_unique(array_merge(...array_map($this->blocksOf(...), $names))));
    }

    /** @param list<string> $blocks */
    public function isIn(string $designator, array $blocks): bool
    {
        return array_intersect($this->of[$designator] ?? [], $blocks) !== [];
    }

    /**
     * @param list<string> $blocks
     * @return bool whether a part stands in a block that feeds one of these
     */
    public function feedsAny(string $designator, array $blocks): bool
    {
        foreach ($this->of[$designator] ?? [] as $own) {
            foreach ($blocks as $block) {
                if (isset($this->above[$block][$own])) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param list<string> $blocks of a symptom of the kit's own; chance that a fault of this part shows it */
    public function chance(string $designator, array $blocks): float
    {
        return match (true) {
            $this->isIn($designator, $blocks) => Shown::HERE,
            $this->feedsAny($designator, $blocks) => Shown::FEEDS,
            default => Shown::ELSEWHERE,
        };
    }

    /** @param list<string> $blocks of a general symptom; none where it has no place */
    public function factor(string $designator, array $blocks): float
    {
        return match (true) {
            $blocks === [], $this->isIn($designator, $blocks) => 1.0,
            $this->feedsAny($designator, $blocks) => Shown::FACTOR_FEEDS,
            default => Shown::ELSEWHERE,
        };
    }
}
