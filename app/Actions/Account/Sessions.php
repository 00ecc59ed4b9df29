<?php

declare(strict_types=1);

namespace App\Actions\Account;

use Illuminate\Support\Facades\DB;

/** Who is signed in, and where; ended by taking the row away, so that the next request has to sign in. */
final readonly class Sessions
{
    /** @param ?string $but the session that stays */
    public static function end(int $userId, ?string $but = null): int
    {
        return DB::table('sessions')
            ->where('user_id', $userId)
            ->when($but !== null, static fn($query) => $query->where('id', '!=', $but))
            ->delete();
    }
}
