<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Queries\Shop\Doctor;
use App\Queries\Shop\Finding;
use Illuminate\Http\JsonResponse;

/** What the installation says about itself. */
final readonly class ShowDoctor
{
    public function __invoke(Doctor $doctor): JsonResponse
    {
        return new JsonResponse([
            'findings' => array_map(static fn(Finding $each): array => $each->told(), $doctor->findings()),
        ]);
    }
}
