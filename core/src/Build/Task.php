<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Face;
use Chiralex\Kit\Gate;

/** One piece of work that the rules put in order. */
final readonly class Task
{
    /**
     * @param string $id unique: `solder R1`, `gate supply`
     * @param list<string> $parts designators, or names of wires
     * @param ?Face $face null for work off the board
     * @param bool $sequenced true for the soldering of one part, which the schools put in order
     * @param string $what words of the task that are not designators: a panel, a varnish, a link
     */
    public function __construct(
        public string $id,
        public Action $action,
        public array $parts,
        public ?Face $face = null,
        public bool $sequenced = false,
        public ?Gate $gate = null,
        public string $what = '',
        public int $rank = 0,
    ) {}
}
