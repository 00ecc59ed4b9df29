<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\Soldering;
use Chiralex\Build\Task;
use Chiralex\Kit\Alloy;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\KindBody;
use Chiralex\Part\Role;

/**
 * Solder of a joint from its geometry: the barrel of the hole where it is plated, and a fillet of 1 mm on the solder side.
 * Diameters and tip temperatures are common practice, no source; 0.3 mm of play in the hole and 0.4 mm of ring are usual.
 */
final readonly class JointFacts
{
    private const WIRE = 0.8;
    /** What is metal and not flux in cored wire, by volume; from memory. */
    private const METAL = 0.85;
    private const PLAY = 0.3;
    private const RING = 0.8;
    private const FILLET = 1.0;
    /** Tip temperatures, light and heavy joints, degrees Celsius. */
    private const LEADED = [330, 340];
    private const LEAD_FREE = [350, 380];

    public function __construct(private Kit $kit) {}

    /** @param list<Task> $tasks of one step */
    public function of(array $tasks): Soldering
    {
        $solder = 0.0;
        $heavy = $soldered = false;
        foreach ($tasks as $task) {
            foreach ($task->action === Action::Solder || $task->action === Action::Tack ? $task->parts : [] as $name) {
                $part = $this->kit->part($name);
                $joints = $task->action === Action::Tack ? 1 : $part?->joints() ?? 2;
                $solder += $joints * $this->joint($part);
                $heavy = $heavy || ($part !== null && $part->row->is(Role::HeavyJoint));
                $soldered = true;
            }
        }

        return new Soldering(round($solder, 1), $soldered ? $this->iron()[$heavy ? 1 : 0] : null, $heavy);
    }

    /** @return array{int, int} light and heavy joints, degrees Celsius */
    private function iron(): array
    {
        return match ($this->kit->choices->settings->bench->alloy) {
            Alloy::Leaded => self::LEADED,
            Alloy::LeadFree => self::LEAD_FREE,
        };
    }

    /** Millimetres of solder wire for one joint. */
    private function joint(?KitPart $part): float
    {
        $lead = $part->row->body->leads ?? KindBody::LEAD;
        $board = $part?->place->placement === null ? null : $this->kit->board($part->place->placement->board);
        $hole = $lead + self::PLAY;
        $ring = ($hole + self::RING) / 2;
        $cone =
            (M_PI / 3) * self::FILLET * ($ring ** 2 + ($ring * $lead) / 2 + ($lead / 2) ** 2) -
            (M_PI / 4) * $lead ** 2 * self::FILLET;
        $barrel =
            $board !== null && $board->stuff->plated
                ? (M_PI / 4) * ($hole ** 2 - $lead ** 2) * $board->stuff->thickness
                : 0.0;

        return ($cone + $barrel) / ((M_PI / 4) * self::WIRE ** 2 * self::METAL);
    }
}
