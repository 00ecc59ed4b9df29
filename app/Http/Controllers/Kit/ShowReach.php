<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Models\Kit;
use App\Queries\Buying\KitReach;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How long kits last: `kits=3,5`, at most a hundred. */
final readonly class ShowReach
{
    private const MOST = 100;

    public function __invoke(Request $request, KitReach $reach): JsonResponse
    {
        $asked = array_slice(array_map(intval(...), explode(',', (string) $request->string('kits'))), 0, self::MOST);
        /** @var list<int> $kits */
        $kits = Kit::query()
            ->whereIn('id', array_filter($asked, static fn(int $id): bool => $id > 0))
            ->pluck('id')
            ->all();

        return new JsonResponse(['kits' => $reach->of($kits)]);
    }
}
