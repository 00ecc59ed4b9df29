<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\Task;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\PilotEntry;
use Chiralex\Kit\Skill;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Joints and minutes of a step; the usual times are common practice for a patient beginner, no source, corrected by logged pilot builds. */
final readonly class StepFacts
{
    private const JOINT = 0.25;
    private const PART = 0.6;
    private const PRACTISED = 0.55;
    /** Minutes of work that is no soldering; of tacking for each part. */
    private const OTHER = [
        'gate' => 4.0,
        'adjust' => 3.0,
        'insert' => 1.0,
        'bolt' => 1.5,
        'place' => 1.5,
        'jig' => 1.5,
        'nuts' => 1.5,
        'tack' => 0.5,
        'snap' => 1.0,
        'remove' => 1.0,
        'cure' => 2.0,
    ];

    private PilotTimes $pilot;

    public function __construct(private Kit $kit)
    {
        $this->pilot = PilotTimes::of($kit, fn(PilotEntry $entry): float => $this->usual($entry) * self::PRACTISED);
    }

    /** @param list<Task> $tasks */
    public function joints(array $tasks): int
    {
        $joints = 0;
        foreach ($tasks as $task) {
            foreach ($task->parts as $name) {
                $joints += match ($task->action) {
                    Action::Solder => $task->isSequenced() ? $this->pins($this->kit->part($name)) : 2,
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
                    ? ($this->joints([$task]) * self::JOINT + self::PART) *
                        $this->pilot->kind($this->kit->part($task->parts[0] ?? '')?->kind()->value ?? 'wire')
                    : $this->other($task->action->value, count($task->parts)) *
                        $this->pilot->action($task->action->value);
        }

        return round($minutes * ($this->kit->choices->settings->skill === Skill::Practised ? self::PRACTISED : 1.0), 1);
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

    /** Minutes a beginner takes for the step of an entry, parts that are gone meanwhile left out. */
    private function usual(PilotEntry $entry): float
    {
        if ($entry->action() !== 'solder') {
            return $this->other($entry->action(), count($entry->names()));
        }
        $minutes = 0.0;
        foreach ($entry->names() as $name) {
            $minutes += $this->pins($this->kit->part($name)) * self::JOINT + self::PART;
        }

        return $minutes;
    }

    private function other(string $action, int $parts): float
    {
        return (self::OTHER[$action] ?? 0.0) * ($action === 'tack' ? max(1, $parts) : 1);
    }

    private function pins(?KitPart $part): int
    {
        return $part === null ? 2 : max(1, count($part->shape->outline->pins));
    }
}
