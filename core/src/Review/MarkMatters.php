<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Build\BuildOrder;
use Chiralex\Build\Coils;
use Chiralex\Build\KitCallouts;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Polarised parts without a mark, and kinds that face several ways. */
final readonly class MarkMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $matters = $this->clamps($subject);
        $ways = [];
        $order = $subject->order instanceof BuildOrder ? $subject->order : null;
        $callouts = (new KitCallouts())->callouts($subject->kit, $order);
        foreach ($callouts as $callout) {
            if ($callout->signs->check === null) {
                $matters[] = new Matter(
                    MatterSeverity::Block,
                    Station::Marks,
                    'marks.no-mark',
                    ['designator' => $callout->designator],
                    [$callout->designator],
                );
            } elseif (
                $callout->pointing->bearing === null &&
                $subject->kit->part($callout->designator)?->place->placement !== null
            ) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Marks,
                    'marks.no-direction',
                    ['designator' => $callout->designator],
                    [$callout->designator],
                );
            }
            if ($callout->print->mark === null && $callout->pointing->bearing !== null) {
                $matters[] = new Matter(
                    MatterSeverity::Note,
                    Station::Marks,
                    'marks.no-board-mark',
                    ['designator' => $callout->designator],
                    [$callout->designator],
                );
            }
            if ($callout->pointing->direction !== null) {
                $ways[$callout->kind->value][$callout->pointing->direction][] = $callout->designator;
            }
        }
        foreach ($ways as $kind => $directions) {
            if (count($directions) > 1) {
                $names = array_merge(...array_values($directions));
                $matters[] = new Matter(
                    MatterSeverity::Note,
                    Station::Marks,
                    'marks.several-ways',
                    [
                        'kind' => (string) $kind,
                        'directions' => array_map(strval(...), array_keys($directions)),
                        'designators' => $names,
                    ],
                    $names,
                );
            }
        }

        return $matters;
    }

    /** @return list<Matter> coils for which nobody says what takes up their kick: the most expensive part to turn */
    private function clamps(Subject $subject): array
    {
        $diodes = array_values(
            array_map(
                static fn(KitPart $part): string => $part->designator,
                array_filter(
                    $subject->kit->parts,
                    static fn(KitPart $part): bool => $part->supply->isBuilt() &&
                        in_array($part->kind(), [Kind::Diode, Kind::Rectifier, Kind::Zener], true),
                ),
            ),
        );

        return array_map(
            static fn(string $coil): Matter => new Matter(
                MatterSeverity::Warn,
                Station::Marks,
                $diodes === [] ? 'marks.clamp-none' : 'marks.clamp-unsaid',
                ['coil' => $coil, 'diodes' => $diodes],
                [$coil, ...$diodes],
            ),
            Coils::unclamped($subject->kit),
        );
    }
}
