<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Build\Action;
use Chiralex\Build\Task;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;

/** Joints and minutes of a step; times are common practice for a patient beginner, no source. */
final readonly class StepFacts
{
    private const JOINT = 0.25;
    private const PART = 0.6;
    private const PRACTISED = 0.55;

    public function __construct(private Kit $kit) {}

    /** @param list<Task> $tasks */
    public function joints(array $tasks): int
    {
        $joints = 0;
        foreach ($tasks as $task) {
            foreach ($task->parts as $name) {
                $joints += match ($task->action) {
                    Action::Solder => $task->sequenced ? $this->pins($this->kit->part($name)) : 2,
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
            $minutes += match ($task->action) {
                Action::Solder => $this->joints([$task]) * self::JOINT + self::PART,
                Action::Gate => 4.0,
                Action::Adjust => 3.0,
                Action::Insert => 1.0,
                Action::Bolt, Action::Place, Action::Jig, Action::Nuts => 1.5,
                Action::Tack => 0.5 * max(1, count($task->parts)),
                Action::Snap, Action::Remove => 1.0,
                Action::Cure => 2.0,
            };
        }

        return round($minutes * ($this->kit->settings->skill === 'practised' ? self::PRACTISED : 1.0), 1);
    }

    private function pins(?KitPart $part): int
    {
        return $part === null ? 2 : max(1, count($part->outline->pins));
    }
}
