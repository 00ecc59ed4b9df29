<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** Bodies that collide, and those that stand over the edge of their board. */
final readonly class BodyMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $clashes = new BodyClashes();
        $collisions = $this->together($clashes->collisions($subject->kit));
        $overhangs = array_map(static fn(BodyClash $clash): array => [$clash], $clashes->overhangs($subject->kit));
        $asked = array_filter([...$collisions, ...$overhangs], self::isAsked(...));
        $isMany = count($asked) > BodyClashes::MOST_ASKED;
        $matters = $isMany ? [$this->unknown(array_values($asked))] : [];
        foreach ($collisions as $group) {
            if (!$isMany || !self::isAsked($group)) {
                $matters[] = $this->matter($group, 'board.bodies-collide', MatterSeverity::Block);
            }
        }
        foreach ($overhangs as $group) {
            if (!$isMany || !self::isAsked($group)) {
                $matters[] = $this->matter($group, 'board.body-over-edge', MatterSeverity::Warn);
            }
        }
        foreach (Origins::off($subject->kit) as $board => $move) {
            $matters[] = new Matter(MatterSeverity::Block, Station::Board, 'board.places-off', [
                'board' => (string) $board,
                'x' => $move->x,
                'y' => $move->y,
            ]);
        }

        return $matters;
    }

    /** @param list<BodyClash> $group */
    private static function isAsked(array $group): bool
    {
        return ($group[0]->certainty ?? '') === 'typical';
    }

    /** @param list<non-empty-list<BodyClash>> $groups */
    private function unknown(array $groups): Matter
    {
        $doubtful = array_values(
            array_unique(
                array_merge(
                    ...array_map(static fn(BodyClash $each): array => $each->doubtful, array_merge(...$groups)),
                ),
            ),
        );
        sort($doubtful, SORT_NATURAL);

        return new Matter(
            MatterSeverity::Warn,
            Station::Board,
            'board.bodies-unknown',
            ['designators' => $doubtful, 'count' => count($doubtful), 'pairs' => count($groups)],
            $doubtful,
        );
    }

    /**
     * What one part of doubtful size runs into is one question.
     *
     * @param list<BodyClash> $clashes
     * @return list<non-empty-list<BodyClash>>
     */
    private function together(array $clashes): array
    {
        $groups = [];
        foreach ($clashes as $index => $clash) {
            $groups[count($clash->doubtful) === 1 ? "of {$clash->doubtful[0]}" : (string) $index][] = $clash;
        }

        return array_values($groups);
    }

    /** @param non-empty-list<BodyClash> $clashes */
    private function matter(array $clashes, string $code, MatterSeverity $sure): Matter
    {
        $first = $clashes[0];
        $one = $first->doubtful[0] ?? ($first->designators[0] ?? '');
        $all = array_values(
            array_unique(array_merge(...array_map(static fn(BodyClash $each): array => $each->designators, $clashes))),
        );

        return new Matter(
            $first->certainty === 'sure' ? $sure : MatterSeverity::Warn,
            Station::Board,
            $first->certainty === 'typical' ? "{$code}-perhaps" : $code,
            [
                'designator' => $one,
                'others' => array_values(array_diff($all, [$one])),
                'mm' => round(max(array_map(static fn(BodyClash $each): float => $each->mm, $clashes)), 1),
                'doubtful' => $first->doubtful,
            ],
            [$one, ...array_values(array_diff($all, [$one]))],
        );
    }
}
