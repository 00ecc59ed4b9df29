<?php

declare(strict_types=1);

namespace Chiralex\Tests\Fault;

use Chiralex\Fault\Cause;
use Chiralex\Fault\Fever;
use Chiralex\Fault\JudgedCause;
use Chiralex\Fault\ShippedKit;
use DateTimeImmutable;
use PHPUnit\Framework\TestCase;

final class FeverTest extends TestCase
{
    public function test_kits_are_counted_for_each_place_and_young_ones_not_at_all(): void
    {
        $shipped = [];
        for ($i = 0; $i < 50; ++$i) {
            $shipped[] = new ShippedKit("K{$i}", 'A', [], '', '', '2026-06-01');
        }
        $shipped[] = new ShippedKit('YOUNG', 'A', [], '', '', '2026-09-01');
        $cause = static fn(Cause $cause, string $part): JudgedCause => new JudgedCause(
            $cause,
            $part,
            $cause->usualOrigin(),
        );
        $fever = Fever::of(
            $shipped,
            [
                ['serial' => 'K1', 'causes' => [$cause(Cause::Reversed, 'D1')]],
                ['serial' => 'K1', 'causes' => [$cause(Cause::Reversed, 'D1'), $cause(Cause::DryJoint, 'step 4')]],
                ['serial' => 'K2', 'causes' => [$cause(Cause::Swapped, 'D1 and D2')]],
                ['serial' => 'YOUNG', 'causes' => [$cause(Cause::Reversed, 'D1')]],
                ['serial' => 'nobody', 'causes' => [$cause(Cause::Reversed, 'D1')]],
                ['serial' => 'K3', 'causes' => [$cause(Cause::Supply, '')]],
            ],
            new DateTimeImmutable('2026-09-15'),
        );
        self::assertSame(
            [['D1', 2], ['D2', 1], ['step 4', 1]],
            array_map(static fn(Fever $each): array => [$each->part, $each->kits], $fever),
        );
        self::assertSame([50, 4.0], [$fever[0]->all, $fever[0]->perHundred()]);
        self::assertSame(['reversed' => 1, 'swapped' => 1], $fever[0]->causes);
        // 2 of 50 by Wilson, 95 %: 0.0110 to 0.1346 (E. B. Wilson 1927, by hand).
        self::assertEqualsWithDelta([0.011, 0.1346], [$fever[0]->interval->low, $fever[0]->interval->high], 5e-5);
    }
}
