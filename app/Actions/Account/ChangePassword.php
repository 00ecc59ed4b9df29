<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\User;
use App\Support\Audit;
use Illuminate\Support\Facades\Hash;

/** A password of one's own; every other session of that person ends. */
final readonly class ChangePassword
{
    /**
     * @param ?string $session the one that stays
     * @throws PeopleRefusal when the present one does not match
     */
    public function __invoke(User $user, string $now, string $next, ?string $session): void
    {
        if (!Hash::check($now, $user->getAuthPassword())) {
            throw PeopleRefusal::wrongPassword();
        }
        $user->update(['password' => $next]);
        Sessions::end($user->id, $session);
        Audit::record($user->id, 'person.password', null, ['id' => $user->id]);
    }
}
