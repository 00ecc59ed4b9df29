<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\User;
use App\Policies\Role;
use Illuminate\Database\Seeder;

/** The people of Saltmarsh Bench, the invented one-bench maker. */
final class PeopleSeeder extends Seeder
{
    private const PASSWORD = 'saltmarsh';

    public function run(): void
    {
        foreach (
            [
                ['Maker of Saltmarsh Bench', 'maker@saltmarsh.example', Role::Maker],
                ['Second maker', 'second@saltmarsh.example', Role::Maker],
                ['Packer', 'packer@saltmarsh.example', Role::Packer],
                ['Support', 'support@saltmarsh.example', Role::Support],
            ] as [$name, $email, $role]
        ) {
            User::query()->firstOrCreate(
                ['email' => $email],
                ['name' => $name, 'password' => self::PASSWORD, 'role' => $role, 'is_demo' => true],
            );
        }
    }
}
