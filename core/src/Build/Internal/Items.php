<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Board\Face;
use Chiralex\Board\Side;
use Chiralex\Bom\Designators;
use Chiralex\Build\LookAlikes;
use Chiralex\Build\Precedence;
use Chiralex\Build\TaskBook;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;

/**
 * The parts to be soldered, numbered in natural order of designators so that the order of input rows does not matter.
 */
final readonly class Items
{
    /** Groups of look-alikes with more parts than this are looked up, not written out for each part. */
    private const CROWD = 64;

    /**
     * @param list<KitPart> $parts
     * @param list<string> $places board and side in one word, `main top`
     * @param list<float> $heights
     * @param list<string> $kinds
     * @param list<string> $values
     * @param list<array<int, true>> $before for each item those that come before it, directly or through other work
     */
    private function __construct(
        public array $parts,
        public array $places,
        public array $heights,
        public array $kinds,
        public array $values,
        public ItemBlocks $blocks,
        public array $before,
        public ItemLooks $looks,
    ) {}

    public static function of(Kit $kit, TaskBook $book, Precedence $precedence, LookAlikes $alike): self
    {
        $parts = [];
        foreach ($book->sequenced() as $task) {
            $part = $kit->part($task->parts[0] ?? '');
            if ($part !== null) {
                $parts[] = $part;
            }
        }
        usort($parts, static fn(KitPart $a, KitPart $b): int => Designators::compare($a->designator, $b->designator));
        $index = [];
        foreach ($parts as $i => $part) {
            $index[Verb::Solder->of($part->designator)] = $i;
        }
        /** @var list<array<int, true>> $before */
        $before = array_fill(0, count($parts), []);
        foreach ($parts as $i => $part) {
            foreach (
                array_keys(
                    $precedence->successors(Verb::Solder->of($part->designator)) === []
                        ? []
                        : $precedence->reachable(Verb::Solder->of($part->designator)),
                ) as $after
            ) {
                if (isset($index[$after])) {
                    $before[$index[$after]][$i] = true;
                }
            }
        }
        $blocks = BlocksOfKit::of($kit);

        return new self(
            $parts,
            array_map(
                static fn(KitPart $part): string => (new Face(
                    $part->place->placement->board ?? $kit->boards[0]->name,
                    $part->place->placement->side ?? Side::Top,
                ))->key(),
                $parts,
            ),
            array_map(static fn(KitPart $part): float => self::height($part, $kit, $book), $parts),
            array_map(static fn(KitPart $part): string => $part->kind()->value, $parts),
            array_map(static fn(KitPart $part): string => $part->valueKey(), $parts),
            new ItemBlocks(
                array_map(static fn(KitPart $part): string => $blocks[$part->designator] ?? '', $parts),
                array_map(strval(...), array_keys($kit->work->groups->blocks)),
            ),
            $before,
            self::lookAlikes($parts, $alike, $index, $book),
        );
    }

    /** As tall as the tallest of what is soldered with it. */
    private static function height(KitPart $part, Kit $kit, TaskBook $book): float
    {
        return max(
            array_map(
                static fn(string $name): float => $kit->part($name)->shape->height ?? 0.0,
                $book->tasks[(string) $book->solder($part->designator)]->parts,
            ) ?: [0.0],
        );
    }

    /**
     * Some of the items, numbered anew in the order given.
     *
     * @param list<int> $subset
     */
    public function only(array $subset): self
    {
        $place = array_flip($subset);
        $among = static fn(array $set): array => array_fill_keys(array_values(array_intersect_key($place, $set)), true);

        return new self(
            array_map(fn(int $item): KitPart => $this->parts[$item], $subset),
            array_map(fn(int $item): string => $this->places[$item], $subset),
            array_map(fn(int $item): float => $this->heights[$item], $subset),
            array_map(fn(int $item): string => $this->kinds[$item], $subset),
            array_map(fn(int $item): string => $this->values[$item], $subset),
            new ItemBlocks(array_map(fn(int $item): string => $this->blocks->of[$item], $subset), $this->blocks->order),
            array_map(fn(int $item): array => $among($this->before[$item]), $subset),
            new ItemLooks(
                array_map(fn(int $item): array => $among($this->looks->alike[$item]), $subset),
                array_map(fn(int $item): array => $this->looks->crowds[$item], $subset),
            ),
        );
    }

    /**
     * @param list<KitPart> $parts
     * @param array<string, int> $index task to item
     */
    private static function lookAlikes(array $parts, LookAlikes $known, array $index, TaskBook $book): ItemLooks
    {
        $alike = array_fill(0, count($parts), []);
        $crowds = array_fill(0, count($parts), []);
        $item = static fn(string $name): ?int => $index[(string) $book->solder($name)] ?? null;
        foreach ($known->groups as $number => $group) {
            $crowd = count($group->designators()) > self::CROWD;
            foreach ($group->looks as $look => $names) {
                foreach ($names as $name) {
                    $mine = $item($name);
                    if ($mine !== null && $crowd) {
                        $crowds[$mine][$number] = $look;
                    } elseif ($mine !== null) {
                        $others = array_merge(...array_values(array_diff_key($group->looks, [$look => true])));
                        $alike[$mine] += array_fill_keys(array_filter(array_map($item, $others), is_int(...)), true);
                    }
                }
            }
        }
        foreach ($known->named() as $name => $others) {
            $mine = $item((string) $name);
            if ($mine !== null) {
                $alike[$mine] += array_fill_keys(
                    array_filter(
                        array_map(static fn(int|string $other): ?int => $item((string) $other), array_keys($others)),
                        is_int(...),
                    ),
                    true,
                );
            }
        }

        return new ItemLooks($alike, $crowds);
    }

    public function areAlike(int $a, int $b): bool
    {
        if (isset($this->looks->alike[$a][$b])) {
            return true;
        }
        foreach ($this->looks->crowds[$a] as $group => $look) {
            if (isset($this->looks->crowds[$b][$group]) && $this->looks->crowds[$b][$group] !== $look) {
                return true;
            }
        }

        return false;
    }

    public function count(): int
    {
        return count($this->parts);
    }

    public function board(int $item): string
    {
        return substr($this->places[$item], 0, (int) strrpos($this->places[$item], ' '));
    }

    public function side(int $item): Side
    {
        return str_ends_with($this->places[$item], ' bottom') ? Side::Bottom : Side::Top;
    }

    /**
     * The order of parts within a step: kind, value, designator.
     *
     * @param list<int> $step
     * @return list<int>
     */
    public function sorted(array $step): array
    {
        usort(
            $step,
            fn(int $a, int $b): int => $this->kinds[$a] <=> $this->kinds[$b] ?:
            $this->compareValues($a, $b) ?:
            $a <=> $b,
        );

        return $step;
    }

    public function compareValues(int $a, int $b): int
    {
        $x = $this->values[$a];
        $y = $this->values[$b];

        return is_numeric($x) && is_numeric($y) ? (float) $x <=> (float) $y : strnatcasecmp($x, $y);
    }

    /** @param list<int> $step */
    public function lookAlikesIn(array $step): int
    {
        $pairs = 0;
        foreach ($step as $position => $a) {
            for ($i = $position + 1; $i < count($step); ++$i) {
                $pairs += $this->areAlike($a, $step[$i]) ? 1 : 0;
            }
        }

        return $pairs;
    }
}
