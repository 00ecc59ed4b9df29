<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\Invite;
use App\Http\Requests\Account\InviteRequest;
use App\Http\Requests\PlainOperation;
use App\Models\Invitation;
use App\Queries\Shop\ShopSheet;
use Illuminate\Http\JsonResponse;

/** Links that ask somebody to join; each is shown once. */
final readonly class InvitationController
{
    public function store(InviteRequest $request, Invite $invite, ShopSheet $sheet): JsonResponse
    {
        $token = $invite(
            trim((string) $request->string('name')),
            trim((string) $request->string('email')),
            $request->role(),
            $request->userId(),
        );

        return new JsonResponse(['link' => "/join/{$token}"] + $sheet->people($request->userId()), 201);
    }

    public function destroy(
        Invitation $invitation,
        PlainOperation $request,
        Invite $invite,
        ShopSheet $sheet,
    ): JsonResponse {
        $invite->withdraw($invitation, $request->userId());

        return new JsonResponse($sheet->people($request->userId()));
    }
}
