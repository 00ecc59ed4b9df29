<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Board\Face;
use Chiralex\Board\Side;
use Chiralex\Bom\Designators;
use Chiralex\Build\Internal\Jigs;
use Chiralex\Build\Internal\OtherTasks;
use Chiralex\Build\Internal\Unions;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;

/** All the work of a kit, as tasks, and which task begins and finishes each part. */
final readonly class TaskBook
{
    /** How late parts off the board come that nothing else puts in order; common practice, no source. */
    private const MOUNTED = -2;
    private const LOOSE = 5;
    private const BATTERY = 9;

    /**
     * @param array<string, Task> $tasks by id
     * @param array<string, string> $finish name to the task after which the part is done
     * @param array<string, string> $begin name to the task that first touches the part
     * @param array<string, string> $solder designator to the task that solders it to its board
     */
    private function __construct(
        public array $tasks,
        private array $finish,
        private array $begin,
        private array $solder,
    ) {}

    public static function of(Kit $kit): self
    {
        $tasks = $finish = [];
        $unions = Unions::of($kit);
        $jigs = Jigs::of($kit);
        $ridden = array_merge(
            ...array_map(static fn(array $all): array => array_slice($all, 1), array_values($unions)),
            ...[[]],
        );
        foreach ($kit->parts as $name => $part) {
            // A panel that serves as jig goes on with its moves and needs no step of its own.
            $task =
                in_array((string) $name, [...$jigs->names(), ...$jigs->inCase($kit)], true) ||
                in_array((string) $name, $ridden, true)
                    ? null
                    : self::partTask($part, $kit, $unions[$name] ?? [(string) $name]);
            if ($task !== null) {
                $tasks[$task->id] = $task;
                $finish += array_fill_keys($task->parts, $task->id);
            }
        }
        $begin = $finish;
        $solder = array_filter($finish, static fn(string $id): bool => $tasks[$id]->isSequenced());
        foreach ((new OtherTasks($kit, $finish))->all() as $task) {
            $tasks[$task->id] = $task;
            foreach ($task->parts as $name) {
                $first = in_array($task->verb, [Verb::Place, Verb::Plug], true);
                $begin[$name] = isset($begin[$name]) && !$first ? $begin[$name] : $task->id;
                $finish[$name] ??= $task->id;
            }
            if ($task->what !== '' && $task->action !== Action::Place) {
                $finish[$task->what] ??= $task->id;
                $begin[$task->what] ??= $task->id;
            }
        }

        return new self($tasks, $finish, $begin, $solder);
    }

    public function finish(string $name): ?string
    {
        return $this->finish[$name] ?? null;
    }

    public function begin(string $name): ?string
    {
        return $this->begin[$name] ?? null;
    }

    /** The task that solders a part to its board, null for a part that is not soldered to one. */
    public function solder(string $name): ?string
    {
        return $this->solder[$name] ?? null;
    }

    /** @return array<string, Task> the soldering of single parts, by id */
    public function sequenced(): array
    {
        return array_filter($this->tasks, static fn(Task $task): bool => $task->isSequenced());
    }

    /** @param list<string> $with the part, and what is bolted to it and soldered with it */
    private static function partTask(KitPart $part, Kit $kit, array $with): ?Task
    {
        $name = $part->designator;
        if (!$part->supply->isBuilt() || (!Designators::isNamed($name) && !$part->row->is(Role::OwnStep))) {
            return null;
        }
        $placement = $part->place->placement;
        $face = new Face($placement->board ?? $kit->boards[0]->name, $placement->side ?? Side::Top);
        if ($part->place->socket !== null) {
            return new Task(Verb::Insert, $name, Action::Insert, [$name], $face);
        }
        if ($part->isSoldered()) {
            return new Task(Verb::Solder, $name, Action::Solder, $with, $face);
        }
        if ((!$part->row->is(Role::OwnStep) || self::goesWith($part, $kit)) && !self::isMounted($part)) {
            return null;
        }

        return $part->kind() === Kind::Battery
            ? new Task(Verb::Fit, $name, Action::Insert, [$name], rank: self::BATTERY)
            : new Task(
                Verb::Fit,
                $name,
                Action::Place,
                [$name],
                what: $part->kind()->value,
                rank: $part->place->inCase && $kit->nature->boardless ? self::MOUNTED : self::LOOSE,
            );
    }

    /** Held in the case by itself; what hangs on its wires alone is done with them. */
    private static function isMounted(KitPart $part): bool
    {
        return $part->place->inCase && $part->row->use->hole !== null;
    }

    /** An insulator or a label whose row names a part, `for U1`, goes in with that part. */
    private static function goesWith(KitPart $part, Kit $kit): bool
    {
        return $part->kind() === Kind::Label &&
            array_filter($part->namesInRow(), static fn(string $name): bool => $kit->part($name) !== null) !== [];
    }
}
