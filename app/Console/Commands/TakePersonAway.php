<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Account\ChangePerson;
use App\Actions\Account\PeopleRefusal;
use App\Models\User;
use Illuminate\Console\Command;

/** Ends somebody's sessions and lets them sign in no more. */
final class TakePersonAway extends Command
{
    protected $signature = 'chiralex:leave {email}';

    protected $description = 'Take a person away who may sign in';

    public function handle(ChangePerson $change): int
    {
        $email = mb_strtolower((string) $this->argument('email'));
        $person = User::present()->where('email', $email)->first();
        if ($person === null) {
            $this->error("Nobody signs in with {$email}.");

            return self::FAILURE;
        }
        try {
            $change->takeAway($person, null);
        } catch (PeopleRefusal $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        $this->info("{$email} is signed out and may not sign in any more.");

        return self::SUCCESS;
    }
}
