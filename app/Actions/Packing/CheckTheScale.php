<?php

declare(strict_types=1);

namespace App\Actions\Packing;

use App\Models\Run;
use App\Models\Shop;
use Chiralex\Bagging\Packing\CheckMass;
use Chiralex\Bagging\Packing\ScaleReading;
use Illuminate\Support\Facades\DB;

/** The check mass was laid on: whether the scale shows what it weighs, and a row of it in the book. */
final readonly class CheckTheScale
{
    /**
     * @param list<ScaleReading> $readings in the order of time
     * @return array{right: ?bool, shown: ?float, mass: float} right is null while the scale does not stand
     */
    public function __invoke(Run $run, array $readings, string $operationId, ?int $userId): array
    {
        $shop = Shop::ours();
        $mass = (float) $shop->check_mass;
        $check = new CheckMass($mass, (float) $shop->scale_division);
        $shown = $check->shown($readings);
        if ($shown === null) {
            return ['right' => null, 'shown' => null, 'mass' => $mass];
        }
        $isRight = $check->isRight($shown);
        DB::table('scale_checks')->insertOrIgnore([
            'operation_id' => $operationId,
            'run_id' => $run->id,
            'mass' => $mass,
            'shown' => $shown,
            'is_right' => $isRight,
            'user_id' => $userId,
            'created_at' => now(),
        ]);

        return ['right' => $isRight, 'shown' => $shown, 'mass' => $mass];
    }
}
