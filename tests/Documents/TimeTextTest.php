<?php

declare(strict_types=1);

namespace Tests\Documents;

use ChiralexRender\Text\TimeText;
use ChiralexRender\Words;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Minutes as a builder plans them. */
final class TimeTextTest extends TestCase
{
    /** @return iterable<string, array{float, float, string, string}> */
    public static function ranges(): iterable
    {
        yield 'minutes' => [21.0, 29.0, 'about 20 to 30 minutes', 'etwa 20 bis 30 Minuten'];
        yield 'a moment' => [0.4, 1.0, 'about 5 minutes', 'etwa 5 Minuten'];
        yield 'up to an hour' => [44.0, 60.0, 'about 45 to 60 minutes', 'etwa 45 bis 60 Minuten'];
        yield 'an hour' => [57.0, 62.0, 'about an hour', 'etwa eine Stunde'];
        yield 'minutes to hours' => [47.0, 68.0, 'about 45 minutes to 1¼ hours', 'etwa 45 Minuten bis 1¼ Stunden'];
        yield 'halves' => [119.0, 161.0, 'about 2 to 2½ hours', 'etwa 2 bis 2½ Stunden'];
        yield 'quarters below one and a half' => [75.0, 89.0, 'about 1¼ to 1½ hours', 'etwa 1¼ bis 1½ Stunden'];
        yield 'one figure where both round to it' => [178.0, 185.0, 'about 3 hours', 'etwa 3 Stunden'];
        yield 'whole hours' => [355.0, 500.0, 'about 6 to 8 hours', 'etwa 6 bis 8 Stunden'];
    }

    public function test_where_there_is_little_room_the_range_is_short(): void
    {
        self::assertSame(
            ["2\u{2013}2½\u{2009}h", "45\u{2013}75\u{2009}min", "3\u{2009}h", "20\u{2013}30\u{2009}min"],
            [
                TimeText::short(119.0, 161.0),
                TimeText::short(47.0, 68.0),
                TimeText::short(178.0, 185.0),
                TimeText::short(21.0, 29.0),
            ],
        );
    }

    #[DataProvider('ranges')]
    public function test_minutes_are_told_as_they_are_planned(
        float $low,
        float $high,
        string $english,
        string $german,
    ): void {
        self::assertSame(
            [$english, $german],
            [(new TimeText(Words::english()))->range($low, $high), (new TimeText(Words::in('de')))->range($low, $high)],
        );
    }
}
