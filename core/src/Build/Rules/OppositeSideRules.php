<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Board\Box;
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
        $bodies = ['top' => [], 'bottom' => []];
        foreach ($kit->bodies() as $body) {
            if ($book->solder($body->designator) !== null) {
                $bodies[$body->face->side->value][] = $body;
            }
        }
        if ($bodies['top'] === [] || $bodies['bottom'] === []) {
            return [];
        }

        return [
            ...$this->covered($bodies['top'], $bodies['bottom'], $book),
            ...$this->covered($bodies['bottom'], $bodies['top'], $book),
        ];
    }

    /**
     * @param list<PlacedBody> $covers
     * @param list<PlacedBody> $others bodies of the other side
     * @return list<Rule>
     */
    private function covered(array $covers, array $others, TaskBook $book): array
    {
        $rules = [];
        foreach ($covers as $cover) {
            $outline = $cover->footprint();
            $box = Box::around($outline);
            foreach ($others as $under) {
                foreach ($under->face->board === $cover->face->board ? $under->pins : [] as $pin) {
                    if ($box->holds($pin) && $outline->contains($pin)) {
                        $rules[] = new Rule(
                            (string) $book->solder($under->designator),
                            (string) $book->solder($cover->designator),
                            new Reason(
                                'order.covers-joint',
                                ['cover' => $cover->designator, 'part' => $under->designator],
                                Origin::PlacementFile,
                            ),
                        );
                        break;
                    }
                }
            }
        }

        return $rules;
    }
}
