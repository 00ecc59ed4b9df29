<?php

declare(strict_types=1);

namespace App\Actions\Account;

use App\Support\Refusal;

/** A change of who may sign in that cannot be made as asked. */
final class PeopleRefusal extends Refusal
{
    public static function lastMaker(string $name): self
    {
        return new self("{$name} is the last maker. Give that role to somebody else first.");
    }

    public static function known(string $email): self
    {
        return new self("{$email} may sign in already. Change the role under People.");
    }

    public static function linkGone(): self
    {
        return new self('This link was used, withdrawn or is older than 7 days. Ask the maker for a new one.');
    }

    public static function wrongPassword(): self
    {
        return new self('The password you have now does not match. Type it again.');
    }
}
