<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\Invitation;
use App\Models\User;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Somebody who was invited chooses a password; the link works once. */
final readonly class Join
{
    /** @throws PeopleRefusal when the link does not open any more */
    public static function invitation(string $token): Invitation
    {
        return Invitation::open()->where('token_hash', hash('sha256', $token))->first() ??
            throw PeopleRefusal::linkGone();
    }

    /** @throws PeopleRefusal when the link does not open any more */
    public function __invoke(string $token, string $name, string $password): User
    {
        return DB::transaction(function () use ($token, $name, $password): User {
            $invitation = self::invitation($token);
            $taken = Invitation::open()
                ->whereKey($invitation->id)
                ->update(['used_at' => now()]);
            if ($taken !== 1) {
                throw PeopleRefusal::linkGone();
            }
            $user = User::query()->updateOrCreate(
                ['email' => $invitation->email],
                [
                    'name' => $name,
                    'password' => $password,
                    'role' => $invitation->role,
                    'is_demo' => false,
                    'left_at' => null,
                ],
            );
            Audit::record($user->id, 'person.join', null, [
                'email' => $user->email,
                'role' => $user->role->value,
                'id' => $user->id,
            ]);

            return $user;
        });
    }
}
