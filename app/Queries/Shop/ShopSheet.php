<?php

declare(strict_types=1);

namespace App\Queries\Shop;

use App\Models\Invitation;
use App\Models\Shop;
use App\Models\User;

/** The shop and its people, as the room at the foot of the spine shows them. */
final readonly class ShopSheet
{
    /** @return array<string, mixed> */
    public function shop(): array
    {
        $shop = Shop::ours();

        return [
            'version' => $shop->version,
            'name' => $shop->name,
            'address' => $shop->address,
            'email' => $shop->email,
            'logo' => $shop->logo !== null,
            'currency' => $shop->currency,
            'country' => $shop->country,
            'paper' => $shop->paper,
            'language' => $shop->language,
            'secondLanguage' => $shop->second_language,
            'wage' => $shop->wage,
            'bagCost' => $shop->bag_cost,
            'bagMinutes' => $shop->bag_minutes,
            'stripMinutes' => $shop->strip_minutes,
            'publicAddress' => $shop->public_address,
            'scaleDivision' => $shop->scale_division,
            'scaleRepeatability' => $shop->scale_repeatability,
            'scaleUnit' => $shop->scale_unit,
            'scaleStable' => $shop->scale_stable,
            'checkMass' => $shop->check_mass,
            'readsBins' => $shop->reads_bins,
        ];
    }

    /** @return array{people: list<array<string, mixed>>, invited: list<array<string, mixed>>} */
    public function people(?int $self): array
    {
        $people = User::present()->orderBy('name')->orderBy('id')->get();
        $invited = Invitation::open()->orderBy('id')->get();

        return [
            'people' => array_values(
                $people
                    ->map(
                        static fn(User $user): array => [
                            'id' => $user->id,
                            'name' => $user->name,
                            'email' => $user->email,
                            'role' => $user->role->value,
                            'demo' => $user->is_demo,
                            'you' => $user->id === $self,
                        ],
                    )
                    ->all(),
            ),
            'invited' => array_values(
                $invited
                    ->map(
                        static fn(Invitation $each): array => [
                            'id' => $each->id,
                            'name' => $each->name,
                            'email' => $each->email,
                            'role' => $each->role->value,
                            'until' => $each->until->toDateString(),
                        ],
                    )
                    ->all(),
            ),
        ];
    }
}
