<?php

declare(strict_types=1);

namespace Chiralex\Trade;

use Chiralex\Trade\Exception\ImpossiblePacking;

/**
 * Where a packing run stands: each line once into every pack, in the order of its way. What was packed is kept as one sign a pack and
 * line, so that a key costs the same on the first day and on the last. A hole is filled later without undoing anything.
 *
 * @phpstan-type Mark array{at: int, line: int, lot: string, fill?: int}
 */
final readonly class PackingRun
{
    /** One sign for a cell: in the bag, none left. */
    private const SIGNS = ['i' => PackAction::In, 's' => PackAction::Short];

    /**
     * @param int<1, max> $lines
     * @param int<1, max> $packs
     * @param list<string> $cells for each line begun its signs, a pack each
     * @param list<Mark> $marks lots as named and holes as filled, with how many cells were filled then
     */
    private function __construct(
        public int $lines,
        public int $packs,
        private array $cells,
        private array $marks,
        public int $filled,
        private PackWay $way,
    ) {}

    /**
     * @param int<1, max> $lines
     * @param int<1, max> $packs
     */
    public static function begun(int $lines, int $packs, PackWay $way = PackWay::LineByLine): self
    {
        return new self($lines, $packs, [], [], 0, $way);
    }

    /**
     * A run as it was kept.
     *
     * @param int<1, max> $lines
     * @param int<1, max> $packs
     * @param list<string> $cells
     * @param list<Mark> $marks
     */
    public static function standing(
        int $lines,
        int $packs,
        array $cells,
        array $marks,
        PackWay $way = PackWay::LineByLine,
    ): self {
        return new self($lines, $packs, $cells, $marks, array_sum(array_map(strlen(...), $cells)), $way);
    }

    /**
     * @param int<1, max> $lines
     * @param int<1, max> $packs
     * @param list<PackEvent> $events as they happened
     * @throws ImpossiblePacking when the events do not follow each other
     */
    public static function after(int $lines, int $packs, array $events, PackWay $way = PackWay::LineByLine): self
    {
        $run = self::begun($lines, $packs, $way);
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
        if ($event->action === PackAction::Fill) {
            return $this->filledHole($event->line, $event->pack);
        }
        $turn = $this->turn() ?? throw ImpossiblePacking::finished();
        if ([$event->line, $event->pack] !== $turn) {
            throw ImpossiblePacking::otherTurn($turn[0] + 1, $turn[1] + 1);
        }
        if ($event->action === PackAction::Lot) {
            return $this->with($this->cells, [
                ...$this->marks,
                ['at' => $this->filled, 'line' => $event->line, 'lot' => $event->lot],
            ]);
        }
        $cells = $this->cells;
        $cells[$event->line] = ($cells[$event->line] ?? '') . ($event->action === PackAction::In ? 'i' : 's');

        return $this->with(array_values($cells), $this->marks, 1);
    }

    /**
     * @param list<string> $cells
     * @param list<Mark> $marks
     */
    private function with(array $cells, array $marks, int $more = 0): self
    {
        return new self($this->lines, $this->packs, $cells, $marks, $this->filled + $more, $this->way);
    }

    /** @throws ImpossiblePacking when there is no hole */
    private function filledHole(int $line, int $pack): self
    {
        if (($this->cells[$line][$pack] ?? '.') !== 's') {
            throw ImpossiblePacking::noHole($line + 1, $pack + 1);
        }

        return $this->with($this->signed($line, $pack, 'i'), [
            ...$this->marks,
            ['at' => $this->filled, 'line' => $line, 'lot' => '', 'fill' => $pack],
        ]);
    }

    /** @return list<string> the cells with another sign in one of them */
    private function signed(int $line, int $pack, string $sign): array
    {
        $cells = $this->cells;
        $cells[$line] = substr_replace($cells[$line], $sign, $pack, 1);

        return array_values($cells);
    }

    /** @throws ImpossiblePacking when nothing is left to undo */
    private function back(): self
    {
        $last = $this->marks[count($this->marks) - 1] ?? null;
        if ($last !== null && $last['at'] === $this->filled) {
            return $this->with(
                isset($last['fill']) ? $this->signed($last['line'], $last['fill'], 's') : $this->cells,
                array_slice($this->marks, 0, -1),
            );
        }
        if ($this->filled === 0) {
            throw ImpossiblePacking::nothingToUndo();
        }
        $cells = $this->cells;
        [$line] = $this->way->at($this->filled - 1, $this->lines, $this->packs);
        $cells[$line] = substr($cells[$line], 0, -1);
        if ($cells[$line] === '') {
            // The line that was begun last: none stands behind it.
            unset($cells[$line]);
        }

        return $this->with(array_values($cells), $this->marks, -1);
    }

    /** @return ?array{int, int} line and pack whose turn it is, from 0; null when the run is finished */
    public function turn(): ?array
    {
        return $this->filled >= $this->lines * $this->packs
            ? null
            : $this->way->at($this->filled, $this->lines, $this->packs);
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

    /** @return list<Mark> to be kept */
    public function marks(): array
    {
        return $this->marks;
    }

    /** @return array<int, list<string>> line to its lots in the order of use */
    public function lots(): array
    {
        $lots = [];
        foreach ($this->marks as $mark) {
            if (!isset($mark['fill'])) {
                $lots[$mark['line']][] = $mark['lot'];
            }
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

    /** @return array<int, list<int>> pack to the lines it lacks; only what was said to be short, not what is still to come */
    public function holes(): array
    {
        $holes = [];
        foreach ($this->cells as $line => $cells) {
            for ($pack = strpos($cells, 's'); $pack !== false; $pack = strpos($cells, 's', $pack + 1)) {
                $holes[$pack][] = $line;
            }
        }
        ksort($holes);

        return $holes;
    }

    /** The last event that an undo would take back. */
    public function last(): ?PackEvent
    {
        $mark = $this->marks[count($this->marks) - 1] ?? null;
        if ($mark !== null && $mark['at'] === $this->filled) {
            return isset($mark['fill'])
                ? new PackEvent(PackAction::Fill, $mark['line'], $mark['fill'])
                : new PackEvent(PackAction::Lot, $mark['line'], $this->turn()[1] ?? 0, $mark['lot']);
        }
        if ($this->filled === 0) {
            return null;
        }
        [$line, $pack] = $this->way->at($this->filled - 1, $this->lines, $this->packs);

        return new PackEvent(self::SIGNS[$this->cells[$line][$pack]] ?? PackAction::In, $line, $pack);
    }
}
