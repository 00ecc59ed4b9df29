<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Data\WorkTimes;
use Chiralex\Build\LastTests;
use Chiralex\Kit\Kit;
use Chiralex\Kit\PinName;
use Chiralex\Kit\ScrewEnds;
use Chiralex\Kit\Test;
use Chiralex\Part\Kind;
use Chiralex\Part\LeadStyle;
use Chiralex\Part\Role;

/** Minutes of a careful beginner, from what there is to do: joints by pin and heat, reading, bending, ends, nuts, points. */
final readonly class WorkContent
{
    /** Parts without a print, a band or a number to read. */
    private const UNREAD = [Kind::IcSocket, Kind::PinHeader, Kind::SocketStrip, Kind::Battery, Kind::BatteryHolder];

    public function __construct(private Kit $kit) {}

    /** Soldering one part, or one wire. */
    public function solder(string $name): float
    {
        $part = $this->kit->part($name);
        if ($part === null) {
            return WorkTimes::READ + 2 * WorkTimes::STRIP + array_sum(array_map($this->end(...), $this->ends($name)));
        }
        $leads = $part->shape->outline->leads->style;
        $joints = $part->joints();

        return (in_array($part->kind(), self::UNREAD, true) ? WorkTimes::READ / 2 : WorkTimes::READ) +
            ($leads === LeadStyle::AxialWire ? WorkTimes::BEND : 0.0) +
            WorkTimes::SEAT +
            ($part->direction->polarised ? WorkTimes::DIRECTION : 0.0) +
            $joints * ($part->row->is(Role::HeavyJoint) ? WorkTimes::HEAVY_JOINT : WorkTimes::JOINT) +
            match (true) {
                $leads !== LeadStyle::StiffPins => $joints * WorkTimes::CLIP,
                default => $joints > 2 ? WorkTimes::ALIGN : 0.0,
            };
    }

    /**
     * Work that is no soldering, by the action of a step and what it names.
     *
     * @param list<string> $names
     */
    public function other(string $action, array $names, string $gate = ''): float
    {
        return match ($action) {
            'insert' => array_sum(array_map($this->inserted(...), $names)),
            'gate' => WorkTimes::TEST + WorkTimes::POINT * $this->points($gate),
            'adjust' => WorkTimes::ADJUST,
            'nuts' => WorkTimes::NUT * max(1, count($names)),
            'tack' => WorkTimes::STRAIGHT * max(1, count($names)),
            'bolt' => array_sum(array_map($this->screwed(...), $names === [] ? [''] : $names)),
            'jig' => WorkTimes::PANEL,
            'place' => WorkTimes::PUT * max(1, count($names)),
            'snap' => WorkTimes::SNAP,
            'remove' => WorkTimes::REMOVE,
            'cure' => WorkTimes::CURE,
            default => 0.0,
        };
    }

    private function inserted(string $name): float
    {
        $part = $this->kit->part($name);

        return $part?->kind() === Kind::Ic
            ? WorkTimes::STRAIGHTEN + WorkTimes::PIN_IN * $part->joints()
            : WorkTimes::BATTERY;
    }

    /** Each piece of a row, four standoffs, is screwed in by itself. */
    private function screwed(string $name): float
    {
        $part = $this->kit->part($name);

        return WorkTimes::SCREW * max(1, $part->line->quantity ?? 1);
    }

    /** @return list<PinName> */
    private function ends(string $name): array
    {
        foreach ($this->kit->work->wires as $wire) {
            if ($wire->name === $name) {
                return $wire->ends();
            }
        }

        return [];
    }

    private function end(PinName $end): float
    {
        return ScrewEnds::is($end, $this->kit) ? WorkTimes::END_SCREWED : WorkTimes::END_SOLDERED;
    }

    /** What is held and read at a gate; the last tests look at two things where no test says more. */
    private function points(string $gate): int
    {
        $last = $gate === LastTests::FINISHED || $gate === LastTests::BOXED;
        $pairs = 0;
        foreach ($this->kit->work->tests as $test) {
            if ($test->gate === $gate || ($gate === LastTests::FINISHED && $this->isOpen($test))) {
                $pairs += max(1, intdiv(count($test->points) + 1, 2));
            }
        }

        return max($last ? 2 : 1, $pairs);
    }

    private function isOpen(Test $test): bool
    {
        return $test->gate === null && $test->adjusts === null;
    }
}
