<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Face;
use Chiralex\Kit\Gate;

/** One step of the build. */
final readonly class Step
{
    public Verb $verb;
    public Action $action;
    /** Null for gates and off-board work. */
    public ?Face $face;
    public ?Gate $gate;
    /** A panel, a varnish, a link. */
    public string $what;

    /**
     * @param Task $first of its tasks, which all do the same
     * @param list<StepPart> $parts empty for gates
     * @param list<string> $overridden parts the maker put here
     * @param list<string> $uses hardware and material that goes in with them, `~12` for a row without designator
     */
    public function __construct(
        public int $number,
        Task $first,
        public array $parts,
        public array $overridden,
        public StepWork $work,
        public array $uses = [],
    ) {
        $this->verb = $first->verb;
        $this->action = $first->action;
        $this->face = $first->face;
        $this->gate = $first->gate;
        $this->what = $first->what;
    }

    /** @return list<string> the designators that stand on the board, or in the housing, from this step on */
    public function fits(): array
    {
        return $this->action->fits() ? $this->names() : [];
    }

    /** How far its tallest part stands up, mm; null where it has none. */
    public function height(): ?float
    {
        $heights = array_filter(
            array_map(static fn(StepPart $part): ?float => $part->height, $this->parts),
            is_float(...),
        );

        return $heights === [] ? null : max($heights);
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_map(static fn(StepPart $part): string => $part->designator, $this->parts);
    }
}
