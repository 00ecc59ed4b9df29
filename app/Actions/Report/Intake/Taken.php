<?php

declare(strict_types=1);

namespace App\Actions\Report\Intake;

/** What became of one letter or row. */
final readonly class Taken
{
    /** @param 'report'|'follows'|'apart'|'again' $as a report of its own, one more letter of a report, kept apart, or known already */
    public function __construct(public string $as, public ?int $reportId) {}
}
