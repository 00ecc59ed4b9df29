<?php

declare(strict_types=1);

namespace App\Policies;

/** What a route asks of the person who calls it. */
enum Ability: string
{
    case SeeKits = 'see-kits';
    case EditKits = 'edit-kits';
    case ReleaseKits = 'release-kits';
    case PackKits = 'pack-kits';
    case SellKits = 'sell-kits';
    case AnswerReports = 'answer-reports';
    case ManageShop = 'manage-shop';
}
