<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\BuildCycle;
use Chiralex\Build\Precedence;
use Chiralex\Build\Rule;
use Chiralex\Reason\Reason;
use PHPUnit\Framework\TestCase;

final class PrecedenceTest extends TestCase
{
    public function test_what_follows_is_found_through_any_number_of_rules(): void
    {
        $graph = self::graph('a>b', 'b>c', 'c>d', 'x>d');

        self::assertSame(['b', 'c', 'd'], self::sorted($graph->reachable('a')));
        self::assertSame([], self::sorted($graph->reachable('d')));
        self::assertSame(['c', 'x'], self::sorted($graph->predecessors('d')));
    }

    public function test_a_graph_without_a_circle_has_none(): void
    {
        self::assertSame([], self::graph('a>b', 'a>c', 'b>d', 'c>d')->cycle());
    }

    public function test_the_circle_is_told_in_order_without_what_only_leads_to_it(): void
    {
        $cycle = self::graph('start>a', 'a>b', 'b>c', 'c>a', 'c>end')->cycle();

        self::assertSame(
            ['a>b', 'b>c', 'c>a'],
            array_map(static fn(Rule $rule): string => "{$rule->before}>{$rule->after}", $cycle),
        );
    }

    public function test_a_rule_against_itself_is_a_circle_of_one(): void
    {
        self::assertCount(1, self::graph('a>a')->cycle());
    }

    public function test_a_circle_names_parts_plainly_and_what_can_be_taken_back(): void
    {
        $cycle = new BuildCycle([
            new Rule('solder R1', 'gate supply', new Reason('order.gate-needs'), true),
            new Rule('gate supply', 'solder R1', new Reason('order.socket-first')),
        ]);

        self::assertSame(['R1', 'gate supply', 'R1'], $cycle->path());
        self::assertCount(1, $cycle->relaxable());
    }

    private static function graph(string ...$rules): Precedence
    {
        return Precedence::of(
            array_map(
                static fn(string $rule): Rule => new Rule(
                    explode('>', $rule)[0],
                    explode('>', $rule)[1],
                    new Reason('order.maker-before'),
                    true,
                ),
                array_values($rules),
            ),
        );
    }

    /**
     * @param array<string, mixed> $set
     * @return list<string>
     */
    private static function sorted(array $set): array
    {
        $names = array_map(strval(...), array_keys($set));
        sort($names);

        return $names;
    }
}
