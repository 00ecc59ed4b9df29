<?php

declare(strict_types=1);

namespace Chiralex\Tests\Trade;

use Chiralex\Trade\Serial;
use Chiralex\Trade\SerialsIn;
use PHPUnit\Framework\TestCase;

final class SerialsInTest extends TestCase
{
    public function test_serials_are_found_however_they_are_written(): void
    {
        $one = Serial::of('FB', 'B', 12)->text();
        $two = Serial::of('HS', 'A', 7)->text();
        $text = "My bell {$one}, and " . strtolower(str_replace('-', ' ', $two)) . ". Again {$one}!";
        self::assertSame([$one, $two], SerialsIn::text($text)->valid);
    }

    public function test_a_wrong_one_is_told_apart_and_words_are_none(): void
    {
        $right = Serial::of('FB', 'B', 12)->text();
        $wrong = substr($right, 0, -1) . ($right[-1] === 'X' ? 'Y' : 'X');
        $found = SerialsIn::text("It is {$wrong}. I am on a plane - b there later x");
        self::assertSame([[], [$wrong]], [$found->valid, $found->wrong]);
    }

    public function test_a_letter_full_of_them_is_read_up_to_a_limit(): void
    {
        $all = array_map(static fn(Serial $each): string => $each->text(), Serial::following('FB', 'B', 0, 40));
        self::assertCount(20, SerialsIn::text(implode(' ', $all))->valid);
        self::assertSame([], SerialsIn::text('')->valid);
    }
}
