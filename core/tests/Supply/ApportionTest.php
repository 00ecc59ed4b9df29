<?php

declare(strict_types=1);

namespace Chiralex\Tests\Supply;

use Chiralex\Supply\Apportion;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ApportionTest extends TestCase
{
    /**
     * @param array<string, int> $shares
     * @param array<string, int> $parts
     */
    #[DataProvider('shares')]
    public function test_pieces_are_dealt_by_shares_and_none_is_lost(int $pieces, array $shares, array $parts): void
    {
        self::assertSame($parts, Apportion::of($pieces, $shares));
    }

    /** @return iterable<string, array{int, array<string, int>, array<string, int>}> */
    public static function shares(): iterable
    {
        yield 'nobody ordered' => [20, [], []];
        yield 'nothing to deal' => [0, ['plain' => 3, 'drilled' => 1], ['plain' => 0, 'drilled' => 0]];
        yield 'even' => [20, ['plain' => 15, 'drilled' => 5], ['plain' => 15, 'drilled' => 5]];
        yield 'the largest rest' => [10, ['plain' => 2, 'drilled' => 1], ['plain' => 7, 'drilled' => 3]];
        yield 'equal rests go by name' => [1, ['plain' => 1, 'drilled' => 1], ['plain' => 0, 'drilled' => 1]];
        // The seats of a worked example that textbooks of apportionment use, from memory.
        yield 'a textbook house of 100' => [
            100,
            ['yellow' => 47000, 'white' => 16000, 'red' => 15800, 'green' => 12000, 'blue' => 6100, 'pink' => 3100],
            ['yellow' => 47, 'white' => 16, 'red' => 16, 'green' => 12, 'blue' => 6, 'pink' => 3],
        ];
    }
}
