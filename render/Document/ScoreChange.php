<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Build\Score;
use Chiralex\Kit\School;
use ChiralexRender\Words;
use stdClass;

/** What another order costs more or less than one that is there, in the order in which its school compares. */
final readonly class ScoreChange
{
    public function __construct(private Words $words) {}

    /** @return array{worse: bool, by: array<string, int>|stdClass, text: string} */
    public function of(Score $before, Score $after, School $school): array
    {
        $changes = $after->changesFrom($before, $school);
        $words = [];
        foreach ($changes as $field => $by) {
            $words[] = $this->words->sentence($by > 0 ? 'cost.more' : 'cost.fewer', [
                'count' => abs($by),
                'what' => $this->words->sentence("score.{$field}" . (abs($by) === 1 ? '.one' : '')),
            ]);
        }

        return [
            'worse' => $before->isBetterThan($after, $school),
            'by' => $changes === [] ? new stdClass() : $changes,
            'text' => $words === [] ? $this->words->sentence('cost.nothing') : implode(', ', $words),
        ];
    }
}
