<?php

declare(strict_types=1);

namespace Chiralex\Board\Files;

use Chiralex\Board\Drill\DrillFile;
use Chiralex\Board\Layer\Layer;
use Chiralex\Reason\Problem;
use Chiralex\Reason\Reason;

/** A file of a kit folder: what it was taken for, what was read from it, and what was left. */
final readonly class ReadFile
{
    /**
     * @param list<array{string, string}> $joined pin and net
     * @param list<Reason> $read
     * @param list<Reason> $left
     * @param ?Problem $problem why it could not be followed
     */
    public function __construct(
        public string $name,
        public FileFate $fate,
        public ?Layer $layer = null,
        public ?DrillFile $drill = null,
        public array $joined = [],
        public array $read = [],
        public array $left = [],
        public ?Problem $problem = null,
    ) {}

    /** What is told of the file, without what was drawn in it. */
    public function account(): self
    {
        return new self($this->name, $this->fate, read: $this->read, left: $this->left);
    }

    /** True for a file of this role that could be read. */
    public function is(FileRole $role): bool
    {
        return $this->fate->isKnown() && $this->fate->role === $role;
    }
}
