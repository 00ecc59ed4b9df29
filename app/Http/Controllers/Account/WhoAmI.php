<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Models\User;
use App\Queries\Account\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class WhoAmI
{
    public function __invoke(Request $request): JsonResponse
    {
        /** @var User $user the auth middleware stands before */
        $user = $request->user();

        return new JsonResponse(Person::of($user));
    }
}
