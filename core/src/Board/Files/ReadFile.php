<?php

declare(strict_types=1);

namespace Chiralex\Board\Files;

use Chiralex\Board\Drill\DrillFile;
use Chiralex\Board\Layer\Layer;
use Chiralex\Board\Net\PinSpots;
use Chiralex\Reason\Problem;
use Chiralex\Reason\Reason;

/** A file of a kit folder: what it was taken for, what was read from it, and what was left. */
final readonly class ReadFile
{
    /** Objects of an unknown layer that are shown to the maker. */
    private const SHOWN = 2_000;

    /**
     * @param Layer|DrillFile|TableSample|PinSpots|null $content what was read from it
     * @param list<array{string, string}> $joined pin and net
     * @param list<Reason> $read
     * @param list<Reason> $left
     * @param ?Problem $problem why it could not be followed
     */
    public function __construct(
        public string $name,
        public FileFate $fate,
        private Layer|DrillFile|TableSample|PinSpots|null $content = null,
        public array $joined = [],
        public array $read = [],
        public array $left = [],
        public ?Problem $problem = null,
    ) {}

    /** What is told of the file, without what was drawn in it; of a layer that nobody knows, the picture stays. */
    public function account(): self
    {
        $isShown = !$this->fate->isKnown() && count($this->layer()->objects ?? []) <= self::SHOWN;

        return new self(
            $this->name,
            $this->fate,
            $isShown || $this->content instanceof TableSample ? $this->content : null,
            read: $this->read,
            left: $this->left,
        );
    }

    public function layer(): ?Layer
    {
        return $this->content instanceof Layer ? $this->content : null;
    }

    public function drill(): ?DrillFile
    {
        return $this->content instanceof DrillFile ? $this->content : null;
    }

    /** Where a net list puts the pins. */
    public function spots(): PinSpots
    {
        return $this->content instanceof PinSpots ? $this->content : new PinSpots();
    }

    /** The head of a placement file. */
    public function sample(): ?TableSample
    {
        return $this->content instanceof TableSample ? $this->content : null;
    }

    /** True for a file of this role that could be read. */
    public function is(FileRole $role): bool
    {
        return $this->fate->isKnown() && $this->fate->role === $role;
    }
}
