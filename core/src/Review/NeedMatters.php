<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Kit\Hazard;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Role;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** What a builder needs and nobody has named: what the kit runs from, what holds the glued joint, what varnishes the coil. */
final readonly class NeedMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $kit = $subject->kit;
        $matters = [];
        $powered = array_values(
            array_filter(
                $kit->parts,
                static fn(KitPart $part): bool => $part->supply->isOnBoard() && $part->row->is(Role::NeedsPower),
            ),
        );
        if ($kit->nature->power === null && $powered !== []) {
            $matters[] = new Matter(MatterSeverity::Warn, Station::Parts, 'parts.no-supply', [
                'example' => $powered[0]->designator,
            ]);
        } elseif ($kit->nature->power !== null && $kit->nature->power->amps === null) {
            $matters[] = new Matter(MatterSeverity::Note, Station::Parts, 'parts.no-current', [
                'volts' => $kit->nature->power->mostVolts,
            ]);
        }
        if (
            in_array(Hazard::Glue, $kit->nature->hazards, true) &&
            !$this->listed($subject, '~glue|adhesive|epoxy|cement|superglue|cyanoacrylate|resin~')
        ) {
            $matters[] = new Matter(MatterSeverity::Warn, Station::Parts, 'parts.no-adhesive');
        }
        foreach ($kit->work->groups->cures as $cure) {
            if (!$this->listed($subject, '~' . preg_quote(mb_strtolower($cure->name), '~') . '~u')) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Parts,
                    'parts.cure-unnamed',
                    ['cure' => $cure->name, 'parts' => $cure->of],
                    $cure->of,
                );
            }
        }

        return $matters;
    }

    private function listed(Subject $subject, string $pattern): bool
    {
        foreach ($subject->kit->findings->list->lines as $line) {
            if (
                preg_match(
                    $pattern,
                    mb_strtolower(
                        "{$line->cells->value} {$line->cells->description} {$line->cells->package} {$line->cells->note}",
                    ),
                ) === 1
            ) {
                return true;
            }
        }

        return false;
    }
}
