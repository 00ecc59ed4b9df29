<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** One report as it counts. */
final readonly class ReportedFault
{
    /**
     * @param ?string $serial of a kit that was shipped; null when it is unknown
     * @param int $shippedDaysAgo days since that kit was shipped; 0 without a serial
     * @param ?Symptom $symptom null while nobody has looked at it
     */
    public function __construct(
        public ?string $serial,
        public int $shippedDaysAgo,
        public ?Symptom $symptom,
        public ?Cause $cause,
        public ?FaultOrigin $origin,
    ) {}
}
