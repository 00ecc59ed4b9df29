<?php

declare(strict_types=1);

namespace App\Providers;

use App\Devices\BenchScale;
use App\Devices\Feed\FeedFolder;
use App\Devices\LabelPrinter;
use App\Devices\LabelTray;
use App\Devices\Mail\ImapMailbox;
use App\Devices\Mail\Mailbox;
use App\Devices\Mail\MailDraft;
use App\Devices\Mail\MailOut;
use App\Devices\Mail\MailSink;
use App\Devices\Mail\SimulatedMailbox;
use App\Devices\Mail\SmtpMail;
use App\Devices\SimulatedScale;
use App\Http\Middleware\OwnSession;
use App\Models\MailSettings;
use App\Models\User;
use App\Policies\Ability;
use App\Support\FileStore;
use App\Support\Heartbeat;
use Illuminate\Auth\Events\Login;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\Looping;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    /** A minute: links opened from one address, own passwords tried by one person. */
    private const JOINS = 20;
    private const TRIES = 6;

    public function register(): void
    {
        // Asked at each use: the shop may change its way while a worker runs.
        $this->app->bind(
            MailOut::class,
            static fn(Application $app): MailOut => $app->make(
                match (MailSettings::ours()->way) {
                    'real' => MailSettings::ours()->smtp_host === '' ? MailDraft::class : SmtpMail::class,
                    'draft' => MailDraft::class,
                    default => MailSink::class,
                },
            ),
        );
        $this->app->bind(
            SimulatedMailbox::class,
            static fn(): SimulatedMailbox => new SimulatedMailbox(config()->string('app.mailbox')),
        );
        $this->app->bind(
            Mailbox::class,
            static fn(Application $app): Mailbox => $app->make(
                MailSettings::ours()->way === 'real' && MailSettings::ours()->imap_host !== ''
                    ? ImapMailbox::class
                    : SimulatedMailbox::class,
            ),
        );
        $this->app->bind(
            LabelPrinter::class,
            static fn(): LabelPrinter => new LabelTray(config()->string('app.labels')),
        );
        $this->app->bind(FeedFolder::class, static fn(): FeedFolder => new FeedFolder(config()->string('app.feed')));
        $this->app->bind(
            BenchScale::class,
            static fn(): BenchScale => new SimulatedScale(config()->integer('app.scale_port')),
        );
        $this->app->singleton(FileStore::class, static fn(): FileStore => new FileStore(config()->string('app.files')));
    }

    public function boot(): void
    {
        $this->throttles();
        Event::listen(Login::class, static fn() => session()->put(OwnSession::SINCE, time()));
        Event::listen(Looping::class, static fn(Looping $loop) => Heartbeat::beat("worker {$loop->queue}"));
        TrustProxies::at(array_values(array_filter(config()->array('app.proxies'), is_string(...))));
        TrustProxies::withHeaders(
            Request::HEADER_X_FORWARDED_FOR |
                Request::HEADER_X_FORWARDED_HOST |
                Request::HEADER_X_FORWARDED_PORT |
                Request::HEADER_X_FORWARDED_PROTO,
        );
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
        RateLimiter::for(
            'join',
            static fn(Request $request): Limit => Limit::perMinute(self::JOINS)->by("join {$request->ip()}"),
        );
        RateLimiter::for(
            'password',
            static fn(Request $request): Limit => Limit::perMinute(self::TRIES)->by(
                'password ' . ($request->user() instanceof User ? $request->user()->id : ''),
            ),
        );
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
