<?php

declare(strict_types=1);

namespace Chiralex\Trade;

use Chiralex\Trade\Exception\ImpossiblePacking;

/**
 * Where a packing run stands: line by line, each line once into every pack. What was packed is kept as one sign a pack and line, so
 * that a key costs the same on the first day and on the last.
 */
final readonly class PackingRun
{
    /** One sign for a cell: in the bag, none left. */
    private const SIGNS = ['i' => PackAction::In, 's' => PackAction::Short];

    /**
     * @param int<1, max> $lines
     * @param int<1, max> $packs
     * @param list<string> $cells for each line begun its signs, a pack each
     * @param list<array{at: int, line: int, lot: string}> $lots as named, with how many cells were filled then
     */
    private function __construct(
        public int $lines,
        public int $packs,
        private array $cells,
        private array $lots,
        public int $filled,
    ) {}

    /**
     * @param int<1, max> $lines
     * @param int<1, max> $packs
     */
    public static function begun(int $lines, int $packs): self
    {
        return new self($lines, $packs, [], [], 0);
    }

    /**
     * A run as it was kept.
     *
     * @param int<1, max> $lines
     * @param int<1, max> $packs
     * @param list<string> $cells
     * @param list<array{at: int, line: int, lot: string}> $lots
     */
    public static function standing(int $lines, int $packs, array $cells, array $lots): self
    {
        return new self($lines, $packs, $cells, $lots, array_sum(array_map(strlen(...), $cells)));
    }

    /**
     * @param int<1, max> $lines
     * @param int<1, max> $packs
     * @param list<PackEvent> $events as they happened
     * @throws ImpossiblePacking when the events do not follow each other
     */
    public static function after(int $lines, int $packs, array $events): self
    {
        $run = self::begun($lines, $packs);
        foreach ($events as $event) {
            $run = $run->then($event);
        }

        return $run;
    }

    /** @throws ImpossiblePacking when it is not the turn of that line and pack, or nothing is left to undo */
    public function then(PackEvent $event): self
    {
        if ($event->action === PackAction::Undo) {
            return $this->back();
        }
        $turn = $this->turn() ?? throw ImpossiblePacking::finished();
        if ([$event->line, $event->pack] !== $turn) {
            throw ImpossiblePacking::otherTurn($turn[0] + 1, $turn[1] + 1);
        }
        if ($event->action === PackAction::Lot) {
            return new self(
                $this->lines,
                $this->packs,
                $this->cells,
                [...$this->lots, ['at' => $this->filled, 'line' => $event->line, 'lot' => $event->lot]],
                $this->filled,
            );
        }
        $cells = $this->cells;
        $cells[$event->line] = ($cells[$event->line] ?? '') . ($event->action === PackAction::In ? 'i' : 's');

        return new self($this->lines, $this->packs, array_values($cells), $this->lots, $this->filled + 1);
    }

    /** @throws ImpossiblePacking when nothing is left to undo */
    private function back(): self
    {
        $last = $this->lots[count($this->lots) - 1] ?? null;
        if ($last !== null && $last['at'] === $this->filled) {
            return new self($this->lines, $this->packs, $this->cells, array_slice($this->lots, 0, -1), $this->filled);
        }
        if ($this->filled === 0) {
            throw ImpossiblePacking::nothingToUndo();
        }
        $cells = array_slice($this->cells, 0, -1);
        $rest = substr($this->cells[count($cells)], 0, -1);

        return new self(
            $this->lines,
            $this->packs,
            $rest === '' ? $cells : [...$cells, $rest],
            $this->lots,
            $this->filled - 1,
        );
    }

    /** @return ?array{int, int} line and pack whose turn it is, from 0; null when the run is finished */
    public function turn(): ?array
    {
        return $this->filled >= $this->lines * $this->packs
            ? null
            : [intdiv($this->filled, $this->packs), $this->filled % $this->packs];
    }

    /** @return list<string> by line, a sign for each pack: `i` in, `s` short, `.` open */
    public function cells(): array
    {
        return array_map(
            fn(int $line): string => str_pad($this->cells[$line] ?? '', $this->packs, '.'),
            range(0, $this->lines - 1),
        );
    }

    /** @return list<string> for each line begun its signs, to be kept */
    public function begunCells(): array
    {
        return $this->cells;
    }

    /** @return list<array{at: int, line: int, lot: string}> to be kept */
    public function namedLots(): array
    {
        return $this->lots;
    }

    /** @return array<int, list<string>> line to its lots in the order of use */
    public function lots(): array
    {
        $lots = [];
        foreach ($this->lots as $lot) {
            $lots[$lot['line']][] = $lot['lot'];
        }

        return $lots;
    }

    /** True for a pack that holds every line. */
    public function isComplete(int $pack): bool
    {
        for ($line = 0; $line < $this->lines; ++$line) {
            if (($this->cells[$line][$pack] ?? '.') !== 'i') {
                return false;
            }
        }

        return true;
    }

    /** @return list<int> packs that hold every line */
    public function complete(): array
    {
        return array_values(array_filter(range(0, $this->packs - 1), $this->isComplete(...)));
    }

    /** @return list<int> lines of which a pack got none */
    public function shortLines(): array
    {
        return array_keys(array_filter($this->cells, static fn(string $cells): bool => str_contains($cells, 's')));
    }

    /** The last event that an undo would take back. */
    public function last(): ?PackEvent
    {
        $lot = $this->lots[count($this->lots) - 1] ?? null;
        if ($lot !== null && $lot['at'] === $this->filled) {
            return new PackEvent(PackAction::Lot, $lot['line'], $this->filled % $this->packs, $lot['lot']);
        }
        if ($this->filled === 0) {
            return null;
        }
        [$line, $pack] = [intdiv($this->filled - 1, $this->packs), ($this->filled - 1) % $this->packs];

        return new PackEvent(self::SIGNS[$this->cells[$line][$pack]] ?? PackAction::In, $line, $pack);
    }
}
