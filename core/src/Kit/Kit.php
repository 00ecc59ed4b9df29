<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\BoardShape;
use Chiralex\Board\PlacedBody;
use Chiralex\Bom\Provision;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Limits;

/** One revision of a kit, read and resolved. */
final readonly class Kit
{
    /**
     * @param array<string, KitPart> $parts by designator, in the order of the parts list
     * @param non-empty-list<BoardShape> $boards
     */
    public function __construct(
        public KitHead $head,
        public array $parts,
        public array $boards,
        public Choices $choices,
        public KitWork $work,
        public KitNature $nature,
        public Findings $findings,
        public KitLogs $logs = new KitLogs(),
    ) {}

    /**
     * What may be kept is smaller than what may be read: every room computes with it.
     *
     * @throws UnusableKit when there are too many rows or parts
     */
    public function mustBeStorable(): void
    {
        if (count($this->findings->list->lines) > Limits::ROWS_STORED) {
            throw UnusableKit::tooManyParts(count($this->findings->list->lines), 'rows', Limits::ROWS_STORED);
        }
        if (count($this->parts) > Limits::PARTS_STORED) {
            throw UnusableKit::tooManyParts(count($this->parts), 'parts', Limits::PARTS_STORED);
        }
    }

    public function board(string $name): ?BoardShape
    {
        foreach ($this->boards as $board) {
            if ($board->name === $name) {
                return $board;
            }
        }

        return null;
    }

    public function part(string $designator): ?KitPart
    {
        return $this->parts[$designator] ?? null;
    }

    /** @return array<string, PlacedBody> bodies that stand on boards, by designator */
    public function bodies(): array
    {
        $bodies = [];
        foreach ($this->parts as $designator => $part) {
            if ($part->place->body !== null && $part->supply->isOnBoard()) {
                $bodies[(string) $designator] = $part->place->body;
            }
        }

        return $bodies;
    }

    /** What its board prints at a part: as the maker says, else as the letters of the legend were read; null where neither tells. */
    public function printedAt(KitPart $part): ?string
    {
        return $part->notes->legend ?? ($this->findings->drawn->prints[$part->designator] ?? null)?->legend();
    }

    /** The very text its board prints for its value, said or read; empty where neither tells. */
    public function printedValue(KitPart $part): string
    {
        return $part->notes->prints !== ''
            ? $part->notes->prints
            : $this->findings->drawn->prints[$part->designator]->value ?? '';
    }

    public function withSettings(Settings $settings): self
    {
        return $this->choosing(
            new Choices(
                $settings,
                $this->choices->order,
                $this->choices->bags,
                $this->choices->words,
                $this->choices->options,
            ),
        );
    }

    /** In the kit as sold: neither brought by the builder, nor left out, nor fitted at the factory. */
    public function holds(KitPart $part): bool
    {
        return match ($part->supply) {
            Provision::Kit, Provision::Optional, Provision::Loose => true,
            Provision::Alternative, Provision::NotFitted, Provision::Factory, Provision::Builder => false,
        };
    }

    /** @param list<OrderOverride> $overrides */
    public function withOrderOverrides(array $overrides): self
    {
        return $this->choosing(
            new Choices(
                $this->choices->settings,
                $overrides,
                $this->choices->bags,
                $this->choices->words,
                $this->choices->options,
            ),
        );
    }

    /** @param array<string, string> $bags designator to bag */
    public function withBags(array $bags): self
    {
        return $this->choosing(
            new Choices(
                $this->choices->settings,
                $this->choices->order,
                $bags,
                $this->choices->words,
                $this->choices->options,
            ),
        );
    }

    public function withCircuit(Circuit $circuit): self
    {
        return new self(
            $this->head,
            $this->parts,
            $this->boards,
            $this->choices,
            $this->work,
            new KitNature(
                $circuit,
                $this->nature->power,
                $this->nature->hazards,
                $this->nature->ruledOut,
                $this->nature->boardless,
            ),
            $this->findings,
            $this->logs,
        );
    }

    private function choosing(Choices $choices): self
    {
        return new self(
            $this->head,
            $this->parts,
            $this->boards,
            $choices,
            $this->work,
            $this->nature,
            $this->findings,
            $this->logs,
        );
    }
}
