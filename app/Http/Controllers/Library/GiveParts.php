<?php

declare(strict_types=1);

namespace App\Http\Controllers\Library;

use App\Actions\Library\GiveToDrafts;
use App\Http\Requests\PlainOperation;
use App\Models\User;
use Illuminate\Http\JsonResponse;

/** Gives what the library knows to the drafts that do not say it themselves. */
final readonly class GiveParts
{
    public function __invoke(PlainOperation $request, GiveToDrafts $give): JsonResponse
    {
        /** @var User $user the auth middleware stands before */
        $user = $request->user();

        return new JsonResponse(['taken' => $give($user, $request->operationId())]);
    }
}
