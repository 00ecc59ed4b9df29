<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Fault\CommonStep;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CommonStepTest extends TestCase
{
    private const MINUTES = [1 => 2.0, 2 => 8.0];

    public function test_three_kits_in_two_matters_at_one_step_have_it_in_common(): void
    {
        $found = CommonStep::of(
            [
                ['step' => 1, 'matter' => 1, 'kit' => 'a'],
                ['step' => 1, 'matter' => 2, 'kit' => 'b'],
                ['step' => 1, 'matter' => 2, 'kit' => 'c'],
                ['step' => 1, 'matter' => 2, 'kit' => 'c'],
                ['step' => 2, 'matter' => 3, 'kit' => 'd'],
                ['step' => null, 'matter' => 4, 'kit' => 'e'],
                ['step' => 9, 'matter' => 5, 'kit' => 'f'],
            ],
            self::MINUTES,
        );
        self::assertCount(1, $found);
        self::assertSame(
            [1, 3, 2, 0.75, 0.2],
            [$found[0]->step, $found[0]->kits, $found[0]->matters, $found[0]->share, $found[0]->work],
        );
    }

    /** @return array<string, array{list<array{step: ?int, matter: int, kit: string}>}> */
    public static function nothing(): array
    {
        $report = static fn(int $step, int $matter, string $kit): array => [
            'step' => $step,
            'matter' => $matter,
            'kit' => $kit,
        ];

        return [
            'no report' => [[]],
            'two kits' => [[$report(1, 1, 'a'), $report(1, 2, 'b')]],
            'one matter' => [[$report(1, 1, 'a'), $report(1, 1, 'b'), $report(1, 1, 'c')]],
            'no more than its share of the work' => [
                [$report(2, 1, 'a'), $report(2, 2, 'b'), $report(2, 3, 'c'), $report(1, 4, 'd')],
            ],
        ];
    }

    /** @param list<array{step: ?int, matter: int, kit: string}> $reports */
    #[DataProvider('nothing')]
    public function test_otherwise_nothing_is_said(array $reports): void
    {
        self::assertSame([], CommonStep::of($reports, self::MINUTES));
    }
}
