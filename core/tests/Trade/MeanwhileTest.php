<?php

declare(strict_types=1);

namespace Chiralex\Tests\Trade;

use Chiralex\Trade\Exception\ImpossiblePacking;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MeanwhileTest extends TestCase
{
    #[TestWith([1, 'Somebody else pressed a key'])]
    #[TestWith([3, 'Others pressed 3 keys'])]
    #[TestWith([-2, 'A key before this one is not in the book'])]
    public function test_a_key_that_does_not_follow_is_told_by_what_came_between(int $others, string $says): void
    {
        self::assertStringStartsWith($says, ImpossiblePacking::meanwhile($others)->getMessage());
    }
}
