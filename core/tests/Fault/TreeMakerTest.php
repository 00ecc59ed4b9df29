<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Fault\Cause;
use Chiralex\Fault\Diagnosis\Check;
use Chiralex\Fault\Diagnosis\CheckKind;
use Chiralex\Fault\Diagnosis\FaultModel;
use Chiralex\Fault\Diagnosis\Suspect;
use Chiralex\Fault\Diagnosis\TreeMaker;
use Chiralex\Fault\Diagnosis\TreeNode;
use Chiralex\Fault\Diagnosis\TroubleTree;
use PHPUnit\Framework\TestCase;

final class TreeMakerTest extends TestCase
{
    public function test_whoever_taps_the_odd_part_is_told_its_cause(): void
    {
        $tree = (new TreeMaker(self::model()))->of(['dark']);
        $first = $tree->nodes[$tree->starts['dark']];
        self::assertSame('step 1: directions', $first->check?->name);
        self::assertSame(['D1', 'D2'], array_map(strval(...), array_keys($first->odd)));
        $end = $tree->nodes[$first->odd['D2']];
        self::assertTrue($end->isSure);
        self::assertSame(['D2 reversed'], self::names($end));
    }

    public function test_every_answer_leads_on_and_every_way_ends(): void
    {
        $tree = (new TreeMaker(self::model()))->of(['dark', 'loud']);
        foreach ($tree->nodes as $node) {
            foreach ([$node->good, $node->bad, $node->cannot, ...array_values($node->odd)] as $next) {
                self::assertTrue($node->check === null ? $next === null : isset($tree->nodes[(int) $next]));
            }
        }
        foreach ($tree->starts as $start) {
            self::assertLessThan(12, self::depth($tree, $start));
        }
    }

    public function test_a_tree_of_no_looks_writes_to_the_maker_at_once(): void
    {
        $tree = (new TreeMaker(self::model(), 0))->of(['dark']);
        self::assertCount(1, $tree->nodes);
        self::assertFalse($tree->nodes[0]->isSure);
        self::assertNotSame([], $tree->nodes[0]->causes);
    }

    private static function depth(TroubleTree $tree, int $node): int
    {
        $here = $tree->nodes[$node];

        return $here->check === null
            ? 0
            : 1 +
                    max(
                        array_map(static fn(int $next): int => self::depth($tree, $next), [
                            (int) $here->good,
                            (int) $here->bad,
                            (int) $here->cannot,
                        ]),
                    );
    }

    /** @return list<string> */
    private static function names(TreeNode $node): array
    {
        return array_map(static fn(Suspect $cause): string => $cause->name, $node->causes);
    }

    private static function model(): FaultModel
    {
        $suspects = [];
        foreach (['D1' => 0.03, 'D2' => 0.02] as $name => $odds) {
            $suspects[] = new Suspect(
                "{$name} reversed",
                Cause::Reversed,
                [$name],
                $odds,
                ['dark' => 0.8, 'loud' => 0.1],
                ["{$name} as drawn" => 0.95, 'step 1: directions' => 0.9],
            );
        }
        $suspects[] = new Suspect(
            'supply weak',
            Cause::Supply,
            [],
            0.02,
            ['dark' => 0.7, 'loud' => 0.3],
            ['supply' => 0.9],
        );

        return new FaultModel(
            $suspects,
            [
                new Check('step 1: directions', CheckKind::StepDirections, 1.0, designators: ['D1', 'D2'], step: 1),
                new Check('D1 as drawn', CheckKind::Direction, 2.0, designators: ['D1'], step: 1),
                new Check('D2 as drawn', CheckKind::Direction, 2.0, designators: ['D2'], step: 1),
                new Check('supply', CheckKind::Supply, 1.5, 'multimeter'),
            ],
            0.001,
        );
    }
}
