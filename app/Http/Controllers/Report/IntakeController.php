<?php

declare(strict_types=1);

namespace App\Http\Controllers\Report;

use App\Actions\Report\Intake\RequestIntake;
use App\Http\Requests\Report\IntakeRequest;
use App\Models\Intake;
use Illuminate\Http\JsonResponse;

/** Files of letters on their way in: hand one in, see how far it is. */
final readonly class IntakeController
{
    public function store(IntakeRequest $request, RequestIntake $ask): JsonResponse
    {
        $letters = $request->letters();

        return new JsonResponse(
            self::shape($ask($letters['name'], $letters['bytes'], $request->userId(), $request->operationId())),
            202,
        );
    }

    public function show(Intake $intake): JsonResponse
    {
        return new JsonResponse(self::shape($intake));
    }

    /** @return array<string, mixed> */
    private static function shape(Intake $intake): array
    {
        $count = static fn(string $as): int => $intake->counts[$as] ?? 0;

        return [
            'id' => $intake->id,
            'name' => $intake->name,
            'status' => $intake->status,
            'progress' => $intake->progress,
            'fault' => $intake->fault,
            'reports' => $count('report'),
            'follows' => $count('follows'),
            'apart' => $count('apart'),
            'again' => $count('again'),
            'problems' => $intake->problems,
        ];
    }
}
