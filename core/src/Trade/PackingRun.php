<?php

declare(strict_types=1);

namespace Chiralex\Trade;

use Chiralex\Trade\Exception\ImpossiblePacking;

/** Where a packing run stands: line by line, each line once into every pack. */
final readonly class PackingRun
{
    /**
     * @param int<1, max> $lines
     * @param int<1, max> $packs
     * @param list<PackEvent> $events those that stand, undone ones left out
     */
    private function __construct(
        public int $lines,
        public int $packs,
        private array $events,
        private int $filled,
    ) {}

    /**
     * @param int<1, max> $lines
     * @param int<1, max> $packs
     * @param list<PackEvent> $events as they happened
     * @throws ImpossiblePacking when the events do not follow each other
     */
    public static function after(int $lines, int $packs, array $events): self
    {
        $standing = [];
        $filled = 0;
        foreach ($events as $event) {
            $filled += self::step($event, $standing[count($standing) - 1] ?? null, $filled, $lines, $packs);
            if ($event->action === PackAction::Undo) {
                array_pop($standing);
            } else {
                $standing[] = $event;
            }
        }

        return new self($lines, $packs, $standing, $filled);
    }

    /** @throws ImpossiblePacking when it is not the turn of that line and pack, or nothing is left to undo */
    public function then(PackEvent $event): self
    {
        return self::after($this->lines, $this->packs, [...$this->events, $event]);
    }

    /** @return ?array{int, int} line and pack whose turn it is, from 0; null when the run is finished */
    public function turn(): ?array
    {
        return $this->filled >= $this->lines * $this->packs ? null : [intdiv($this->filled, $this->packs), $this->filled % $this->packs];
    }

    /**
     * @return int how many cells the event fills, or empties
     * @throws ImpossiblePacking
     */
    private static function step(PackEvent $event, ?PackEvent $last, int $filled, int $lines, int $packs): int
    {
        if ($event->action === PackAction::Undo) {
            return $last === null ? throw ImpossiblePacking::nothingToUndo() : -self::fills($last);
        }
        if ($filled >= $lines * $packs) {
            throw ImpossiblePacking::finished();
        }
        [$line, $pack] = [intdiv($filled, $packs), $filled % $packs];

        return [$event->line, $event->pack] === [$line, $pack] ? self::fills($event) : throw ImpossiblePacking::otherTurn($line + 1, $pack + 1);
    }

    private static function fills(PackEvent $event): int
    {
        return in_array($event->action, [PackAction::In, PackAction::Short], true) ? 1 : 0;
    }

    /** @return list<list<string>> by line, by pack: `in`, `short` or empty */
    public function cells(): array
    {
        $cells = array_fill(0, $this->lines, array_fill(0, $this->packs, ''));
        foreach (array_filter($this->events, static fn(PackEvent $event): bool => self::fills($event) === 1) as $event) {
            $cells[$event->line][$event->pack] = $event->action->value;
        }

        return array_map(array_values(...), $cells);
    }

    /** @return array<int, list<string>> line to its lots in the order of use */
    public function lots(): array
    {
        $lots = [];
        foreach ($this->events as $event) {
            if ($event->action === PackAction::Lot) {
                $lots[$event->line][] = $event->lot;
            }
        }

        return $lots;
    }

    /** @return list<int> packs that hold every line */
    public function complete(): array
    {
        $complete = [];
        $cells = $this->cells();
        foreach (array_keys(array_fill(0, $this->packs, 0)) as $pack) {
            if (array_filter($cells, static fn(array $line): bool => $line[$pack] !== PackAction::In->value) === []) {
                $complete[] = $pack;
            }
        }

        return $complete;
    }

    /** @return list<int> lines of which a pack got none */
    public function shortLines(): array
    {
        return array_values(array_unique(array_map(static fn(PackEvent $event): int => $event->line, array_filter($this->events, static fn(PackEvent $event): bool => $event->action === PackAction::Short))));
    }

    /** The last event that an undo would take back. */
    public function last(): ?PackEvent
    {
        return $this->events === [] ? null : $this->events[count($this->events) - 1];
    }
}
