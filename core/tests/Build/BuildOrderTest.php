<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Action;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\Score;
use Chiralex\Build\Step;
use Chiralex\Kit\OrderOverride;
use Chiralex\Kit\School;
use Chiralex\Tests\KitMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What an order says of itself: what stands on the board when, where the stair breaks, what another order costs more. */
final class BuildOrderTest extends TestCase
{
    public function test_what_is_soldered_inserted_or_placed_stands_there_from_then_on_and_nothing_else_does(): void
    {
        self::assertSame(
            [Action::Solder, Action::Place, Action::Insert],
            array_values(array_filter(Action::cases(), static fn(Action $action): bool => $action->fits())),
        );
    }

    public function test_a_part_is_fitted_from_the_step_after_its_own(): void
    {
        $order = self::order();
        $at = $order->stepOf()['C1'] + 1;

        self::assertArrayNotHasKey('C1', $order->fittedBefore($at));
        self::assertArrayHasKey('C1', $order->fittedBefore($at + 1));
        self::assertArrayHasKey('C1', $order->fittedAfter($at - 1));
        self::assertArrayNotHasKey('C1', $order->fittedAfter($at));
        self::assertArrayNotHasKey('supply', $order->fittedBefore(99), 'a gate fits nothing');
    }

    /** @return iterable<string, array{float, bool}> how high the second step stands, after one of 5.0 mm */
    public static function heights(): iterable
    {
        yield 'as high' => [5.0, false];
        yield 'half a millimetre lower' => [4.5, false];
        yield 'more than that' => [4.49, true];
        yield 'higher' => [7.0, false];
    }

    #[DataProvider('heights')]
    public function test_the_stair_breaks_where_a_step_is_over_half_a_millimetre_lower(
        float $height,
        bool $breaks,
    ): void {
        $order = self::order(
            ['lines' => ['C1' => ['height' => 5.0], 'R1' => ['height' => $height]]],
            [new OrderOverride(['R1'], ['C1'], false)],
        );
        $numbers = array_map(
            static fn(Step $step): int => $step->number,
            array_values(
                array_filter($order->steps, static fn(Step $step): bool => in_array('R1', $step->names(), true)),
            ),
        );

        self::assertSame($breaks, isset($order->stairBreaks()[$numbers[0]]));
    }

    public function test_a_lower_step_on_the_other_side_breaks_no_stair(): void
    {
        $kit = KitMaker::kit(['C1,47u,6.3x11,', 'R1,1k,Axial 1/4W,resistor'], ['C1,10,10,0,top', 'R1,40,10,0,bottom']);

        self::assertSame(
            [],
            KitMaker::order($kit->withOrderOverrides([new OrderOverride(['R1'], ['C1'], false)]))->stairBreaks(),
        );
    }

    /** @return iterable<string, array{School, list<string>}> */
    public static function schools(): iterable
    {
        $rest = ['lookAlikes', 'hanging', 'flips'];
        yield 'lowest first' => [
            School::LowestFirst,
            ['violations', 'inversions', ...$rest, 'kindSwitches', 'valueSwitches', 'steps'],
        ];
        yield 'kind by kind' => [
            School::KindByKind,
            ['violations', 'kindSwitches', 'inversions', ...$rest, 'valueSwitches', 'steps'],
        ];
        yield 'block by block' => [
            School::BlockByBlock,
            ['violations', 'blockSwitches', 'inversions', ...$rest, 'kindSwitches', 'valueSwitches', 'steps'],
        ];
    }

    /** @param list<string> $fields */
    #[DataProvider('schools')]
    public function test_what_changes_is_told_in_the_order_in_which_the_school_compares(
        School $school,
        array $fields,
    ): void {
        $before = new Score(0, 0, 0, 0, 0, 0, 0, 0, 0);
        $after = new Score(1, 2, 3, 4, 5, 6, 7, 8, 9);

        self::assertSame($fields, array_keys($after->changesFrom($before, $school)));
        self::assertSame([], $after->changesFrom($after, $school));
        // What is told is what is compared: where nothing is told, neither is better.
        $told = array_keys($after->changesFrom($before, $school));
        foreach (array_keys(get_object_vars($before)) as $index => $field) {
            $numbers = array_fill(0, 9, 0);
            $numbers[$index] = 1;
            self::assertSame(
                in_array($field, $told, true),
                $before->isBetterThan(new Score(...$numbers), $school),
                $field,
            );
        }
        self::assertSame(['steps' => -9], $before->changesFrom(new Score(0, 0, 0, 0, 0, 0, 0, 0, 9), $school));
    }

    /**
     * @param array<string, mixed> $file
     * @param list<OrderOverride> $overrides
     */
    private static function order(array $file = [], array $overrides = []): BuildOrder
    {
        $kit = KitMaker::kit(
            ['R1,1k,Axial 1/4W,resistor', 'C1,47u,6.3x11,'],
            ['R1,10,10,0,top', 'C1,40,10,0,top'],
            $file + ['gates' => [['name' => 'supply', 'needs' => ['C1'], 'protects' => []]]],
        );

        return KitMaker::order($kit->withOrderOverrides($overrides));
    }
}
