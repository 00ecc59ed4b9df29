<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Face;
use Chiralex\Board\Side;
use Chiralex\Bom\Designators;
use Chiralex\Kit\Cure;
use Chiralex\Kit\Gate;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\SnapOff;
use Chiralex\Kit\Wire;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;
use Closure;

/** All the work of a kit, as tasks, and which task begins and finishes each part. */
final readonly class TaskBook
{
    /** How late work comes that nothing else puts in order; common practice, no source. */
    private const ADJUSTER = 1;
    private const WIRE = 3;
    private const FIXING = 4;
    private const LOOSE = 5;
    private const COVER = 8;
    private const BATTERY = 9;

    /**
     * @param array<string, Task> $tasks by id
     * @param array<string, string> $finish name to the task after which the part is done
     * @param array<string, string> $begin name to the task that first touches the part
     */
    private function __construct(public array $tasks, private array $finish, private array $begin) {}

    public static function of(Kit $kit): self
    {
        $tasks = [];
        foreach ($kit->parts as $part) {
            $task = self::partTask($part, $kit);
            if ($task !== null) {
                $tasks[$task->id] = $task;
            }
        }
        $finish = $begin = [];
        foreach ($tasks as $task) {
            foreach ($task->parts as $name) {
                $finish[$name] = $begin[$name] = $task->id;
            }
        }
        foreach (self::groupTasks($kit, $tasks) as $task) {
            $tasks[$task->id] = $task;
            foreach ($task->parts as $name) {
                $begin[$name] = isset($begin[$name]) && $task->verb !== Verb::Place ? $begin[$name] : $task->id;
                $finish[$name] ??= $task->id;
            }
            if ($task->what !== '' && $task->action !== Action::Place) {
                $finish[$task->what] ??= $task->id;
                $begin[$task->what] ??= $task->id;
            }
        }

        return new self($tasks, $finish, $begin);
    }

    public function finish(string $name): ?string
    {
        return $this->finish[$name] ?? null;
    }

    public function begin(string $name): ?string
    {
        return $this->begin[$name] ?? null;
    }

    /** @return array<string, Task> the soldering of single parts, by id */
    public function sequenced(): array
    {
        return array_filter($this->tasks, static fn(Task $task): bool => $task->isSequenced());
    }

    private static function partTask(KitPart $part, Kit $kit): ?Task
    {
        // A panel that serves as jig goes on with its moves and needs no step of its own.
        if (
            !$part->supply->isBuilt() ||
            !Designators::isNamed($part->designator) ||
            in_array($part->designator, array_column($kit->work->groups->panels, 'by'), true)
        ) {
            return null;
        }
        $name = $part->designator;
        $placement = $part->place->placement;
        $face = new Face($placement->board ?? $kit->boards[0]->name, $placement->side ?? Side::Top);
        if ($part->place->socket !== null) {
            return new Task(Verb::Insert, $name, Action::Insert, [$name], $face);
        }
        if ($part->isSoldered()) {
            return new Task(Verb::Solder, $name, Action::Solder, [$name], $face);
        }
        if (!$part->row->is(Role::OwnStep)) {
            return null;
        }

        return $part->kind() === Kind::Battery
            ? new Task(Verb::Fit, $name, Action::Insert, [$name], rank: self::BATTERY)
            : new Task(Verb::Fit, $name, Action::Place, [$name], rank: self::LOOSE);
    }

    /**
     * @param array<string, Task> $parts
     * @return list<Task>
     */
    private static function groupTasks(Kit $kit, array $parts): array
    {
        $own = static fn(string $name): bool => $kit->part($name)?->supply->isBuilt() === true &&
            !isset($parts[Verb::Solder->of($name)]) &&
            !isset($parts[Verb::Fit->of($name)]);

        return [
            ...self::bolted($kit, $own),
            ...self::panelled($kit),
            ...self::covering($kit, $own),
            ...array_map(
                static fn(Cure $cure): Task => new Task(
                    Verb::Cure,
                    $cure->name,
                    Action::Cure,
                    $cure->of,
                    what: $cure->name,
                ),
                $kit->work->groups->cures,
            ),
            ...array_map(
                static fn(SnapOff $snap): Task => new Task(
                    Verb::Snap,
                    $snap->board,
                    Action::Snap,
                    [],
                    what: $snap->board,
                ),
                $kit->work->groups->assembly->snapOffs,
            ),
            ...array_merge(...array_map(self::gated(...), $kit->work->gates)),
            ...self::adjusting($kit),
            ...array_map(
                static fn(Wire $wire): Task => new Task(
                    Verb::Wire,
                    $wire->name,
                    Action::Solder,
                    [$wire->name],
                    rank: self::WIRE,
                ),
                $kit->work->wires,
            ),
        ];
    }

    /**
     * @param Closure(string): bool $own true for a part of the kit that has no task yet
     * @return list<Task>
     */
    private static function bolted(Kit $kit, Closure $own): array
    {
        $tasks = [];
        foreach ($kit->work->groups->assembly->subassemblies as $names) {
            $tasks[] = new Task(Verb::Bolt, implode('+', $names), Action::Bolt, $names);
        }
        foreach ($kit->work->groups->assembly->fixings as $fixing) {
            if ($own($fixing->by)) {
                $tasks[] = new Task(Verb::Fix, $fixing->by, Action::Bolt, [$fixing->by], rank: self::FIXING);
            }
        }

        return $tasks;
    }

    /** @return list<Task> the four moves of each panel */
    private static function panelled(Kit $kit): array
    {
        $moves = [
            [Verb::Place, Action::Place],
            [Verb::Jig, Action::Jig],
            [Verb::Nuts, Action::Nuts],
            [Verb::Tack, Action::Tack],
        ];
        $tasks = [];
        foreach ($kit->work->groups->panels as $panel) {
            $first = $kit->part($panel->parts[0] ?? '')?->place->placement;
            $face = new Face($first->board ?? $kit->boards[0]->name, $first->side ?? Side::Top);
            foreach ($moves as [$verb, $action]) {
                $alone = $verb === Verb::Jig && isset($kit->parts[$panel->by]);
                $parts = $alone ? [$panel->by] : $panel->parts;
                $tasks[] = new Task($verb, $panel->by, $action, $parts, $face, what: $panel->by);
            }
        }

        return $tasks;
    }

    /**
     * @param Closure(string): bool $own
     * @return list<Task>
     */
    private static function covering(Kit $kit, Closure $own): array
    {
        $panels = array_column($kit->work->groups->panels, 'by');
        $tasks = [];
        foreach ($kit->work->groups->assembly->covers as $cover) {
            if (!in_array($cover->by, $panels, true) && $own($cover->by)) {
                $tasks[] = new Task(Verb::Cover, $cover->by, Action::Place, [$cover->by], rank: self::COVER);
            }
        }

        return $tasks;
    }

    /** @return list<Task> a gate, and what is fitted for it only */
    private static function gated(Gate $gate): array
    {
        $tasks = [new Task(Verb::Gate, $gate->name, Action::Gate, [], gate: $gate, what: $gate->name)];
        foreach ($gate->temporary as $fit) {
            $name = "{$gate->name} {$fit->name()}";
            $parts = $fit->part === null ? [] : [$fit->part];
            $tasks[] = new Task(Verb::Lend, $name, Action::Place, $parts, what: $fit->name());
            if ($fit->part === null || !$fit->soldered) {
                $tasks[] = new Task(Verb::Return, $name, Action::Remove, $parts, what: $fit->name());
            }
        }

        return $tasks;
    }

    /** @return list<Task> */
    private static function adjusting(Kit $kit): array
    {
        $tasks = [];
        foreach ($kit->work->tests as $test) {
            $name = $test->adjusts;
            if ($name !== null && isset($kit->parts[$name])) {
                $tasks[] = new Task(
                    Verb::Adjust,
                    $name,
                    Action::Adjust,
                    [$name],
                    what: $test->name,
                    rank: self::ADJUSTER,
                );
            }
        }

        return $tasks;
    }
}
