<?php

declare(strict_types=1);

namespace App\Actions\Packing;

use App\Models\Run;
use App\Models\Shop;
use Chiralex\Bagging\Packing\ScaleReading;
use Illuminate\Support\Facades\DB;

/** The check mass was laid on: whether the scale shows what it weighs, and a row of it in the book. */
final readonly class CheckTheScale
{
    /** Divisions that it may be off; common practice, no source. */
    private const MAY_BE_OFF = 2.0;
    /** Seconds that a check takes at most, from before the mass is laid on; common practice, no source. */
    private const WITHIN = 20.0;

    /**
     * @param list<ScaleReading> $readings in the order of time
     * @return array{right: ?bool, shown: ?float, mass: float} right is null while the scale does not stand
     */
    public function __invoke(Run $run, array $readings, string $operationId, ?int $userId): array
    {
        $shop = Shop::ours();
        $mass = (float) $shop->check_mass;
        $stable = array_values(array_filter($readings, static fn(ScaleReading $reading): bool => $reading->isStable));
        $last = $stable[count($stable) - 1] ?? null;
        if ($last === null || ($readings[count($readings) - 1] ?? null) !== $last) {
            return ['right' => null, 'shown' => null, 'mass' => $mass];
        }
        $least = $last->grams;
        foreach ($stable as $reading) {
            $least = $reading->at >= $last->at - self::WITHIN ? min($least, $reading->grams) : $least;
        }
        $shown = round($last->grams - $least, 4);
        $isRight = abs($shown - $mass) <= self::MAY_BE_OFF * (float) $shop->scale_division + 1e-9;
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
