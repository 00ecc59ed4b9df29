<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** What was reported of a kit, as the book has it. */
final readonly class KitReport
{
    /**
     * @param string $date `2026-07-28`
     * @param string $serial as written; empty where there is none
     * @param list<string> $causes by their names; none while nothing is known
     */
    public function __construct(
        public string $date,
        public string $serial,
        public string $step = '',
        public string $symptom = '',
        public array $causes = [],
        public string $text = '',
    ) {}
}
