<?php

declare(strict_types=1);

namespace App\Actions\Packing;

use App\Models\Run;
use App\Models\Shop;
use Illuminate\Support\Facades\DB;

/** The bin was lifted off the scale: the check mass is due before it counts again. */
final readonly class MarkLift
{
    public function __invoke(Run $run, string $operationId, ?int $userId): void
    {
        DB::table('scale_checks')->insertOrIgnore([
            'operation_id' => $operationId,
            'run_id' => $run->id,
            'mass' => Shop::ours()->check_mass,
            'shown' => null,
            'is_right' => false,
            'user_id' => $userId,
            'created_at' => now(),
        ]);
    }
}
