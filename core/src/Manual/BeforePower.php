<?php

declare(strict_types=1);

namespace Chiralex\Manual;

use Chiralex\Build\Action;
use Chiralex\Polarity\Callout;

/** What is looked at once more before a kit meets power for the first time: every direction, side by side of its boards. */
final readonly class BeforePower
{
    public function __construct(private Manual $manual) {}

    /** The step of the first test; null where nothing is tested. */
    public function step(): ?int
    {
        foreach ($this->manual->steps as $each) {
            if ($each->step->action === Action::Gate) {
                return $each->step->number;
            }
        }

        return null;
    }

    /** @return array<string, array{board: string, side: string, parts: list<string>, callouts: list<Callout>}> by board and side, parts as they were fitted */
    public function sides(): array
    {
        $sides = [];
        $step = $this->step();
        foreach ($step === null ? [] : $this->manual->steps as $each) {
            if ($each->step->number >= $step || !$each->step->action->fits()) {
                continue;
            }
            foreach ($each->callouts as $callout) {
                $body = $this->manual->kit->part($callout->designator)?->place->body;
                if ($body === null || !in_array($callout->designator, $each->step->fits(), true)) {
                    continue;
                }
                $key = "{$body->face->board} {$body->face->side->value}";
                $sides[$key] ??= [
                    'board' => $body->face->board,
                    'side' => $body->face->side->value,
                    'parts' => [],
                    'callouts' => [],
                ];
                if (!in_array($callout->designator, $sides[$key]['parts'], true)) {
                    $sides[$key]['parts'][] = $callout->designator;
                    $sides[$key]['callouts'][] = $callout;
                }
            }
        }

        return $sides;
    }
}
