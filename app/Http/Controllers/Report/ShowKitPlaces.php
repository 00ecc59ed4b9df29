<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Models\Kit;
use App\Queries\Report\KitPlaces;
use Illuminate\Http\JsonResponse;

/** What may be noticed of a kit, and the places a fault of it may sit at. */
final readonly class ShowKitPlaces
{
    public function __invoke(Kit $kit, KitPlaces $places): JsonResponse
    {
        return new JsonResponse(['symptoms' => $places->symptoms($kit->id), 'places' => $places->names($kit->id)]);
    }
}
