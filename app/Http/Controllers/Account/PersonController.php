<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\ChangePerson;
use App\Http\Requests\Account\RoleRequest;
use App\Http\Requests\PlainOperation;
use App\Models\User;
use App\Queries\Shop\ShopSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Who may sign in, and as what. */
final readonly class PersonController
{
    public function index(Request $request, ShopSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->people(self::own($request)));
    }

    public function update(User $person, RoleRequest $request, ChangePerson $change, ShopSheet $sheet): JsonResponse
    {
        $change->role($person, $request->role(), $request->userId());

        return new JsonResponse($sheet->people($request->userId()));
    }

    public function destroy(User $person, PlainOperation $request, ChangePerson $change, ShopSheet $sheet): JsonResponse
    {
        $change->takeAway($person, $request->userId());

        return new JsonResponse($sheet->people($request->userId()));
    }

    private static function own(Request $request): ?int
    {
        $user = $request->user();

        return $user instanceof User ? $user->id : null;
    }
}
