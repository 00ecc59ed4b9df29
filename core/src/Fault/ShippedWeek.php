<?php

declare(strict_types=1);

namespace Chiralex\Fault;

use Chiralex\Fault\Internal\Delays;
use DateTimeImmutable;

/** The kits that left in one week: how many were reported, and what share of the reports to come has come. */
final readonly class ShippedWeek
{
    /**
     * @param string $monday `2026-06-01`
     * @param ?float $exposure share of its reports that have come by now, by the shop's own delays; null below twenty reports
     */
    private function __construct(
        public string $monday,
        public int $kits,
        public int $reported,
        public ?float $exposure,
    ) {}

    /**
     * @param list<ShippedKit> $kits
     * @param array<array-key, string> $first serial to the day of its first report
     * @return list<self> the oldest first
     */
    public static function all(array $kits, array $first, Delays $delays): array
    {
        $ages = $reports = $reported = [];
        $left = array_count_values(array_column($kits, 'date'));
        foreach (array_intersect_key(array_column($kits, 'date', 'serial'), $first) as $serial => $date) {
            $day = $first[$serial];
            $age = $ages[$date] ??= $delays->age($date);
            $reported[$date] = ($reported[$date] ?? 0) + 1;
            $reports[] = ['age' => $age, 'delay' => max(0, $age - ($ages[$day] ??= $delays->age($day)))];
        }
        $shares = Delays::shares($reports);
        $told = [];
        foreach ($left as $date => $kitsOfDay) {
            $monday = (new DateTimeImmutable((string) $date))->modify('monday this week')->format('Y-m-d');
            $told[$monday]['kits'] = ($told[$monday]['kits'] ?? 0) + $kitsOfDay;
            $told[$monday]['reported'] = ($told[$monday]['reported'] ?? 0) + ($reported[$date] ?? 0);
            $told[$monday]['exposed'] =
                ($told[$monday]['exposed'] ?? 0.0) +
                $kitsOfDay * Delays::by($shares, $ages[$date] ?? $delays->age((string) $date));
        }
        ksort($told);

        return array_map(
            static fn(string $monday, array $week): self => new self(
                $monday,
                $week['kits'],
                $week['reported'],
                $shares === [] ? null : $week['exposed'] / $week['kits'],
            ),
            array_keys($told),
            array_values($told),
        );
    }
}
