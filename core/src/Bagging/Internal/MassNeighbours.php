<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

/**
 * The weighed lines of a kit in the order of what a piece weighs.
 *
 * @phpstan-import-type Weighed from MassBook
 */
final readonly class MassNeighbours
{
    /**
     * @param list<Weighed> $lines the lightest first
     * @param array<string, int> $places first designator to its place
     */
    private function __construct(private array $lines, private array $places) {}

    /** @param list<Weighed> $lines */
    public static function of(array $lines): self
    {
        usort($lines, static fn(array $a, array $b): int => $a['mass']->mean <=> $b['mass']->mean);

        return new self(
            $lines,
            array_flip(array_map(static fn(array $line): string => $line['item']->designators[0], $lines)),
        );
    }

    /**
     * Goes outward from a line, on either side to the next in mass.
     *
     * @param Weighed $line
     * @param array<string, mixed> $wanted first designators of those looked for
     * @return list<Weighed> the nearest in mass first, the line itself never
     */
    public function nearest(array $line, array $wanted, int $count): array
    {
        $count = min($count, count($wanted));
        $own = $line['mass']->mean;
        $up = $down = $this->places[$line['item']->designators[0]] ?? 0;
        $found = [];
        for (++$up, --$down; count($found) < $count && (isset($this->lines[$up]) || $down >= 0);) {
            $isUp =
                $down < 0 ||
                (isset($this->lines[$up]) &&
                    $this->lines[$up]['mass']->mean - $own <= $own - $this->lines[$down]['mass']->mean);
            $next = $this->lines[$isUp ? $up++ : $down--];
            if (isset($wanted[$next['item']->designators[0]])) {
                $found[] = $next;
            }
        }

        return $found;
    }
}
