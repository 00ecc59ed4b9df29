<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Actions\Shop\PublicAddress;
use App\Models\User;
use App\Policies\Role;
use App\Support\Audit;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** Gives somebody another role, or takes them away; one maker always stays. */
final readonly class ChangePerson
{
    /** @throws PeopleRefusal when nobody would be left who may do this */
    public function role(User $person, Role $role, ?int $by): void
    {
        DB::transaction(static function () use ($person, $role, $by): void {
            if ($role !== Role::Maker) {
                self::makerStays($person);
            }
            $before = $person->role->value;
            $person->update(['role' => $role]);
            Audit::record(
                $by,
                'person.role',
                ['id' => $person->id, 'role' => $before],
                ['id' => $person->id, 'role' => $role->value],
            );
        });
    }

    /**
     * The row stays, as what they did is told under their name; their sessions end.
     *
     * @throws PeopleRefusal when nobody would be left who may do this
     */
    public function takeAway(User $person, ?int $by): void
    {
        DB::transaction(static function () use ($person, $by): void {
            self::makerStays($person);
            $person->update(['left_at' => now()]);
            Sessions::end($person->id);
            Audit::record($by, 'person.leave', ['id' => $person->id, 'email' => $person->email], null);
        });
    }

    private static function makerStays(User $person): void
    {
        // Demo accounts are refused once customers reach the shop: they would leave nobody who can sign in.
        $makers = User::present()
            ->where('role', Role::Maker)
            ->when(
                PublicAddress::ours() !== null,
                static fn(Builder $query): Builder => $query->where('is_demo', false),
            )
            ->lockForUpdate()
            ->get();
        if ($makers->every(static fn(User $maker): bool => $maker->id === $person->id)) {
            throw PeopleRefusal::lastMaker($person->name);
        }
    }
}
