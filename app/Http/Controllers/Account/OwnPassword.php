<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\ChangePassword;
use App\Http\Requests\Account\PasswordRequest;
use App\Models\User;
use Illuminate\Http\Response;

/** A password of one's own; signs out everywhere else. */
final readonly class OwnPassword
{
    public function __invoke(PasswordRequest $request, ChangePassword $change): Response
    {
        /** @var User $user the auth middleware stands before */
        $user = $request->user();
        $change(
            $user,
            (string) $request->string('now'),
            (string) $request->string('password'),
            $request->session()->getId(),
        );

        return new Response('', 204);
    }
}
