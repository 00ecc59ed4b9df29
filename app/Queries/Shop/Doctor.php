<?php

declare(strict_types=1);

namespace App\Queries\Shop;

use App\Actions\Shop\PublicAddress;
use App\Models\Shop;
use App\Support\Heartbeat;
use Illuminate\Support\Facades\DB;
use Throwable;

/** What this installation says about itself, each with what to do. */
final readonly class Doctor
{
    private const GIGABYTE = 1024 ** 3;
    private const LEAST_FREE = 1.0;
    private const SOON_FULL = 5.0;
    /** Seconds: a worker that is alive beats at least that often; a job that waits longer is stuck. */
    private const SILENT = 200;
    private const STUCK = 600;
    private const CLOCK_OFF = 2.0;
    private const BACKUP_LATE = 2 * 86_400;
    private const FONTS = [
        'node_modules/@fontsource-variable/atkinson-hyperlegible-next',
        'node_modules/@fontsource-variable/atkinson-hyperlegible-mono',
    ];

    /** @return list<Finding> */
    public function findings(): array
    {
        return [
            $this->database(),
            ...$this->guarded('clock', $this->clock(...)),
            ...$this->guarded('workers', $this->workers(...)),
            ...$this->guarded('jobs', $this->jobs(...)),
            $this->disk(),
            $this->fonts(),
            $this->programs(),
            ...$this->guarded('public address', $this->address(...)),
            ...$this->guarded('mail', $this->mail(...)),
            ...$this->guarded('backup', $this->backup(...)),
            $this->release(),
        ];
    }

    private function database(): Finding
    {
        try {
            $start = hrtime(true);
            $version = DB::scalar('show server_version');
            $ms = (hrtime(true) - $start) / 1e6;

            return Finding::well(
                'database',
                sprintf('PostgreSQL %s answers in %.1f ms.', is_string($version) ? $version : '', $ms),
            );
        } catch (Throwable) {
            return Finding::ill(
                'database',
                'The database does not answer.',
                'Run bin/start; it starts the database again and says why it could not.',
            );
        }
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }

    /**
     * @param callable(): Finding $ask
     * @return list<Finding>
     */
    private function guarded(string $about, callable $ask): array
    {
        try {
            return [$ask()];
        } catch (Throwable) {
            return [Finding::look($about, 'Not asked: the database does not answer.', 'Mend the database first.')];
        }
    }

    private function clock(): Finding
    {
        $off = abs(self::number(DB::scalar('select extract(epoch from clock_timestamp())')) - microtime(true));

        return $off > self::CLOCK_OFF
            ? Finding::look(
                'clock',
                sprintf('The clocks of application and database are %.1f s apart.', $off),
                'Set both machines by the same time server; times in lists are wrong by that much.',
            )
            : Finding::well('clock', 'It is ' . gmdate('Y-m-d H:i') . ' UTC, here and in the database.');
    }

    private function workers(): Finding
    {
        $ages = array_map(Heartbeat::age(...), [
            'worker first' => 'worker first',
            'worker default' => 'worker default',
        ]);
        $dead = array_filter($ages, static fn(?int $age): bool => $age === null || $age > self::SILENT);

        return $dead === []
            ? Finding::well(
                'workers',
                sprintf('Both were at work %d s ago.', max(array_filter($ages, is_int(...)) ?: [0])),
            )
            : Finding::ill(
                'workers',
                implode(' and ', array_keys($dead)) .
                    (count($dead) > 1 ? ' are' : ' is') .
                    ' silent: imports and prints wait.',
                'Run bin/start; it starts them again. The last lines of var/log/worker.log say why they ended.',
            );
    }

    private function jobs(): Finding
    {
        $oldest = DB::table('jobs')->whereNull('reserved_at')->where('available_at', '<=', time())->min('available_at');
        $failed = DB::table('failed_jobs')->where('failed_at', '>', now()->subDay())->count();
        $wait = is_numeric($oldest) ? time() - (int) $oldest : 0;
        if ($wait > self::STUCK) {
            return Finding::ill(
                'jobs',
                'The oldest has waited for ' . intdiv($wait, 60) . ' minutes.',
                'Run bin/start; where that does not help, look at the last lines of var/log/worker.log.',
            );
        }

        return $failed > 0
            ? Finding::look(
                'jobs',
                "{$failed} failed since yesterday.",
                'Ask for the print or the import again; storage/logs says why it failed.',
            )
            : Finding::well('jobs', DB::table('jobs')->count() . ' waiting, none failed since yesterday.');
    }

    private function disk(): Finding
    {
        $free =
            (float) (@disk_free_space(config()->string('app.files')) ?: @disk_free_space(base_path()) ?: 0) /
            self::GIGABYTE;
        $said = sprintf('%.1f GB are free for files and database.', $free);

        return match (true) {
            $free < self::LEAST_FREE => Finding::ill('disk', $said, 'Make room now; at 0 nothing can be saved.'),
            $free < self::SOON_FULL => Finding::look(
                'disk',
                $said,
                'Make room; old backups in var/backups are the first to go.',
            ),
            default => Finding::well('disk', $said),
        };
    }

    private function fonts(): Finding
    {
        $gone = array_filter(self::FONTS, static fn(string $folder): bool => !is_dir(base_path($folder)));

        return $gone === []
            ? Finding::well('fonts', 'The fonts of prints are there.')
            : Finding::ill(
                'fonts',
                implode(', ', $gone) . ' is missing: prints fall to another font.',
                'Run bin/start; it installs what is missing.',
            );
    }

    private function programs(): Finding
    {
        $paths = explode(':', (string) getenv('PATH') ?: '/usr/bin');
        $gone = array_filter(
            ['chromium', 'qrencode', 'pg_dump'],
            static fn(string $program): bool => array_filter(
                $paths,
                static fn(string $path): bool => is_executable("{$path}/{$program}"),
            ) === [],
        );

        return $gone === []
            ? Finding::well('programs', 'Chromium (PDF), qrencode (codes) and pg_dump (backups) are there.')
            : Finding::ill(
                'programs',
                implode(', ', $gone) . ' cannot be found.',
                'Run bin/start; it installs what is missing.',
            );
    }

    private function address(): Finding
    {
        $address = PublicAddress::ours();

        return match (true) {
            $address === null => Finding::look(
                'public address',
                'None is set: labels and manuals carry no code, and customers reach no page.',
                'Set it in Shop once a proxy with TLS leads here, or give the builder\'s page as a folder.',
            ),
            !$address->secure => Finding::look(
                'public address',
                "{$address->text} is without TLS: passwords and reports go in clear.",
                'Put a proxy with a certificate before this and set the address with https.',
            ),
            default => Finding::well('public address', "{$address->text}, on every code."),
        };
    }

    private function mail(): Finding
    {
        $from = Shop::ours()->email;

        return Finding::look(
            'mail',
            'Answers to customers are kept under Reports, mail sent; they do not leave this machine.',
            $from === '' ? 'Say in Shop where customers can write to.' : "Send them by hand from {$from}.",
        );
    }

    private function backup(): Finding
    {
        $age = Heartbeat::age('backup');

        return match (true) {
            $age === null => Finding::ill(
                'backup',
                'There is none.',
                'Run bin/backup --every day; the worker then makes one each night and keeps 14. Copy them to another machine.',
            ),
            $age > self::BACKUP_LATE => Finding::look(
                'backup',
                'The last is ' . intdiv($age, 86_400) . ' days old.',
                'Run bin/backup now, or bin/backup --every day.',
            ),
            default => Finding::well('backup', 'The last is ' . intdiv($age, 3600) . ' hours old.'),
        };
    }

    private function release(): Finding
    {
        $served = config()->string('app.code');
        $here = trim((string) @file_get_contents(base_path('var/code-version')));

        return $here !== '' && $served !== 'none' && $here !== $served
            ? Finding::ill('code', 'The code that serves is older than the code in its folder.', 'Run bin/start.')
            : Finding::well('code', 'Serves commit ' . config()->string('app.commit') . '.');
    }
}
