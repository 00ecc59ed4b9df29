<?php

declare(strict_types=1);

namespace Chiralex\Build\Rules;

use Chiralex\Board\PlacedBody;
use Chiralex\Build\Rule;
use Chiralex\Build\RuleSource;
use Chiralex\Build\TaskBook;
use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** A wire link lies under what stands over it, often a socket: it goes in first in every school. */
final readonly class UnderBodyRules implements RuleSource
{
    public function rules(Kit $kit, TaskBook $book): array
    {
        $links = $over = [];
        foreach ($kit->bodies() as $name => $body) {
            if ($book->solder((string) $name) !== null) {
                if ($kit->part($name)?->kind() === Kind::Link) {
                    $links[] = $body;
                } else {
                    $over[] = $body;
                }
            }
        }
        $rules = [];
        foreach ($links as $link) {
            foreach ($over as $body) {
                if ($body->face->key() === $link->face->key() && $this->covers($body, $link)) {
                    $rules[] = new Rule(
                        (string) $book->solder($link->designator),
                        (string) $book->solder($body->designator),
                        new Reason(
                            'order.under-body',
                            ['part' => $link->designator, 'over' => $body->designator],
                            Origin::PlacementFile,
                        ),
                    );
                }
            }
        }

        return $rules;
    }

    /** True where the body stands over a joint of the link or over the wire between them. */
    private function covers(PlacedBody $body, PlacedBody $link): bool
    {
        $outline = $body->footprint();
        foreach ([...array_values($link->pins), $link->centre] as $point) {
            if ($outline->contains($point)) {
                return true;
            }
        }

        return false;
    }
}
