<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\Data\WorkTimes;
use Chiralex\Build\Task;
use Chiralex\Kit\Kit;
use Chiralex\Kit\PilotEntry;
use Chiralex\Kit\Skill;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Joints and minutes of a step; the usual times are common practice for a patient beginner, no source, corrected by logged pilot builds. */
final readonly class StepFacts
{
    private PilotTimes $pilot;
    private WorkContent $content;

    public function __construct(private Kit $kit)
    {
        $this->content = new WorkContent($kit);
        $this->pilot = PilotTimes::of(
            $kit,
            fn(PilotEntry $entry): float => $this->usual($entry) * WorkTimes::PRACTISED,
        );
    }

    /** @param list<Task> $tasks */
    public function joints(array $tasks): int
    {
        $joints = 0;
        foreach ($tasks as $task) {
            foreach ($task->parts as $name) {
                $joints += match ($task->action) {
                    Action::Solder => $this->kit->part($name)?->joints() ?? 2,
                    Action::Tack => 1,
                    default => 0,
                };
            }
        }

        return $joints;
    }

    /** @param list<Task> $tasks */
    public function minutes(array $tasks): float
    {
        $minutes = 0.0;
        foreach ($tasks as $task) {
            $minutes +=
                $task->action === Action::Solder
                    ? array_sum(array_map($this->content->solder(...), $task->parts)) *
                        $this->pilot->kind($this->kit->part($task->parts[0] ?? '')?->kind()->value ?? 'wire')
                    : $this->content->other($task->action->value, $task->parts, $task->gate->name ?? '') *
                        $this->pilot->action($task->action->value);
        }

        return round(
            $minutes * ($this->kit->choices->settings->skill === Skill::Practised ? WorkTimes::PRACTISED : 1.0),
            1,
        );
    }

    /**
     * Where the minutes of a step come from.
     *
     * @param list<Task> $tasks
     */
    public function source(array $tasks): Reason
    {
        foreach ($tasks as $task) {
            if (
                $this->pilot->knows(
                    $task->action === Action::Solder
                        ? $this->kit->part($task->parts[0] ?? '')?->kind()->value ?? 'wire'
                        : $task->action->value,
                )
            ) {
                return new Reason(
                    'time.pilot',
                    ['builds' => $this->pilot->builds, 'skill' => $this->kit->choices->settings->skill->value],
                    Origin::Measured,
                );
            }
        }

        return new Reason(
            'time.usual',
            ['skill' => $this->kit->choices->settings->skill->value],
            Origin::CommonPractice,
        );
    }

    /** How far builders lie apart, as a share of the whole: what is usual, drawn towards what was logged. */
    public function spread(): float
    {
        return $this->pilot->spread;
    }

    /** Minutes a beginner takes for the step of an entry, parts that are gone meanwhile left out. */
    private function usual(PilotEntry $entry): float
    {
        return $entry->action() === 'solder'
            ? array_sum(array_map($this->content->solder(...), $entry->names()))
            : $this->content->other($entry->action(), $entry->names(), explode(':', $entry->step, 2)[1] ?? '');
    }
}
