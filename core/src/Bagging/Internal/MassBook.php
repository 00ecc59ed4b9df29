<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Internal;

use Chiralex\Bagging\BagItem;
use Chiralex\Bagging\Weighing\Contents;
use Chiralex\Bagging\Weighing\LineMass;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Weighing;

/**
 * The weighings of a kit by line: those under a designator, the `~row` name and the value of one line go together.
 *
 * @phpstan-type Weighed array{item: BagItem, mass: LineMass}
 */
final readonly class MassBook
{
    /**
     * @param array<int, ?LineMass> $lines by the row of the line; null with too few weighings
     * @param array<int, int> $times weighings of each
     * @param array<string, list<Weighing>> $bags by the name of the bag
     */
    private function __construct(
        private Scale $scale,
        private array $lines,
        private array $times,
        private array $bags,
    ) {}

    public static function of(Kit $kit, Scale $scale): self
    {
        $named = $bags = [];
        foreach ($kit->logs->weighings as $weighing) {
            if ($weighing->bag() === null) {
                $named[mb_strtolower($weighing->part)][] = $weighing;
            } else {
                $bags[$weighing->bag()][] = $weighing;
            }
        }
        $lines = $times = $taken = [];
        foreach ($kit->findings->list->lines as $line) {
            $mine = [];
            foreach ($line->names() as $name) {
                $name = mb_strtolower($name);
                // A value that two lines have is the first one's.
                array_push($mine, ...isset($taken[$name]) ? [] : $named[$name] ?? []);
                $taken[$name] = true;
            }
            $lines[$line->row] = LineMass::of($mine, $scale->division);
            $times[$line->row] = count($mine);
        }

        return new self($scale, $lines, $times, $bags);
    }

    public function line(BagItem $item): ?LineMass
    {
        return $this->atRow($item->part->line->row);
    }

    public function atRow(int $row): ?LineMass
    {
        return $this->lines[$row] ?? null;
    }

    /**
     * @param list<BagItem> $items
     * @return list<Weighed> those that are weighed often enough
     */
    public function weighed(array $items): array
    {
        $weighed = [];
        foreach ($items as $item) {
            $mass = $this->line($item);
            if ($mass !== null) {
                $weighed[] = ['item' => $item, 'mass' => $mass];
            }
        }

        return $weighed;
    }

    /** How often a line was weighed. */
    public function times(BagItem $item): int
    {
        return $this->times[$item->part->line->row] ?? 0;
    }

    /** @return list<Weighing> of whole bags */
    public function bag(string $name): array
    {
        return $this->bags[$name] ?? [];
    }

    /** @param list<Weighed> $weighed */
    public function contents(array $weighed): Contents
    {
        $contents = Contents::nothing($this->scale);
        foreach ($weighed as $each) {
            $contents = $contents->with($each['mass'], $each['item']->quantity);
        }

        return $contents;
    }
}
