<?php

declare(strict_types=1);

namespace Chiralex\Fault;

use Chiralex\Statistics\Wilson;
use DateTimeImmutable;

/** How many kits were reported for each place of the board, of those that count: a kit that reports the same place twice is one. */
final readonly class Fever
{
    /**
     * @param string $part designator, or `step 4`
     * @param int $kits reported for it
     * @param int $all kits that count
     * @param array<string, int> $causes cause to how many of its kits, most first
     */
    private function __construct(
        public string $part,
        public int $kits,
        public int $all,
        public Wilson $interval,
        public array $causes,
    ) {}

    /**
     * @param list<ShippedKit> $shipped
     * @param list<array{serial: string, causes: list<JudgedCause>}> $reports judged ones
     * @return list<self> most first
     */
    public static function of(array $shipped, array $reports, DateTimeImmutable $at): array
    {
        $settled = $at->modify('-' . FaultStudy::SETTLED_DAYS . ' days')->format('Y-m-d');
        $kits = [];
        foreach ($shipped as $kit) {
            if ($kit->date <= $settled) {
                $kits[$kit->serial] = true;
            }
        }
        $places = $causes = [];
        foreach ($reports as $report) {
            foreach (isset($kits[$report['serial']]) ? $report['causes'] : [] as $cause) {
                foreach ($cause->part === '' ? [] : explode(' and ', $cause->part) as $part) {
                    $places[$part][$report['serial']] = true;
                    $causes[$part][$cause->cause->value][$report['serial']] = true;
                }
            }
        }
        $fever = [];
        foreach ($places as $part => $serials) {
            $counts = array_map(count(...), $causes[$part] ?? []);
            arsort($counts);
            $fever[] = new self(
                (string) $part,
                count($serials),
                count($kits),
                Wilson::of(count($serials), count($kits)),
                $counts,
            );
        }
        usort($fever, static fn(self $a, self $b): int => $b->kits <=> $a->kits ?: strnatcmp($a->part, $b->part));

        return $fever;
    }

    /** Kits in a hundred. */
    public function perHundred(): float
    {
        return $this->all === 0 ? 0.0 : (100.0 * $this->kits) / $this->all;
    }
}
