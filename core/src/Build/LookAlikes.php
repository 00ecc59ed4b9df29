<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Bom\Designators;
use Chiralex\Build\Internal\LooksOfKit;
use Chiralex\Kit\Kit;

/** Which parts of a kit a builder may take for each other: groups of looks, and the pairs that the maker names. */
final readonly class LookAlikes
{
    /**
     * @param list<LookAlikeGroup> $groups
     * @param array<string, array<int, int>> $places designator to its groups and its look in each
     * @param array<string, array<string, true>> $named designator to those the maker calls its look-alikes, both ways
     * @param array<string, int> $ranks of designators in natural order
     */
    private function __construct(
        public array $groups,
        private array $places,
        private array $named,
        private array $ranks,
    ) {}

    public static function of(Kit $kit): self
    {
        $groups = (new LooksOfKit($kit))->groups();
        $places = $named = [];
        foreach ($groups as $index => $group) {
            foreach ($group->looks as $look => $designators) {
                foreach ($designators as $designator) {
                    $places[$designator][$index] = $look;
                }
            }
        }
        foreach ($kit->parts as $part) {
            // Said of one part it holds for its whole line: its neighbours in the bag look the same.
            foreach ($part->notes->lookAlikes as $other) {
                foreach ($part->line->designators as $one) {
                    foreach (array_diff($kit->part($other)->line->designators ?? [$other], [$one]) as $another) {
                        $named[$one][$another] = $named[$another][$one] = true;
                    }
                }
            }
        }

        $names = array_map(strval(...), array_keys($places + $named));
        usort($names, Designators::compare(...));

        return new self($groups, $places, $named, array_flip($names));
    }

    public function areAlike(string $one, string $other): bool
    {
        if (isset($this->named[$one][$other])) {
            return true;
        }
        $there = $this->places[$other] ?? [];
        foreach ($this->places[$one] ?? [] as $group => $look) {
            if (isset($there[$group]) && $there[$group] !== $look) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> designators of its look-alikes, in natural order */
    public function to(string $designator): array
    {
        $others = [];
        foreach ($this->named[$designator] ?? [] as $name => $true) {
            $others[$this->ranks[$name] ?? -1] = (string) $name;
        }
        foreach ($this->places[$designator] ?? [] as $group => $own) {
            foreach ($this->groups[$group]->looks as $look => $designators) {
                foreach ($look === $own ? [] : $designators as $name) {
                    $others[$this->ranks[$name] ?? -1] = $name;
                }
            }
        }
        ksort($others);

        return array_values($others);
    }

    /** @return array<string, array<string, true>> for each designator those that the maker, not its look, puts beside it */
    public function named(): array
    {
        return $this->named;
    }

    /** @return array<int, int> the groups of a part and its look in each */
    public function placesOf(string $designator): array
    {
        return $this->places[$designator] ?? [];
    }

    public function any(): bool
    {
        return $this->groups !== [] || $this->named !== [];
    }
}
