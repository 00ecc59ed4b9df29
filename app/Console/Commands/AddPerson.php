<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Account\Sessions;
use App\Models\User;
use App\Policies\Role;
use App\Support\Audit;
use Illuminate\Console\Command;

/** Makes the first account, and any later one, without a page that anybody could reach. */
final class AddPerson extends Command
{
    protected $signature = 'chiralex:person {email} {name} {--role=maker : maker, packer or support}';

    protected $description = 'Add a person who may sign in';

    public function handle(): int
    {
        $role = Role::tryFrom((string) $this->option('role'));
        $email = mb_strtolower((string) $this->argument('email'));
        if ($role === null || filter_var($email, FILTER_VALIDATE_EMAIL) === false) {
            $this->error('Give an e-mail address, a name, and --role=maker, packer or support.');

            return self::FAILURE;
        }
        $typed = $this->secret('Password (12 characters or more)');
        $password = is_string($typed) ? $typed : '';
        if (mb_strlen($password) < 12) {
            $this->error('The password has fewer than 12 characters; choose a longer one.');

            return self::FAILURE;
        }
        $user = User::query()->updateOrCreate(
            ['email' => $email],
            [
                'name' => (string) $this->argument('name'),
                'password' => $password,
                'role' => $role,
                'is_demo' => false,
                'left_at' => null,
            ],
        );
        Sessions::end($user->id);
        Audit::record(null, 'person.add', null, ['email' => $email, 'role' => $role->value, 'id' => $user->id]);
        $this->info("{$email} may sign in as {$role->value}.");

        return self::SUCCESS;
    }
}
