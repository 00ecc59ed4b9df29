<?php

declare(strict_types=1);

namespace Chiralex\Tests\Quantity;

use Chiralex\Quantity\ParsedValue;
use Chiralex\Quantity\Unit;
use Chiralex\Quantity\ValueReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Tolerances as people write them behind a value; the uneven ones are those of IEC 60062 letters S, T, Z (from memory). */
final class WrittenToleranceTest extends TestCase
{
    /** @return iterable<string, array{string, ?string}> */
    public static function written(): iterable
    {
        yield 'percent' => ['100u 20%', '20'];
        yield 'percent apart' => ['100u 20 %', '20'];
        yield 'with a comma' => ['100u 2,5%', '2.5'];
        yield 'to both sides' => ["100u \u{00B1}20%", '20'];
        yield 'to both sides in letters' => ['100u +/-20%', '20'];
        yield 'uneven' => ['100u -20/+50%', '-20/+50'];
        yield 'uneven, each with its sign' => ['100u -20% +50%', '-20/+50'];
        yield 'uneven, the larger first' => ['100u +80/-20%', '-20/+80'];
        yield 'uneven with a long minus' => ["100u \u{2212}10/+30 %", '-10/+30'];
        yield 'picofarads' => ["10p \u{00B1}0.5pF", '0.5pF'];
        yield 'picofarads in letters' => ['10p +/-0,25 pF', '0.25pF'];
        yield 'none' => ['100u', null];
        yield 'a voltage is none' => ['100u 25V', null];
    }

    #[DataProvider('written')]
    public function test_it_is_read(string $text, ?string $tolerance): void
    {
        $read = (new ValueReader())->read($text, Unit::Farad);

        self::assertInstanceOf(ParsedValue::class, $read);
        self::assertSame($tolerance, $read->tolerance);
    }
}
