<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\DB;

/** When something that works in the background was last seen at it. */
final readonly class Heartbeat
{
    /** Seconds between two marks of one: a loop beats each second. */
    private const STEP = 20;

    public static function beat(string $name): void
    {
        DB::statement(
            "insert into heartbeats (name, at) values (?, now()) on conflict (name) do update set at = now()
                where heartbeats.at < now() - make_interval(secs => ?)",
            [$name, self::STEP],
        );
    }

    /** @return ?int seconds since, null when it was never seen */
    public static function age(string $name): ?int
    {
        $age = DB::table('heartbeats')
            ->where('name', $name)
            ->selectRaw('extract(epoch from now() - at) as age')
            ->value('age');

        return is_numeric($age) ? max(0, (int) $age) : null;
    }
}
