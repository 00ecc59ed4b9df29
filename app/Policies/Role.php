<?php

declare(strict_types=1);

namespace App\Policies;

/** Who someone is in the shop. */
enum Role: string
{
    case Maker = 'maker';
    case Packer = 'packer';
    case Support = 'support';

    public function can(Ability $ability): bool
    {
        return match ($ability) {
            Ability::SeeKits => true,
            Ability::EditKits, Ability::ReleaseKits, Ability::ManageShop => $this === self::Maker,
            Ability::PackKits, Ability::SellKits => $this !== self::Support,
            Ability::AnswerReports => $this !== self::Packer,
        };
    }
}
