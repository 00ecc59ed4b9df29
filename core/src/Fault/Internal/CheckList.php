<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Checked;
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

    /** @return list<Check> a step at once, by its picture */
    private function steps(): array
    {
        $directed = array_flip(array_map(static fn($callout): string => $callout->designator, $this->bench->callouts));
        $checks = [];
        foreach ($this->bench->steps as $step) {
            $names = array_values(array_filter($step->fits(), $this->bench->stands(...)));
            $here = array_values(array_filter($names, static fn(string $name): bool => isset($directed[$name])));
            if (count($here) > 1) {
                $checks[] = self::step($step, CheckKind::StepDirections, 'directions', $here, Finds::EACH);
            }
            if ($step->action !== Action::Solder) {
                continue;
            }
            if (count($names) > 1) {
                $checks[] = self::step($step, CheckKind::StepValues, 'values', $names, Finds::EACH);
            }
            $checks[] = self::step($step, CheckKind::StepHoles, 'holes', $names, Finds::EACH);
            if ($step->work->joints > 0) {
                $checks[] = new Check(
                    "step {$step->number}: joints",
                    CheckKind::StepJoints,
                    Finds::STEP + Finds::EACH_JOINT * $step->work->joints,
                    designators: $names,
                    step: $step->number,
                );
            }
        }

        return $checks;
    }

    /** @param list<string> $names */
    private static function step(Step $step, CheckKind $kind, string $what, array $names, float $each): Check
    {
        return new Check(
            "step {$step->number}: {$what}",
            $kind,
            Finds::STEP + $each * count($names),
            designators: $names,
            step: $step->number,
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
            $checks[] = $this->part("known good {$name}", CheckKind::KnownGood, $name, Finds::KNOWN_GOOD, '', $this->before($name));
        }
        if ($part->row->is(Role::Adjusts)) {
            $checks[] = $this->part("{$name} turned to its middle", CheckKind::Turn, $name);
        }
        if (!$this->isLive && in_array($part->kind(), [Kind::Switch, Kind::Button], true)) {
            $checks[] = $this->part("{$name} bridged", CheckKind::BridgeSwitch, $name, Finds::QUICK * 2);
        }
        $junction = [Kind::Diode, Kind::Zener, Kind::Rectifier, Kind::Led, Kind::Transistor];
        if (!$this->isLive && in_array($part->kind(), $junction, true)) {
            $checks[] = $this->part("{$name} by diode test", CheckKind::DiodeTest, $name, Finds::DIODE, self::METER);
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
        float $minutes = Finds::QUICK,
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
        }

        return $checks;
    }

    /** @return list<Check> the tests of Bench that can be made as far as the kit is built */
    private function measured(): array
    {
        $checks = [];
        foreach ((new BenchBook())->of($this->bench->kit) as $checked) {
            if (
                ($this->isLive && $checked->test->power !== 'off') ||
                array_filter($this->touched($checked), fn(string $name): bool => !$this->bench->stands($name)) !== []
            ) {
                continue;
            }
            $range = $checked->range();
            $checks[] = new Check(
                $checked->test->name,
                CheckKind::Measure,
                Finds::MEASURE,
                Finds::MEASURED_ELSE,
                $checked->unit() === '' ? '' : self::METER,
                $checked->test->points,
                step: null,
                pass: $range === null ? null : ['low' => $range->low, 'high' => $range->high],
            );
        }

        return $checks;
    }

    /** @return list<string> parts of its formula, what its gate needs, else the parts its points are on */
    public function touched(Checked $checked): array
    {
        $names = array_map(strval(...), array_keys($checked->reading->parts ?? []));
        foreach ($this->bench->kit->work->gates as $gate) {
            if ($gate->name === $checked->test->gate) {
                array_push($names, ...$gate->needs);
            }
        }
        if ($names === []) {
            $names = array_map(static fn(string $point): string => explode('.', $point)[0], $checked->test->points);
        }

        return array_values(
            array_unique(array_filter($names, fn(string $name): bool => $this->bench->kit->part($name) !== null)),
        );
    }
}
