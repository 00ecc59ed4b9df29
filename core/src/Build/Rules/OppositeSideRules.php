<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Board\PlacedBody;
use Chiralex\Build\Rule;
use Chiralex\Build\RuleSource;
use Chiralex\Build\TaskBook;
use Chiralex\Kit\Kit;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** A body whose outline covers a pin of the other side goes on after that joint is soldered and trimmed. */
final readonly class OppositeSideRules implements RuleSource
{
    public function rules(Kit $kit, TaskBook $book): array
    {
        $rules = [];
        $bodies = array_filter($kit->bodies(), static fn(PlacedBody $body): bool => isset($book->tasks["solder {$body->designator}"]));
        foreach ($bodies as $cover) {
            $outline = $cover->footprint();
            foreach ($bodies as $under) {
                if ($under->side === $cover->side || $under->board !== $cover->board) {
                    continue;
                }
                foreach ($under->pins as $pin) {
                    if ($outline->contains($pin)) {
                        $rules[] = new Rule("solder {$under->designator}", "solder {$cover->designator}", new Reason('order.covers-joint', ['cover' => $cover->designator, 'part' => $under->designator], Origin::PlacementFile));
                        break;
                    }
                }
            }
        }

        return $rules;
    }
}
