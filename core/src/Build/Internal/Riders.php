<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\Task;
use Chiralex\Build\Verb;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;

/**
 * Hardware and material that have no step of their own and go in with something: where the maker says so, else with the part
 * their row names, else by their kind. What rides nowhere is left out, for a matter to name.
 */
final readonly class Riders
{
    /** @param list<list<Task>> $steps */
    private function __construct(private Kit $kit, private array $steps) {}

    /**
     * @param list<list<Task>> $steps
     * @return array<int, list<string>> index of a step to what rides in it
     */
    public static function of(Kit $kit, array $steps): array
    {
        $riders = new self($kit, $steps);
        $done = [];
        foreach ($steps as $step) {
            foreach ($step as $task) {
                $done += array_fill_keys($task->parts, true);
            }
        }
        $of = [];
        foreach ($kit->parts as $name => $part) {
            if ($part->supply->isBuilt() && !isset($done[$name])) {
                foreach ($riders->steps($part) as $index) {
                    $of[$index][] = (string) $name;
                }
            }
        }

        return $of;
    }

    /** @return list<int> the steps a part rides in, most often one */
    private function steps(KitPart $part): array
    {
        $used = $this->usedAt(mb_strtolower($part->notes->usedAt));
        if ($used !== null) {
            return [$used];
        }
        $named = $this->named($part);
        if ($named !== []) {
            return $named;
        }
        $index = $this->byKind($part);

        return $index === null ? [] : [$index];
    }

    /** The step of what the maker names: a part, a wire, a gate, a panel. */
    private function usedAt(string $wanted): ?int
    {
        if ($wanted === '') {
            return null;
        }

        return $this->first(
            static fn(Task $task): bool => in_array(
                $wanted,
                array_map(mb_strtolower(...), [...$task->parts, $task->what, $task->gate->name ?? '']),
                true,
            ),
        );
    }

    /** @return list<int> the steps of the parts its row names, `for U1`: where they are bolted, nutted or fitted */
    private function named(KitPart $part): array
    {
        $steps = [];
        foreach ($part->namesInRow() as $name) {
            if ($this->kit->part($name) === null) {
                continue;
            }
            $index =
                $this->first(static fn(Task $task): bool => self::holds($task, $name)) ??
                $this->first(static fn(Task $task): bool => in_array($name, $task->parts, true));
            if ($index !== null) {
                $steps[$index] = true;
            }
        }

        return array_keys($steps);
    }

    private static function holds(Task $task, string $name): bool
    {
        return in_array($task->action, [Action::Bolt, Action::Nuts], true) && in_array($name, $task->parts, true);
    }

    private function byKind(KitPart $part): ?int
    {
        $wire = fn(): ?int => $this->first(static fn(Task $task): bool => $task->verb === Verb::Wire);

        return match (true) {
            $part->place->inCase => $this->wired($part->designator),
            $part->kind() === Kind::Board => $this->steps === [] ? null : 0,
            $part->row->is(Role::Fastener) => $this->fastened(),
            in_array($part->kind(), [Kind::Wire, Kind::Cable], true) => $wire(),
            $part->kind() === Kind::Former => $this->first(
                fn(Task $task): bool => $this->kit->part($task->parts[0] ?? '')?->kind() === Kind::Inductor,
            ),
            $part->kind() === Kind::Consumable => $this->spent($part) ?? $wire(),
            $part->kind() === Kind::HeatSink => $this->first(static fn(Task $task): bool => $task->verb === Verb::Bolt),
            default => null,
        };
    }

    /** What hangs on its wires alone is done with the first of them. */
    private function wired(string $designator): ?int
    {
        $wires = [];
        foreach ($this->kit->work->wires as $wire) {
            foreach ($wire->ends() as $end) {
                if ($end->part === $designator) {
                    $wires[] = $wire->name;
                }
            }
        }

        return $this->first(
            static fn(Task $task): bool => $task->verb === Verb::Wire && array_intersect($task->parts, $wires) !== [],
        );
    }

    /** Screws, nuts and washers hold what is bolted, else what goes into the case, else the case. */
    private function fastened(): ?int
    {
        return $this->first(static fn(Task $task): bool => $task->verb === Verb::Fix) ??
            ($this->first(static fn(Task $task): bool => $task->verb === Verb::Bolt) ??
                $this->first(
                    fn(Task $task): bool => in_array(
                        $this->kit->part($task->parts[0] ?? '')?->kind(),
                        [Kind::Enclosure, Kind::Panel],
                        true,
                    ) && in_array($task->verb, [Verb::Fit, Verb::Cover], true),
                ));
    }

    /** Glue and varnish where something cures, solder where it is first melted, what guards a wire where there is one. */
    private function spent(KitPart $part): ?int
    {
        $text = mb_strtolower("{$part->line->cells->value} {$part->line->cells->description}");
        $cure = $this->first(static fn(Task $task): bool => $task->verb === Verb::Cure);

        return match (true) {
            preg_match('~glue|adhesive|epoxy|varnish|resin|kleber|lack|colle|vernis~u', $text) === 1 => $cure ??
                $this->first(static fn(Task $task): bool => $task->verb === Verb::Fix),
            preg_match('~solder|flux|lötzinn|lötdraht|étain~u', $text) === 1 => $this->first(
                static fn(Task $task): bool => $task->action === Action::Solder,
            ),
            default => null,
        };
    }

    /** @param callable(Task): bool $test */
    private function first(callable $test): ?int
    {
        foreach ($this->steps as $index => $step) {
            foreach ($step as $task) {
                if ($test($task)) {
                    return $index;
                }
            }
        }

        return null;
    }
}
