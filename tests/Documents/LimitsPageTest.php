<?php

declare(strict_types=1);

namespace Tests\Documents;

use Chiralex\Limits;
use PHPUnit\Framework\TestCase;
use ReflectionClass;

/** What docs/limits.md promises is what the readers hold. */
final class LimitsPageTest extends TestCase
{
    public function test_the_page_lists_every_limit_with_its_number_and_none_that_is_none(): void
    {
        preg_match_all(
            '~^\| ([A-Z_]+) \| (\d+) \|~m',
            (string) file_get_contents(dirname(__DIR__, 2) . '/docs/limits.md'),
            $rows,
        );
        $limits = array_map(
            static fn(mixed $number): string => is_scalar($number) ? sprintf('%.0f', $number) : '',
            (new ReflectionClass(Limits::class))->getConstants(),
        );
        ksort($limits);
        $told = array_combine($rows[1], $rows[2]);
        ksort($told);

        self::assertSame($limits, $told);
    }
}
