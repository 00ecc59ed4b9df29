<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Face;
use Chiralex\Board\Side;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;

/** All the work of a kit, as tasks, and which task begins and finishes each part. */
final readonly class TaskBook
{
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
                $begin[$name] =
                    isset($begin[$name]) && !str_starts_with($task->id, 'place ') ? $begin[$name] : $task->id;
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
        return array_filter($this->tasks, static fn(Task $task): bool => $task->sequenced);
    }

    private static function partTask(KitPart $part, Kit $kit): ?Task
    {
        // A panel that serves as jig goes on with its moves and needs no step of its own.
        if (
            !$part->supply->isBuilt() ||
            str_starts_with($part->designator, '~') ||
            in_array($part->designator, array_column($kit->work->groups->panels, 'by'), true)
        ) {
            return null;
        }
        $names = [$part->designator];
        $placement = $part->place->placement;
        $face = new Face($placement->board ?? $kit->boards[0]->name, $placement->side ?? Side::Top);
        if ($part->place->socket !== null) {
            return new Task("insert {$part->designator}", Action::Insert, $names, $face);
        }
        if ($part->isSoldered()) {
            return new Task("solder {$part->designator}", Action::Solder, $names, $face, true);
        }
        if (!$part->row->is(Role::OwnStep)) {
            return null;
        }
        $action = $part->kind() === Kind::Battery ? Action::Insert : Action::Place;

        return new Task("fit {$part->designator}", $action, $names, rank: $part->kind() === Kind::Battery ? 9 : 5);
    }

    /**
     * @param array<string, Task> $parts
     * @return list<Task>
     */
    private static function groupTasks(Kit $kit, array $parts): array
    {
        $tasks = [];
        $groups = $kit->work->groups;
        foreach ($groups->assembly->subassemblies as $names) {
            $tasks[] = new Task('bolt ' . implode('+', $names), Action::Bolt, $names);
        }
        foreach ($groups->assembly->fixings as $fixing) {
            if (
                $kit->part($fixing->by)?->supply->isBuilt() === true &&
                !isset($parts["solder {$fixing->by}"]) &&
                !isset($parts["fit {$fixing->by}"])
            ) {
                $tasks[] = new Task("fix {$fixing->by}", Action::Bolt, [$fixing->by], rank: 4);
            }
        }
        foreach ($groups->panels as $panel) {
            $first = $kit->part($panel->parts[0] ?? '')?->place->placement;
            $face = new Face($first->board ?? $kit->boards[0]->name, $first->side ?? Side::Top);
            $ways = ['place' => Action::Place, 'jig' => Action::Jig, 'nuts' => Action::Nuts, 'tack' => Action::Tack];
            foreach ($ways as $word => $action) {
                $tasks[] = new Task(
                    "{$word} {$panel->by}",
                    $action,
                    $action === Action::Jig && isset($kit->parts[$panel->by]) ? [$panel->by] : $panel->parts,
                    $face,
                    what: $panel->by,
                );
            }
        }
        foreach ($groups->assembly->covers as $cover) {
            if (
                !in_array($cover->by, array_column($groups->panels, 'by'), true) &&
                !isset($parts["solder {$cover->by}"]) &&
                !isset($parts["fit {$cover->by}"]) &&
                $kit->part($cover->by)?->supply->isBuilt() === true
            ) {
                $tasks[] = new Task("cover {$cover->by}", Action::Place, [$cover->by], rank: 8);
            }
        }
        foreach ($groups->cures as $cure) {
            $tasks[] = new Task("cure {$cure->name}", Action::Cure, $cure->of, what: $cure->name);
        }
        foreach ($groups->assembly->snapOffs as $snap) {
            $tasks[] = new Task("snap {$snap->board}", Action::Snap, [], what: $snap->board);
        }
        foreach ($kit->work->gates as $gate) {
            $tasks[] = new Task("gate {$gate->name}", Action::Gate, [], gate: $gate, what: $gate->name);
            foreach ($gate->temporary as $fit) {
                $tasks[] = new Task(
                    "lend {$gate->name} {$fit->name()}",
                    Action::Place,
                    $fit->part === null ? [] : [$fit->part],
                    what: $fit->name(),
                );
                if ($fit->part === null || !$fit->soldered) {
                    $tasks[] = new Task(
                        "return {$gate->name} {$fit->name()}",
                        Action::Remove,
                        $fit->part === null ? [] : [$fit->part],
                        what: $fit->name(),
                    );
                }
            }
        }
        foreach ($kit->work->tests as $test) {
            if ($test->adjusts !== null && isset($kit->parts[$test->adjusts])) {
                $tasks[] = new Task(
                    "adjust {$test->adjusts}",
                    Action::Adjust,
                    [$test->adjusts],
                    what: $test->name,
                    rank: 1,
                );
            }
        }
        foreach ($kit->work->wires as $wire) {
            $tasks[] = new Task("wire {$wire->name}", Action::Solder, [$wire->name], rank: 3);
        }

        return $tasks;
    }
}
