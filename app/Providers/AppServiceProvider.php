<?php

declare(strict_types=1);

namespace App\Providers;

use App\Devices\MailOut;
use App\Devices\MailSink;
use App\Models\User;
use App\Policies\Ability;
use App\Support\FileStore;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
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
        $this->throttles();
        foreach (Ability::cases() as $ability) {
            Gate::define($ability->value, static fn(User $user): bool => $user->role->can($ability));
        }
    }

    /**
     * Each by token and route: what one kit's builder does takes nothing from another's, and reading takes nothing from reporting. A
     * class of thirty behind one address, each with a kit or all with one token, stays below; an address alone is held at a flood.
     */
    private function throttles(): void
    {
        foreach (['public-read' => 600, 'public-tick' => 600, 'public-report' => 60] as $name => $minute) {
            RateLimiter::for(
                $name,
                static fn(Request $request): array => [
                    Limit::perMinute($minute)->by("{$name} token " . self::token($request)),
                    Limit::perMinute(5 * $minute)->by("{$name} address {$request->ip()}"),
                ],
            );
        }
    }

    private static function token(Request $request): string
    {
        $token = $request->route('token');

        return is_string($token) ? $token : '';
    }
}
