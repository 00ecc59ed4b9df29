<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** What the reports of a kit are about, by symptom, cause and origin; a report of two causes counts for both. */
final readonly class Shares
{
    /**
     * @param array<string, int> $symptoms most first
     * @param array<string, int> $causes
     * @param array<string, int> $origins every origin, those without a report too
     */
    private function __construct(
        public int $judged,
        public int $open,
        public array $symptoms,
        public array $causes,
        public array $origins,
    ) {}

    /** @param list<ReportedFault> $reports */
    public static function of(array $reports): self
    {
        $symptoms = $causes = [];
        $origins = array_fill_keys(
            array_map(static fn(FaultOrigin $origin): string => $origin->value, FaultOrigin::cases()),
            0,
        );
        $judged = 0;
        foreach ($reports as $report) {
            if ($report->symptom === null) {
                continue;
            }
            ++$judged;
            $symptoms[$report->symptom] = ($symptoms[$report->symptom] ?? 0) + 1;
            foreach ($report->causes as $each) {
                $causes[$each->cause->value] = ($causes[$each->cause->value] ?? 0) + 1;
                ++$origins[$each->origin->value];
            }
        }

        return new self($judged, count($reports) - $judged, self::sorted($symptoms), self::sorted($causes), $origins);
    }

    /**
     * @param array<string, int> $counts
     * @return array<string, int>
     */
    private static function sorted(array $counts): array
    {
        uksort($counts, static fn(string $a, string $b): int => [$counts[$b], $a] <=> [$counts[$a], $b]);

        return $counts;
    }
}
