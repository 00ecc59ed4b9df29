<?php

declare(strict_types=1);

namespace Chiralex\Reason;

/** One matter a maker has to settle at a station. */
final readonly class Matter
{
    /**
     * @param array<string, string|int|float|list<string>> $args
     * @param list<string> $designators the parts it is about
     */
    public function __construct(
        public MatterSeverity $severity,
        public Station $station,
        public string $code,
        public array $args = [],
        public array $designators = [],
    ) {}
}
