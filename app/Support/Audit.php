<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\DB;

/** Who did what, from where, with before and after; rows are only added. */
final readonly class Audit
{
    /**
     * @param ?array<string, mixed> $before
     * @param ?array<string, mixed> $after
     */
    public static function record(?int $userId, string $operation, ?array $before, ?array $after): void
    {
        DB::table('audit')->insert([
            'user_id' => $userId,
            'address' => App::runningInConsole() && !App::runningUnitTests() ? null : request()->ip(),
            'operation' => $operation,
            'before' => $before === null ? null : json_encode($before, JSON_THROW_ON_ERROR),
            'after' => $after === null ? null : json_encode($after, JSON_THROW_ON_ERROR),
        ]);
    }
}
