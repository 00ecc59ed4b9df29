<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** What was reported of a kit, as the book has it. */
final readonly class KitReport
{
    /**
     * @param string $date `2026-07-28`
     * @param string $serial as written; empty where there is none
     * @param string $cause by its name; empty while it is not known
     */
    public function __construct(
        public string $date,
        public string $serial,
        public string $step = '',
        public string $symptom = '',
        public string $cause = '',
        public string $text = '',
    ) {}
}
