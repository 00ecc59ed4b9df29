<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Internal\Weakness;
use Chiralex\Build\Rule;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\TestCase;

/** Which rule of a circle gives way. */
final class WeaknessTest extends TestCase
{
    public function test_prose_gives_way_before_what_is_derived_and_that_before_habit_and_that_before_a_usual_body(): void
    {
        $typed = self::rule('order.before', Origin::Typed);
        $prose = self::rule('order.test-otherwise', Origin::Typed);
        $computed = self::rule('order.computed', Origin::Computed);
        $habit = self::rule('order.lowest', Origin::CommonPractice, true);
        $firm = self::rule('order.lowest', Origin::CommonPractice);
        $usual = self::rule('order.under-body', Origin::PackageOutline, false, ['over' => 'U1']);
        $known = self::rule('order.under-body', Origin::PackageOutline, false, ['over' => 'R1']);
        $weakness = new Weakness(KitMaker::kit(['U1,odd,,integrated circuit', 'R1,1k,Axial 1/4W,resistor']));

        self::assertSame($prose, $weakness->weakest([$typed, $usual, $habit, $computed, $prose]));
        self::assertSame($computed, $weakness->weakest([$typed, $usual, $habit, $computed]));
        self::assertSame($habit, $weakness->weakest([$typed, $usual, $habit]));
        self::assertSame($usual, $weakness->weakest([$typed, $known, $usual, $firm]));
        self::assertNull($weakness->weakest([$typed, $firm, $known]));
        $another = self::rule('order.lowest', Origin::CommonPractice, true);
        self::assertSame($habit, $weakness->weakest([$habit, $another]), 'the first of two that are as weak');
    }

    public function test_of_typed_rules_the_last_said_is_the_one_to_take_back(): void
    {
        $one = self::rule('order.before', Origin::Typed, true);
        $two = self::rule('order.before', Origin::Typed, true);
        $firm = self::rule('order.socket', Origin::Typed);

        self::assertSame($two, Weakness::ofTyped([$one, $two, $firm]));
        self::assertSame($firm, Weakness::ofTyped([$firm]));
    }

    /** @param array<string, string> $args */
    private static function rule(string $code, Origin $origin, bool $relaxable = false, array $args = []): Rule
    {
        return new Rule('a', 'b', new Reason($code, $args, $origin), $relaxable);
    }
}
