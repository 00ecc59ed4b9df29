<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Bench\Interval;
use ChiralexRender\Text\ReadingText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Ranges as they are printed: each end rounded outward, with a unit and without. */
final class ReadingTextTest extends TestCase
{
    /** @return iterable<string, array{float, float, string, string}> low, high, unit, text */
    public static function ranges(): iterable
    {
        yield 'already short' => [4.8, 5.4, 'V', "4.8 to 5.4\u{2009}V"];
        yield 'both ends outward' => [1.23451, 2.34549, 'V', "1.234 to 2.346\u{2009}V"];
        yield 'a hair above a digit' => [1.2340000001, 2.3459999999, 'V', "1.234 to 2.346\u{2009}V"];
        yield 'without a unit' => [0.32551, 0.33449, '', "0.325 to 0.335\u{2009}"];
        yield 'below nothing' => [-2.34549, -1.23451, 'V', "\u{2212}2.346 to \u{2212}1.234\u{2009}V"];
        yield 'at least' => [4.56789, INF, 'V', "at least 4.567\u{2009}V"];
        yield 'at most' => [-INF, 4.56712, 'V', "at most 4.568\u{2009}V"];
        yield 'slower than once a second' => [0.4, 0.8, 'Hz', "once in 1.25 to 2.5\u{2009}s"];
        yield 'once a second and faster' => [0.8, 1.25, 'Hz', "0.8 to 1.25\u{2009}Hz"];
        yield 'in thousandths' => [0.0012345, 0.0019999, 'A', "1.234 to 2\u{2009}mA"];
    }

    #[DataProvider('ranges')]
    public function test_a_range_is_printed_outward(float $low, float $high, string $unit, string $text): void
    {
        self::assertSame($text, ReadingText::range(new Interval($low, $high), $unit));
    }
}
