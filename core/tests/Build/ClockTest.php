<?php

declare(strict_types=1);

namespace Chiralex\Tests\Build;

use Chiralex\Build\Clock;
use Chiralex\Build\Precedence;
use Chiralex\Build\Rule;
use Chiralex\Build\Wait;
use Chiralex\Kit\Cure;
use Chiralex\Reason\Reason;
use PHPUnit\Framework\TestCase;

/** Hands-on and elapsed time, reckoned by hand. */
final class ClockTest extends TestCase
{
    public function test_two_waits_that_overlap_are_waited_for_once(): void
    {
        $clock = self::clock(
            [
                [['solder R1'], 10.0],
                [['cure varnish'], 2.0],
                [['cure glue'], 2.0],
                [['solder C1'], 5.0],
                [['fit LID'], 1.0],
            ],
            ['cure varnish' => 1.0, 'cure glue' => 0.5],
            ['cure varnish' => 'solder C1', 'cure glue' => 'fit LID'],
        );

        // The varnish is ready at 12 + 60, the glue at 14 + 30: done long before the lid.
        self::assertSame([20.0, 78.0], [$clock->handsOn, $clock->elapsed]);
        self::assertEquals(
            [new Wait(2, 'varnish', 1.0, 4, 2.0, 58.0), new Wait(3, 'glue', 0.5, 5, 63.0, 0.0)],
            $clock->waits,
        );
    }

    public function test_what_is_ready_when_it_is_wanted_costs_nothing(): void
    {
        $clock = self::clock(
            [[['cure glue'], 2.0], [['solder R1'], 30.0], [['fit LID'], 1.0], [['fit LABEL'], 1.0]],
            ['cure glue' => 0.5],
            ['cure glue' => 'fit LID'],
        );

        self::assertSame([34.0, 34.0], [$clock->handsOn, $clock->elapsed]);
        self::assertEquals([new Wait(1, 'glue', 0.5, 3, 30.0, 0.0)], $clock->waits);
    }

    public function test_what_nothing_waits_for_ends_the_work_where_it_lasts_longer(): void
    {
        $long = self::clock([[['cure glue'], 2.0], [['solder R1'], 30.0]], ['cure glue' => 1.0], []);
        $short = self::clock([[['cure glue'], 2.0], [['solder R1'], 30.0]], ['cure glue' => 0.25], []);

        self::assertSame([32.0, 62.0], [$long->handsOn, $long->elapsed]);
        self::assertEquals([new Wait(1, 'glue', 1.0, null, 30.0, 30.0)], $long->waits);
        self::assertSame([32.0, 32.0], [$short->handsOn, $short->elapsed]);
        self::assertEquals([new Wait(1, 'glue', 0.25, null, 30.0, 0.0)], $short->waits);
    }

    public function test_minutes_are_told_to_a_tenth(): void
    {
        $clock = self::clock(
            [[['cure glue'], 0.26], [['solder R1'], 0.12], [['fit LID'], 0.0]],
            ['cure glue' => 0.01],
            [
                'cure glue' => 'fit LID',
            ],
        );

        // 0.26 and 0.12 minutes of work, 0.6 of drying: 0.86 when the lid can go on.
        self::assertSame([0.4, 0.9], [$clock->handsOn, $clock->elapsed]);
        self::assertSame([0.1, 0.5], [$clock->waits[0]->meanwhile, $clock->waits[0]->idle]);
    }

    public function test_what_nothing_waits_for_is_told_to_a_tenth_too(): void
    {
        $clock = self::clock([[['cure glue'], 0.0], [['solder R1'], 0.26]], ['cure glue' => 0.01], []);

        self::assertEquals([new Wait(1, 'glue', 0.01, null, 0.3, 0.3)], $clock->waits);
        self::assertSame([0.3, 0.6], [$clock->handsOn, $clock->elapsed]);
    }

    public function test_nothing_to_do_takes_no_time(): void
    {
        $clock = self::clock([], [], []);

        self::assertSame([0.0, 0.0, []], [$clock->handsOn, $clock->elapsed, $clock->waits]);
    }

    /**
     * @param list<array{list<string>, float}> $steps tasks and minutes
     * @param array<string, float> $hours of each cure
     * @param array<string, string> $before task to the task that waits for it
     */
    private static function clock(array $steps, array $hours, array $before): Clock
    {
        $cures = [];
        foreach ($hours as $task => $each) {
            $cures[$task] = new Cure(substr($task, 5), [], true, $each, []);
        }

        return Clock::of(
            array_map(static fn(array $step): array => ['tasks' => $step[0], 'minutes' => $step[1]], $steps),
            $cures,
            Precedence::of(
                array_map(
                    static fn(string $first, string $then): Rule => new Rule($first, $then, new Reason('order.cure')),
                    array_keys($before),
                    $before,
                ),
            ),
        );
    }
}
