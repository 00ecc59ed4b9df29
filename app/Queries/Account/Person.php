<?php

declare(strict_types=1);

namespace App\Queries\Account;

use App\Models\Shop;
use App\Models\User;
use App\Policies\Ability;

/** The person signed in, as the interface sees them. */
final readonly class Person
{
    /** @return array{name: string, role: string, abilities: list<string>, shop: array{name: string, publicAddress: ?string, paper: string}} */
    public static function of(User $user): array
    {
        $abilities = array_filter(Ability::cases(), static fn(Ability $ability): bool => $user->role->can($ability));

        $shop = Shop::ours();

        return [
            'name' => $user->name,
            'role' => $user->role->value,
            'abilities' => array_values(array_map(static fn(Ability $ability): string => $ability->value, $abilities)),
            'shop' => ['name' => $shop->name, 'publicAddress' => $shop->public_address, 'paper' => $shop->paper],
        ];
    }
}
