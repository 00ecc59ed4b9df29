<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\BoardShape;
use Chiralex\Board\PlacedBody;
use Chiralex\Bom\PartsList;
use Chiralex\Bom\Provision;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Limits;
use Chiralex\Reason\Problem;

/** One revision of a kit, read and resolved. */
final readonly class Kit
{
    /**
     * @param array<string, KitPart> $parts by designator, in the order of the parts list
     * @param non-empty-list<BoardShape> $boards
     * @param list<Gate> $gates
     * @param list<Test> $tests
     * @param list<Wire> $wires
     * @param list<OrderOverride> $orderOverrides
     * @param array<string, string> $words sentences the maker wrote, by key
     * @param list<Problem> $problems of all files
     * @param list<string> $strayPlacements designators placed but not in the parts list
     * @param list<string> $unknownNames designators the kit file names that are nowhere else
     * @param list<string> $openSockets ICs whose socket could not be told
     * @param list<string> $traits hazards and peculiarities the maker declares
     * @param array<string, string> $bagOverrides designator to the name of the bag the maker puts it into
     * @param list<PilotEntry> $pilot logged builds
     * @param list<Option> $options what a customer may choose, and what is chosen here
     * @param array<string, string> $ruledOut hazards the maker says the kit has not, with why
     * @param list<DrillFace> $drilling faces the maker says holes for
     * @param list<Measurement> $measurements pieces of lots that were measured
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $revision,
        public Settings $settings,
        public PartsList $list,
        public array $parts,
        public array $boards,
        public Groups $groups,
        public array $gates,
        public array $tests,
        public array $wires,
        public array $orderOverrides,
        public array $words,
        public array $problems,
        public array $strayPlacements,
        public array $unknownNames,
        public array $openSockets,
        public bool $hasPlacements,
        public Circuit $circuit = new Circuit(),
        public array $traits = [],
        public array $bagOverrides = [],
        public array $options = [],
        public ?PowerSupply $power = null,
        public array $pilot = [],
        public array $ruledOut = [],
        public array $drilling = [],
        public array $measurements = [],
    ) {}

    /**
     * What may be kept is smaller than what may be read: every room computes with it.
     *
     * @throws UnusableKit when there are too many rows or parts
     */
    public function mustBeStorable(): void
    {
        if (count($this->list->lines) > Limits::ROWS_STORED) {
            throw UnusableKit::tooManyParts(count($this->list->lines), 'rows', Limits::ROWS_STORED);
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
            if ($part->body !== null && $part->supply->isOnBoard()) {
                $bodies[(string) $designator] = $part->body;
            }
        }

        return $bodies;
    }

    public function withSettings(Settings $settings): self
    {
        return $this->changed($settings, $this->orderOverrides);
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
        return $this->changed($this->settings, $overrides);
    }

    /** @param list<OrderOverride> $overrides */
    private function changed(Settings $settings, array $overrides): self
    {
        return new self(
            $this->code,
            $this->name,
            $this->revision,
            $settings,
            $this->list,
            $this->parts,
            $this->boards,
            $this->groups,
            $this->gates,
            $this->tests,
            $this->wires,
            $overrides,
            $this->words,
            $this->problems,
            $this->strayPlacements,
            $this->unknownNames,
            $this->openSockets,
            $this->hasPlacements,
            $this->circuit,
            $this->traits,
            $this->bagOverrides,
            $this->options,
            $this->power,
            $this->pilot,
            $this->ruledOut,
            $this->drilling,
            $this->measurements,
        );
    }
}
