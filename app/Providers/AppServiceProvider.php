<?php

declare(strict_types=1);

namespace App\Providers;

use App\Devices\MailOut;
use App\Devices\MailSink;
use App\Models\User;
use App\Policies\Ability;
use App\Support\FileStore;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(MailOut::class, MailSink::class);
        $this->app->singleton(FileStore::class, static fn(): FileStore => new FileStore(config()->string('app.files')));
    }

    public function boot(): void
    {
        foreach (Ability::cases() as $ability) {
            Gate::define($ability->value, static fn(User $user): bool => $user->role->can($ability));
        }
    }
}
