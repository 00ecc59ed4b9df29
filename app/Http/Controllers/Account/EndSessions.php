<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\Sessions;
use App\Http\Requests\PlainOperation;
use App\Models\User;
use Illuminate\Http\JsonResponse;

/** Signs out everywhere but here. */
final readonly class EndSessions
{
    public function __invoke(PlainOperation $request): JsonResponse
    {
        /** @var User $user the auth middleware stands before */
        $user = $request->user();

        return new JsonResponse(['ended' => Sessions::end($user->id, $request->session()->getId())]);
    }
}
