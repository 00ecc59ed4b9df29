<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Fault\FamilyRow;
use Chiralex\Fault\FaultStudy;
use Chiralex\Fault\ShippedWeek;
use Chiralex\Reason\Problem;
use ChiralexRender\Told;
use ChiralexRender\Words;

/**
 * The document of `faults`: shares and chances to 0.000001.
 *
 * @phpstan-type FamilyShape array{value: string, kits: int, reported: int, p: ?float, q: ?float, alarm: bool}
 */
final readonly class FaultStudyDocument
{
    public function __construct(private Words $words) {}

    /**
     * @param list<Problem> $problems
     * @return array{kits: int, reported: int, rate: ?float, low: ?float, high: ?float, young: array{kits: int, reports: int}, withoutSerial: int, families: list<array{name: string, rows: list<FamilyShape>}>, weeks: list<array{week: string, kits: int, reported: int, exposure: ?float}>, problems: list<array<string, mixed>>}
     */
    public function of(FaultStudy $study, array $problems): array
    {
        $rate = $study->rate();
        $families = [];
        foreach (['cause' => $study->causes] + $study->families as $name => $rows) {
            $families[$name] = ['name' => $name, 'rows' => array_map(self::row(...), $rows)];
        }
        $cause = array_shift($families);

        return [
            'kits' => $study->kits,
            'reported' => $study->reported,
            'rate' => $rate === null ? null : round($rate, 6),
            'low' => $rate === null ? null : round($study->interval->low, 6),
            'high' => $rate === null ? null : round($study->interval->high, 6),
            'young' => ['kits' => $study->young->kits, 'reports' => $study->young->reports],
            'withoutSerial' => $study->withoutSerial,
            'families' => [...array_values($families), $cause],
            'weeks' => array_map(
                static fn(ShippedWeek $week): array => [
                    'week' => $week->monday,
                    'kits' => $week->kits,
                    'reported' => $week->reported,
                    'exposure' => $week->exposure === null ? null : round($week->exposure, 4),
                ],
                $study->weeks,
            ),
            'problems' => array_map(
                fn(Problem $problem): array => (new Told($this->words))->problem($problem),
                $problems,
            ),
        ];
    }

    /** @return FamilyShape */
    private static function row(FamilyRow $row): array
    {
        return [
            'value' => $row->value,
            'kits' => $row->kits,
            'reported' => $row->reported,
            'p' => $row->p === null ? null : round($row->p, 6),
            'q' => $row->q === null ? null : round($row->q, 6),
            'alarm' => $row->isAlarm(),
        ];
    }
}
