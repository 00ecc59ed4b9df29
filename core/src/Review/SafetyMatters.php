<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Kit\Hazard;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;
use Chiralex\Reason\Station;
use Chiralex\Safety\Cautions;
use Chiralex\Safety\Data\Limits;
use Chiralex\Safety\FoundHazard;
use Chiralex\Safety\Hazards;
use Chiralex\Safety\StoredCharge;
use Chiralex\Safety\StoredCharges;

/** A hazard whose caution is missing blocks release; so does one that the maker rules out while the parts show it. */
final readonly class SafetyMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $kit = $subject->kit;
        $matters = [];
        $open = [];
        foreach (Hazards::of($kit) as $found) {
            if ($found->isContradicted()) {
                $matters[] = $this->contradicted($found);
            }
            if ($found->isOpen()) {
                $open[] = $found->hazard->value;
            }
        }
        if ($open !== []) {
            $matters[] = new Matter($this->weight($subject), Station::Manual, 'safety.unanswered', [
                'count' => count($open),
                'hazards' => $open,
            ]);
        }
        foreach (Cautions::for($kit)->ofKit() as $caution) {
            if (trim($kit->choices->words["sentence.{$caution->code}"] ?? 'as it is') === '') {
                $matters[] = new Matter(MatterSeverity::Block, Station::Manual, 'safety.blanked', [
                    'code' => $caution->code,
                ]);
            }
        }

        return [...$matters, ...array_merge(...array_map($this->slow(...), StoredCharges::of($kit)), ...[[]])];
    }

    /** Where a kit can kill, no question of safety stays open. */
    private function weight(Subject $subject): MatterSeverity
    {
        $deadly = array_filter(
            Hazards::applying($subject->kit),
            static fn(Hazard $hazard): bool => in_array(
                $hazard,
                [Hazard::Mains, Hazard::HighVoltage, Hazard::StoredCharge],
                true,
            ),
        );

        return $deadly === [] ? MatterSeverity::Note : MatterSeverity::Block;
    }

    private function contradicted(FoundHazard $found): Matter
    {
        $names = array_values(
            array_diff(
                array_map(
                    static fn(Reason $reason): string => is_string($reason->args['designator'] ?? null)
                        ? $reason->args['designator']
                        : '',
                    $found->shown,
                ),
                [''],
            ),
        );

        return new Matter(
            MatterSeverity::Block,
            Station::Manual,
            $found->hazard->standsWhateverIsSaid() ? 'safety.stands' : 'safety.contradicted',
            [
                'hazard' => $found->hazard->value,
                'shown' => $found->shown[0]->code,
                'by' => $names === [] ? ['the supply'] : $names,
            ],
            $names,
        );
    }

    /** @return list<Matter> a capacitor that hurts and does not empty itself in time */
    private function slow(StoredCharge $charge): array
    {
        $seconds = $charge->isHazard() ? $charge->seconds() : 0.0;
        $needed = $charge->isHazard() ? $charge->neededOhms() : null;
        if ($needed === null || ($seconds !== null && $seconds <= Limits::DISCHARGE_SECONDS)) {
            return [];
        }

        if ($charge->origin === Origin::PartsList) {
            return [
                new Matter(
                    MatterSeverity::Warn,
                    Station::Parts,
                    'parts.charge-unsaid',
                    [
                        'designator' => $charge->designator,
                        'volts' => round($charge->volts, 1),
                        'joules' => (float) sprintf('%.3g', $charge->joules()),
                    ],
                    [$charge->designator],
                ),
            ];
        }

        return [
            new Matter(
                MatterSeverity::Warn,
                Station::Parts,
                $seconds === null ? 'parts.no-bleeder' : 'parts.slow-bleeder',
                [
                    'designator' => $charge->designator,
                    'volts' => round($charge->volts, 1),
                    'joules' => (float) sprintf('%.3g', $charge->joules()),
                    'limit' => Limits::DISCHARGE_SECONDS,
                    'left' => round($charge->safeVolts(), 1),
                    'ohms' => (int) $needed,
                    'watts' => (float) sprintf('%.2g', $charge->volts ** 2 / $needed),
                    'seconds' => $seconds === null ? 0.0 : round($seconds, 1),
                    'bleeder' => $charge->bleeder ?? '',
                ],
                [$charge->designator],
            ),
        ];
    }
}
