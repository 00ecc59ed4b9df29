<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Reason\Reason;

/** One task has to be done before another, and why. */
final readonly class Rule
{
    /**
     * @param bool $relaxable a fact of the maker's that can be taken back; false for what physics asks
     * @param bool $derived wished for by geometry; given up where it stands against the others
     */
    public function __construct(
        public string $before,
        public string $after,
        public Reason $reason,
        public bool $relaxable = false,
        public bool $derived = false,
    ) {}
}
