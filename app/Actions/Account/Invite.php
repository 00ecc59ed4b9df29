<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Models\Invitation;
use App\Models\User;
use App\Policies\Role;
use App\Support\Audit;
use Illuminate\Support\Facades\DB;

/** Asks somebody to join by a link, which is shown once: of its token only a hash is kept. */
final readonly class Invite
{
    private const DAYS = 7;

    /**
     * @return string the token of the link
     * @throws PeopleRefusal when that address signs in already
     */
    public function __invoke(string $name, string $email, Role $role, ?int $userId): string
    {
        $email = mb_strtolower($email);
        $token = bin2hex(random_bytes(16));
        DB::transaction(function () use ($name, $email, $role, $userId, $token): void {
            if (User::present()->where('email', $email)->exists()) {
                throw PeopleRefusal::known($email);
            }
            Invitation::open()
                ->where('email', $email)
                ->update(['withdrawn_at' => now()]);
            Invitation::query()->create([
                'name' => $name,
                'email' => $email,
                'role' => $role,
                'token_hash' => hash('sha256', $token),
                'user_id' => $userId,
                'until' => now()->addDays(self::DAYS),
            ]);
            Audit::record($userId, 'person.invite', null, ['email' => $email, 'role' => $role->value]);
        });

        return $token;
    }

    public function withdraw(Invitation $invitation, ?int $userId): void
    {
        Invitation::open()
            ->whereKey($invitation->id)
            ->update(['withdrawn_at' => now()]);
        Audit::record($userId, 'person.withdraw', ['email' => $invitation->email], null);
    }
}
