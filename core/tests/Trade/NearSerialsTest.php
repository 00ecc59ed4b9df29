<?php

declare(strict_types=1);

namespace Chiralex\Tests\Trade;

use Chiralex\Trade\NearSerials;
use Chiralex\Trade\Serial;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NearSerialsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function mistyped(): iterable
    {
        $right = Serial::of('FB', 'A', 207);
        yield 'as it is' => [$right->text()];
        yield 'a wrong check character' => ['FB-A-00207-' . ($right->check() === 'X' ? 'Y' : 'X')];
        yield 'no check character' => ['FB-A-00207'];
        yield 'a figure wrong' => ['FB-A-00217-' . $right->check()];
        yield 'two exchanged' => ['FB-A-00270-' . $right->check()];
        yield 'letters for figures' => ['fb a OO2O7 ' . $right->check()];
    }

    #[DataProvider('mistyped')]
    public function test_a_mistyped_serial_is_among_those_that_are_near(string $typed): void
    {
        self::assertContains(Serial::of('FB', 'A', 207)->text(), NearSerials::of($typed));
    }

    public function test_all_that_are_near_are_valid_and_what_is_no_serial_has_none(): void
    {
        foreach (NearSerials::of('FB-A-00217-M') as $near) {
            self::assertSame($near, Serial::parse($near)->text());
        }
        self::assertLessThan(10, count(NearSerials::of('FB-A-00217-M')));
        foreach (['', 'hello', 'FB-A-2', 'FB-A-ABCXY-M', str_repeat('9', 200)] as $none) {
            self::assertSame([], NearSerials::of($none));
        }
    }
}
