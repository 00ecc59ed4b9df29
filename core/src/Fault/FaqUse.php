<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** How often an answer was wanted, and what it did for those who read it. */
final readonly class FaqUse
{
    /**
     * @param int $reported reports that it answers
     * @param int $shown kits whose builders opened it
     * @param int $helped of them said that it helped
     * @param int $kept of those sent no report afterwards
     */
    public function __construct(
        public int $reported,
        public int $shown = 0,
        public int $helped = 0,
        public int $kept = 0,
    ) {}

    /** Share of those who open it that it keeps from writing: with one more of each kind, so that nobody's word alone is all or nothing. */
    public function share(): float
    {
        return ($this->kept + 1) / ($this->shown + 2);
    }

    /** Reports that it would have kept from being written, by which answers are ranked: all of a kit have the same kits to come. */
    public function saves(): float
    {
        return $this->reported * $this->share();
    }
}
