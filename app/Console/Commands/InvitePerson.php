<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Account\Invite;
use App\Actions\Account\PeopleRefusal;
use App\Actions\Shop\PublicAddress;
use App\Policies\Role;
use Illuminate\Console\Command;

/** Asks somebody to join; prints the link, once. */
final class InvitePerson extends Command
{
    protected $signature = 'chiralex:invite {email} {name} {--role=packer : maker, packer or support}';

    protected $description = 'Ask somebody to join by a link';

    public function handle(Invite $invite): int
    {
        $role = Role::tryFrom((string) $this->option('role'));
        $email = (string) $this->argument('email');
        if ($role === null || filter_var($email, FILTER_VALIDATE_EMAIL) === false) {
            $this->error('Give an e-mail address, a name, and --role=maker, packer or support.');

            return self::FAILURE;
        }
        try {
            $token = $invite((string) $this->argument('name'), $email, $role, null);
        } catch (PeopleRefusal $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        $this->info((PublicAddress::ours()->text ?? config()->string('app.url')) . "/join/{$token}");

        return self::SUCCESS;
    }
}
