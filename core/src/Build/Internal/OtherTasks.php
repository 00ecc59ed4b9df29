<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Board\Face;
use Chiralex\Board\Side;
use Chiralex\Build\Action;
use Chiralex\Build\LastTests;
use Chiralex\Build\Task;
use Chiralex\Build\Verb;
use Chiralex\Kit\Gate;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\Panel;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;
use Closure;

/** The work that is not one part's alone: bolting, panels, plugs, covers, cures, gates, adjusting, wires, the last tests. */
final readonly class OtherTasks
{
    /** How late work comes that nothing else puts in order; common practice, no source. */
    private const ADJUSTER = 1;
    private const WIRE = 3;
    private const FIXING = 4;
    private const COVER = 8;

    /** @param array<string, string> $tasked designator to the task that a part has already */
    public function __construct(private Kit $kit, private array $tasked) {}

    /** @return list<Task> */
    public function all(): array
    {
        $groups = $this->kit->work->groups;
        $tasks = [...$this->bolted(), ...$this->panelled(), ...$this->plugged(), ...$this->covering()];
        foreach ($groups->cures as $cure) {
            $tasks[] = new Task(Verb::Cure, $cure->name, Action::Cure, $cure->of, what: $cure->name);
        }
        foreach ($groups->assembly->snapOffs as $snap) {
            $tasks[] = new Task(Verb::Snap, $snap->board, Action::Snap, [], what: $snap->board);
        }
        foreach ($this->kit->work->gates as $gate) {
            array_push($tasks, ...$this->gated($gate));
        }
        array_push($tasks, ...$this->adjusting());
        foreach ($this->kit->work->wires as $wire) {
            $tasks[] = new Task(Verb::Wire, $wire->name, Action::Solder, [$wire->name], rank: self::WIRE);
        }

        return [...$tasks, ...$this->tried()];
    }

    /** @return list<Task> */
    private function bolted(): array
    {
        $tasks = [];
        foreach ($this->kit->work->groups->assembly->subassemblies as $names) {
            $tasks[] = new Task(Verb::Bolt, implode('+', $names), Action::Bolt, $names);
        }
        foreach ($this->kit->work->groups->assembly->fixings as $fixing) {
            if ($this->isFree($fixing->by)) {
                $tasks[] = new Task(Verb::Fix, $fixing->by, Action::Bolt, [$fixing->by], rank: self::FIXING);
            }
        }

        $held = array_column($this->kit->work->groups->assembly->fixings, 'by');
        $standoffs = array_keys(
            array_filter(
                $this->kit->parts,
                fn(KitPart $part): bool => $part->kind() === Kind::Standoff &&
                    $part->supply->isBuilt() &&
                    !in_array($part->designator, $held, true),
            ),
        );
        if ($standoffs !== []) {
            $names = array_map(strval(...), $standoffs);
            $tasks[] = new Task(Verb::Fix, implode('+', $names), Action::Bolt, $names, rank: self::FIXING);
        }

        return $tasks;
    }

    /** @return list<Task> the moves of each panel: nuts where there are any, tacking for what is soldered */
    private function panelled(): array
    {
        $tasks = [];
        foreach (Jigs::of($this->kit)->panels as $panel) {
            $first = $this->kit->part($panel->parts[0] ?? '')?->place->placement;
            $face = new Face($first->board ?? $this->kit->boards[0]->name, $first->side ?? Side::Top);
            foreach ($this->moves($panel) as [$verb, $action, $parts]) {
                if ($parts !== []) {
                    $tasks[] = new Task($verb, $panel->by, $action, $parts, $face, what: $panel->by);
                }
            }
        }

        return $tasks;
    }

    /** @return list<array{Verb, Action, list<string>}> */
    private function moves(Panel $panel): array
    {
        $nutted = $this->behind($panel, static fn(KitPart $part): bool => $part->row->is(Role::Nutted));
        $soldered = $this->behind($panel, static fn(KitPart $part): bool => $part->isSoldered());

        return [
            [Verb::Place, Action::Place, $panel->parts],
            [Verb::Jig, Action::Jig, isset($this->kit->parts[$panel->by]) ? [$panel->by] : $panel->parts],
            [Verb::Nuts, Action::Nuts, $nutted],
            [Verb::Tack, Action::Tack, $soldered],
        ];
    }

    /**
     * @param Closure(KitPart): bool $test
     * @return list<string>
     */
    private function behind(Panel $panel, Closure $test): array
    {
        return array_values(
            array_filter($panel->parts, function (string $name) use ($test): bool {
                $part = $this->kit->part($name);

                return $part !== null && $test($part);
            }),
        );
    }

    /** @return list<Task> */
    private function plugged(): array
    {
        $tasks = [];
        foreach (Mates::of($this->kit) as $mate) {
            $at = $this->kit->part($mate->parts[0])?->place->placement;
            $face = new Face($at->board ?? $this->kit->boards[0]->name, $at->side ?? Side::Top);
            $tasks[] = new Task(Verb::Plug, $mate->name(), Action::Place, $mate->parts, $face, what: $mate->name());
            $tasks[] = new Task(Verb::Tack, $mate->name(), Action::Tack, $mate->parts, $face, what: $mate->name());
        }

        return $tasks;
    }

    /** @return list<Task> */
    private function covering(): array
    {
        $panels = Jigs::of($this->kit)->names();
        $tasks = [];
        foreach ($panels as $name) {
            // A case that held the parts while they were soldered is closed at the end.
            if ($this->kit->part($name)?->kind() === Kind::Enclosure) {
                $tasks[] = new Task(Verb::Cover, $name, Action::Place, [$name], rank: self::COVER);
            }
        }
        foreach ($this->kit->work->groups->assembly->covers as $cover) {
            if (!in_array($cover->by, $panels, true) && $this->isFree($cover->by)) {
                $tasks[] = new Task(Verb::Cover, $cover->by, Action::Place, [$cover->by], rank: self::COVER);
            }
        }

        return $tasks;
    }

    /** @return list<Task> a gate, and what is fitted for it only */
    private function gated(Gate $gate): array
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
    private function adjusting(): array
    {
        $tasks = [];
        foreach ($this->kit->work->tests as $test) {
            $name = $test->adjusts;
            if ($name !== null && isset($this->kit->parts[$name])) {
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

    /** @return list<Task> once when all is there, and once more in its box */
    private function tried(): array
    {
        if (!LastTests::has($this->kit)) {
            return [];
        }
        $tests = [LastTests::FINISHED, ...LastTests::isBoxed($this->kit) ? [LastTests::BOXED] : []];

        return array_map(
            static fn(string $name): Task => new Task(
                Verb::Try,
                $name,
                Action::Gate,
                [],
                gate: new Gate($name, [], [], '', false, []),
                what: $name,
            ),
            $tests,
        );
    }

    /** True for a part of the kit that has no task yet. */
    private function isFree(string $name): bool
    {
        return $this->kit->part($name)?->supply->isBuilt() === true && !isset($this->tasked[$name]);
    }
}
