<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Face;
use Chiralex\Kit\Gate;

/** One piece of work that the rules put in order. */
final readonly class Task
{
    /** Unique among the tasks of a kit. */
    public string $id;

    /**
     * @param string $name what the verb is about: a designator, a gate, a panel
     * @param list<string> $parts designators, or names of wires
     * @param ?Face $face null for work off the board
     * @param string $what words of the task that are not designators: a panel, a varnish, a link
     */
    public function __construct(
        public Verb $verb,
        string $name,
        public Action $action,
        public array $parts,
        public ?Face $face = null,
        public ?Gate $gate = null,
        public string $what = '',
        public int $rank = 0,
    ) {
        $this->id = $verb->of($name);
    }

    /** True for the soldering of one part, which the schools put in order. */
    public function isSequenced(): bool
    {
        return $this->verb === Verb::Solder;
    }
}
