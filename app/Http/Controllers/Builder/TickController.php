<?php

declare(strict_types=1);

namespace App\Http\Controllers\Builder;

use App\Actions\Builder\Ticks;
use App\Http\Requests\Report\TicksRequest;
use App\Queries\Builder\OpenedPage;
use Illuminate\Http\JsonResponse;

/** Steps that a builder has done. */
final readonly class TickController
{
    public function store(TicksRequest $request, string $token, Ticks $ticks): JsonResponse
    {
        $unit = OpenedPage::by($token)->unit;
        if ($unit === null) {
            return new JsonResponse(
                ['message' => 'This address belongs to the manual, not to one kit: ticks stay on your device.'],
                422,
            );
        }
        $ticks->add($unit, $request->ticks());

        return new JsonResponse(['ticks' => $ticks->done($unit)]);
    }
}
