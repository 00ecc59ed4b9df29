<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Precedence;
use Chiralex\Build\Rule;
use Chiralex\Build\RuleTelling;
use Chiralex\Reason\Reason;
use PHPUnit\Framework\TestCase;

/** A rule is told from the place of the part it is read at. */
final class RuleTellingTest extends TestCase
{
    public function test_the_taller_part_names_those_it_would_close_in_and_they_name_it(): void
    {
        $telling = self::telling(self::iron('R1', 'C9'), self::iron('R10', 'C9'), self::iron('R2', 'C9'));

        self::assertSame([['order.iron.after', ['R1', 'R2', 'R10']]], self::read($telling, 'solder C9', 'C9'));
        self::assertSame([['order.iron.before', ['C9']]], self::read($telling, 'solder R1', 'R1'));
        self::assertSame([], self::read($telling, 'solder R3', 'R3'));
    }

    public function test_what_is_bolted_together_names_the_others_and_never_itself(): void
    {
        $bolted = new Reason('order.subassembly', ['parts' => ['U1', 'HS1']]);
        $telling = self::telling(new Rule('bolt U1+HS1', 'solder U1', $bolted));

        self::assertSame([['order.subassembly.after', ['HS1']]], self::read($telling, 'solder U1', 'U1'));
        self::assertSame([], self::read($telling, 'bolt U1+HS1', 'U1'), 'only rules between two parts are told early');
    }

    public function test_a_rule_about_no_other_part_keeps_its_words(): void
    {
        $telling = self::telling(new Rule('gate on', 'place BOX1', new Reason('order.box-after-test')));

        self::assertSame([['order.box-after-test', []]], self::read($telling, 'place BOX1', 'BOX1'));
    }

    public function test_of_many_others_the_first_are_named_and_the_rest_are_counted(): void
    {
        foreach ([RuleTelling::NAMED => null, RuleTelling::NAMED + 1 => 1] as $many => $more) {
            $rules = array_map(static fn(int $n): Rule => self::iron("R{$n}", 'T1'), range(1, $many));
            $told = self::telling(...$rules)->at('solder T1', 'T1')[0];

            self::assertCount(RuleTelling::NAMED, (array) $told->args['others']);
            self::assertSame($more, $told->args['more'] ?? null);
        }
    }

    private static function iron(string $part, string $by): Rule
    {
        return new Rule("solder {$part}", "solder {$by}", new Reason('order.iron', ['part' => $part, 'by' => $by]));
    }

    private static function telling(Rule ...$rules): RuleTelling
    {
        return new RuleTelling(Precedence::of(array_values($rules)));
    }

    /** @return list<array{string, mixed}> */
    private static function read(RuleTelling $telling, string $task, string $part): array
    {
        return array_map(
            static fn(Reason $reason): array => [$reason->code, $reason->args['others'] ?? null],
            $telling->at($task, $part),
        );
    }
}
