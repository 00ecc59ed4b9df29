<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\Join;
use App\Http\Requests\Account\JoinRequest;
use App\Queries\Account\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Auth;

/** The page behind a link: who was invited, and the password they choose. */
final readonly class JoinController
{
    public function show(string $token): JsonResponse
    {
        $invitation = Join::invitation($token);

        return new JsonResponse([
            'name' => $invitation->name,
            'email' => $invitation->email,
            'role' => $invitation->role->value,
        ]);
    }

    public function store(string $token, JoinRequest $request, Join $join): JsonResponse
    {
        $user = $join($token, trim((string) $request->string('name')), (string) $request->string('password'));
        Auth::guard('web')->login($user);
        $request->session()->regenerate();

        return new JsonResponse(Person::of($user), 201);
    }
}
