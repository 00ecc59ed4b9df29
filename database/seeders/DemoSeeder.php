<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Demo\DemoKits;
use App\Models\User;
use Illuminate\Database\Seeder;

/** Saltmarsh Bench, the invented one-bench maker: its people, its kits and what happened to them. */
final class DemoSeeder extends Seeder
{
    public function run(DemoKits $kits): void
    {
        $this->call(PeopleSeeder::class);
        $kits->load(User::query()->where('email', 'maker@saltmarsh.example')->firstOrFail()->id);
    }
}
