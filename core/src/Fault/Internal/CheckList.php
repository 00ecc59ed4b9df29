<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\Step;
use Chiralex\Fault\Data\Finds;
use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\CheckKind;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\PowerIn;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;
use Chiralex\Safety\Hazards;

/** What a builder can look at, measure and try, by step and by part; nothing on mains. */
final readonly class CheckList
{
    public const LEFT_OVER = 'parts left over';
    public const SUPPLY = 'supply at the terminals';
    public const WIRES = 'wires as drawn';
    public const METER = 'multimeter';

    /** What a meter tells by its ohms, on the board and without power. */
    private const MEASURED = [
        ...[Kind::Resistor, Kind::Network, Kind::Trimmer, Kind::Potentiometer, Kind::Inductor, Kind::Thermistor],
        ...[Kind::Relay, Kind::Switch, Kind::Button, Kind::Speaker],
    ];
    public const SIGN = 'plus at the terminals';
    public const OTHER = 'another supply';

    private bool $isLive;

    public function __construct(private Bench $bench)
    {
        $this->isLive = Hazards::isLive($bench->kit);
    }

    /** @return list<Check> */
    public function all(): array
    {
        return [...$this->steps(), ...$this->parts(), ...$this->whole(), ...$this->measured()];
    }

    /** @return list<Check> a step at once, by its picture; where several are, the whole kit too */
    private function steps(): array
    {
        $directed = array_flip(array_map(static fn($callout): string => $callout->designator, $this->bench->callouts));
        $checks = [];
        $all = ['directions' => [], 'values' => [], 'holes' => [], 'joints' => []];
        $joints = 0;
        foreach ($this->bench->steps as $step) {
            $names = array_values(array_filter($step->fits(), $this->bench->stands(...)));
            $here = [
                'directions' => array_values(
                    array_filter($names, static fn(string $name): bool => isset($directed[$name])),
                ),
            ];
            if ($step->action === Action::Solder) {
                $here += ['values' => $names, 'holes' => $names, 'joints' => $step->work->joints > 0 ? $names : []];
                $joints += $step->work->joints;
            }
            foreach ($here as $what => $of) {
                array_push($all[$what], ...$of);
                if (count($of) > 1 || ($of !== [] && $what === 'joints')) {
                    $checks[] = self::sheet(
                        "step {$step->number}: {$what}",
                        "step-{$what}",
                        $of,
                        $what === 'joints' ? $step->work->joints : 0,
                        $step->number,
                    );
                }
            }
            if ($step->action === Action::Solder && $step->work->joints > 0) {
                $checks[] = new Check(
                    "step {$step->number}: reflowed",
                    CheckKind::Reflow,
                    Finds::TRY + Finds::EACH_REFLOWED * $step->work->joints,
                    designators: $names,
                    step: $step->number,
                );
            }
        }
        foreach (count($this->bench->steps) > 1 ? $all : [] as $what => $of) {
            if (count($of) > 1) {
                $checks[] = self::sheet("all {$what}", "all-{$what}", $of, $what === 'joints' ? $joints : 0, null);
            }
        }

        return $checks;
    }

    /** @param list<string> $names */
    private static function sheet(string $name, string $kind, array $names, int $joints, ?int $step): Check
    {
        return new Check(
            $name,
            CheckKind::from($kind),
            Finds::ASKED + ($joints > 0 ? Finds::EACH_JOINT * $joints : Finds::EACH * count($names)),
            designators: $names,
            step: $step,
        );
    }

    /** @return list<Check> */
    private function parts(): array
    {
        $checks = [];
        foreach ($this->bench->callouts as $callout) {
            $checks[] = $this->part("{$callout->designator} as drawn", CheckKind::Direction, $callout->designator);
        }
        foreach ($this->bench->parts as $designator => $part) {
            $name = (string) $designator;
            if (!PartSuspects::isOfCircuit($part)) {
                continue;
            }
            $checks[] = $this->part("value of {$name}", CheckKind::Value, $name);
            if ($part->isSoldered()) {
                $checks[] = $this->part("holes of {$name}", CheckKind::Hole, $name);
                $checks[] = $this->part("joints of {$name}", CheckKind::Joints, $name);
            }
            array_push($checks, ...$this->tries($name, $part));
        }

        return $checks;
    }

    /** @return list<Check> what can be tried with a part of its kind */
    private function tries(string $name, KitPart $part): array
    {
        $checks = [];
        if ($part->place->socket !== null) {
            $checks[] = $this->part("{$name} pressed home", CheckKind::Seat, $name);
            $checks[] = $this->part(
                "known good {$name}",
                CheckKind::KnownGood,
                $name,
                Finds::KNOWN_GOOD,
                '',
                $this->before($name),
            );
        }
        if ($part->row->is(Role::Adjusts)) {
            $checks[] = $this->part("{$name} turned to its middle", CheckKind::Turn, $name);
        }
        if (!$this->isLive && in_array($part->kind(), [Kind::Switch, Kind::Button], true)) {
            $checks[] = $this->part("{$name} bridged", CheckKind::BridgeSwitch, $name, Finds::TRY);
        }
        $junction = [Kind::Diode, Kind::Zener, Kind::Rectifier, Kind::Led, Kind::Transistor];
        if (!$this->isLive && in_array($part->kind(), $junction, true)) {
            $checks[] = $this->part("{$name} by diode test", CheckKind::DiodeTest, $name, Finds::DIODE, self::METER);
        }

        if (!$this->isLive && in_array($part->kind(), self::MEASURED, true)) {
            $checks[] = $this->part("{$name} by ohms", CheckKind::Ohms, $name, Finds::DIODE, self::METER);
        }

        return $checks;
    }

    /**
     * No new chip goes in before what kills it is cleared: the clamp diode as drawn, the driver by its junctions.
     *
     * @return list<string>
     */
    private function before(string $name): array
    {
        $after = [];
        foreach ($this->bench->callouts as $callout) {
            $chain = $callout->reversal->replace;
            if (!in_array($name, $chain, true) || $callout->designator === $name) {
                continue;
            }
            $after["{$callout->designator} as drawn"] = true;
            foreach ($chain as $other) {
                if ($other === $name) {
                    break;
                }
                if ($this->bench->kit->part($other)?->kind() === Kind::Transistor && !$this->isLive) {
                    $after["{$other} by diode test"] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($after));
    }

    /** @param list<string> $after */
    private function part(
        string $check,
        CheckKind $kind,
        string $name,
        float $minutes = Finds::ONE,
        string $instrument = '',
        array $after = [],
    ): Check {
        return new Check(
            $check,
            $kind,
            $minutes,
            instrument: $instrument,
            designators: [$name],
            after: $after,
            step: $this->bench->step($name),
        );
    }

    /** @return list<Check> */
    private function whole(): array
    {
        $checks = [new Check(self::LEFT_OVER, CheckKind::LeftOver, Finds::LEFT_OVER)];
        if ($this->bench->until === null && count($this->bench->kit->work->wires) > 1) {
            $checks[] = new Check(self::WIRES, CheckKind::Wires, Finds::WIRES);
        }
        $terminals = PowerIn::of($this->bench->kit)->terminals($this->bench->kit);
        if (!$this->isLive && $terminals !== []) {
            $checks[] = new Check(
                self::SUPPLY,
                CheckKind::Supply,
                Finds::SUPPLY,
                instrument: self::METER,
                designators: $terminals,
            );
            $checks[] = new Check(
                self::SIGN,
                CheckKind::SupplySign,
                Finds::SUPPLY,
                instrument: self::METER,
                designators: $terminals,
                after: [self::SUPPLY],
            );
        }
        if (!$this->isLive && ($terminals !== [] || $this->bench->kit->nature->power !== null)) {
            $checks[] = new Check(self::OTHER, CheckKind::OtherSupply, Finds::KNOWN_GOOD);
        }

        return $checks;
    }

    /** @return list<Check> the tests of Bench that can be made as far as the kit is built */
    private function measured(): array
    {
        $checks = [];
        foreach ($this->bench->tests as $checked) {
            if (
                ($this->isLive && $checked->test->power !== 'off') ||
                array_filter(
                    $this->bench->touched($checked),
                    fn(string $name): bool => !$this->bench->stands($name),
                ) !== []
            ) {
                continue;
            }
            $range = $checked->range();
            $checks[] = new Check(
                $checked->test->name,
                CheckKind::Measure,
                Finds::MEASURE,
                $checked->unit() === '' ? '' : self::METER,
                $checked->test->points,
                step: null,
                pass: $range === null ? null : ['low' => $range->low, 'high' => $range->high],
            );
        }

        return $checks;
    }
}
