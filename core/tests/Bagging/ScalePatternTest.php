<?php

declare(strict_types=1);

namespace Chiralex\Tests\Bagging;

use Chiralex\Bagging\Packing\ScalePattern;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lines as scales write them: invented, in the manners that are common. */
final class ScalePatternTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string, ?string, string, ?float, bool}> lines, unit, sign, a line, its grams, whether it stands */
    public static function manners(): iterable
    {
        yield 'a word before the number' => [
            ['US,+  118.02 g', 'US,+  119.70 g', 'ST,+  120.01 g', 'ST,+  120.01 g', 'ST,+  120.01 g'],
            'g',
            'ST,',
            'US,+   12.50 g',
            12.5,
            false,
        ];
        yield 'a question mark behind it' => [
            ['12.1 g ?', '12.4 g ?', '12.5 g', '12.5 g', '12.5 g'],
            'g',
            '',
            '-3.2 g',
            -3.2,
            true,
        ];
        yield 'kilograms with a comma' => [['0,120 kg', '0,120 kg', '0,118 kg'], 'kg', null, '0,0125 kg', 12.5, true];
        yield 'a bare number' => [['12.50', '12.50', '12.51', '12.50'], 'g', null, '  7.03', 7.03, true];
        yield 'ounces' => [['1.000 oz', '1.000 oz', '1.000 oz'], 'oz', null, '2 oz', 56.69904625, true];
        yield 'a line without a number' => [['1 g', '1 g', '2 g'], 'g', null, 'OVERLOAD', null, false];
        yield 'a date is none' => [['1.0 g', '1.0 g', '2.0 g'], 'g', null, '2026-11-28T09', null, false];
    }

    /** @param list<string> $lines */
    #[DataProvider('manners')]
    public function test_number_unit_and_sign_are_proposed_and_read(
        array $lines,
        string $unit,
        ?string $stable,
        string $line,
        ?float $grams,
        bool $stands,
    ): void {
        $pattern = ScalePattern::proposed($lines);
        self::assertNotNull($pattern);
        self::assertSame([$unit, $stable], [$pattern->unit, $pattern->stable]);
        $reading = $pattern->read($line, 5.0);
        if ($grams === null) {
            self::assertNull($reading);

            return;
        }
        self::assertNotNull($reading);
        self::assertEqualsWithDelta($grams, $reading->grams, 1e-9);
        self::assertSame([5.0, $stands], [$reading->at, $reading->isStable]);
    }

    public function test_lines_without_numbers_make_no_pattern(): void
    {
        self::assertNull(ScalePattern::proposed(['HELLO', 'READY', '1 g', 'ERR']));
        self::assertNull(ScalePattern::proposed(['1 g', '1 g']));
        self::assertNull(ScalePattern::proposed([]));
    }
}
