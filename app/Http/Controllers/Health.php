<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Tells the start command that the application answers and reaches its database. */
final readonly class Health
{
    public function __invoke(): JsonResponse
    {
        DB::select('select 1');

        return new JsonResponse(['status' => 'ready']);
    }
}
