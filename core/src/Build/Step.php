<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Face;
use Chiralex\Kit\Gate;

/** One step of the build. */
final readonly class Step
{
    /**
     * @param ?Face $face null for gates and off-board work
     * @param list<StepPart> $parts empty for gates
     * @param string $what a panel, a varnish, a link
     * @param list<string> $overridden parts the maker put here
     */
    public function __construct(
        public int $number,
        public Action $action,
        public ?Face $face,
        public array $parts,
        public ?Gate $gate,
        public string $what,
        public array $overridden,
        public StepWork $work,
    ) {}

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
