<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\Cache;

/** When something that works in the background was last seen at it. */
final readonly class Heartbeat
{
    private const KEPT = 86_400 * 30;
    /** Seconds between two marks of one: a loop beats each second. */
    private const STEP = 20;

    public static function beat(string $what): void
    {
        if ((self::age($what) ?? self::STEP) >= self::STEP) {
            Cache::put("heartbeat {$what}", time(), self::KEPT);
        }
    }

    /** @return ?int seconds since, null when it was never seen */
    public static function age(string $what): ?int
    {
        $last = Cache::get("heartbeat {$what}");

        return is_numeric($last) ? max(0, time() - (int) $last) : null;
    }
}
