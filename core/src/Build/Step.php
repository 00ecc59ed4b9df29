<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Lie;
use Chiralex\Board\Prop;
use Chiralex\Board\Side;
use Chiralex\Kit\Gate;
use Chiralex\Reason\Reason;

/** One step of the build. */
final readonly class Step
{
    /**
     * @param list<StepPart> $parts empty for gates
     * @param ?Side $side null for gates and off-board work
     * @param ?Lie $lie how the board lies while the step is soldered
     * @param list<string> $overridden parts the maker put here
     * @param string $what a panel, a varnish, a link
     * @param int $joints solder joints made in this step
     * @param list<Reason> $cautions
     * @param ?Reason $time where the minutes come from
     * @param ?Prop $prop what levels the board while the step is soldered, where it lies too steep
     */
    public function __construct(
        public int $number,
        public Action $action,
        public ?string $board,
        public ?Side $side,
        public array $parts,
        public ?Gate $gate,
        public ?Lie $lie,
        public array $overridden,
        public string $what,
        public int $joints,
        public float $minutes,
        public array $cautions,
        public ?Prop $prop = null,
        public Soldering $soldering = new Soldering(0.0, null, false),
        public ?Reason $time = null,
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
