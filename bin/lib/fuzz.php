<?php

declare(strict_types=1);

// Runs damaged inputs in processes that are watched from outside; called by bin/fuzz.

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Tests\Fuzz\FormulaSubject;
use Tests\Fuzz\Mutator;
use Tests\Fuzz\PackingSubject;
use Tests\Fuzz\ReaderSubject;
use Tests\Fuzz\ReportSubject;
use Tests\Fuzz\ShopSubject;
use Tests\Fuzz\Subject;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

const SLOW_MS = 2000.0;
const HANGS_MS = 20_000.0;
const MEMORY = 256 * 1_048_576;
const KEPT = __DIR__ . '/../../var/fuzz';

$options = getopt('', ['count:', 'seed:', 'only:']);
$count = max(10, (int) ($options['count'] ?? 10_000));
$seed = (int) ($options['seed'] ?? 1);

/** @param bool $works false where only its samples are wanted */
function subject(string $name, bool $works = true): Subject
{
    if ($name === 'readers') {
        return new ReaderSubject();
    }
    if ($name === 'formulas') {
        return new FormulaSubject();
    }
    if ($name === 'packing') {
        return new PackingSubject();
    }
    $app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
    if ($works) {
        $app->make(Kernel::class)->bootstrap();
    }
    if ($name === 'shop') {
        return new ShopSubject($app);
    }
    if (!$works) {
        return new ReportSubject($app, '');
    }

    return new ReportSubject(
        $app,
        (string) DB::table('public_tokens')->whereNotNull('unit_id')->orderBy('token')->value('token'),
    );
}

function input(Subject $subject, int $seed, int $index): string
{
    $mutator = new Mutator($seed * 1_000_003 + $index);

    return $mutator->damaged($mutator->pick($subject->samples()), $subject->samples());
}

/** Takes inputs one after another and tells of each: its number when it begins, `time memory fault` when it ends. */
function work(string $name, int $seed, int $from, int $step, int $until, mixed $pipe): never
{
    ini_set('display_errors', '0');
    $subject = subject($name);
    for ($index = $from; $index < $until; $index += $step) {
        $input = input($subject, $seed, $index);
        fwrite($pipe, "{$index} begins\n");
        memory_reset_peak_usage();
        $start = hrtime(true);
        $fault = '';
        try {
            $subject->take($input);
        } catch (Throwable $thrown) {
            $fault =
                $thrown::class .
                ': ' .
                $thrown->getMessage() .
                ' at ' .
                basename($thrown->getFile()) .
                ':' .
                $thrown->getLine();
        }
        fwrite(
            $pipe,
            sprintf(
                "%d ends %.1f %d %s\n",
                $index,
                (hrtime(true) - $start) / 1e6,
                memory_get_peak_usage(true),
                preg_replace('~\s+~', ' ', $fault),
            ),
        );
    }
    exit(0);
}

/** @return array{crashes: int, slow: int, large: int} */
function watched(string $name, int $seed, int $count): array
{
    $jobs = max(1, min(4, (int) shell_exec('nproc')));
    $found = ['crashes' => 0, 'slow' => 0, 'large' => 0];
    $running = [];
    $begin = static function (int $from) use ($name, $seed, $count, $jobs, &$running): void {
        $pair = stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, 0);
        $child = pcntl_fork();
        if ($child === 0) {
            fclose($pair[0]);
            work($name, $seed, $from, $jobs, $count, $pair[1]);
        }
        fclose($pair[1]);
        stream_set_blocking($pair[0], false);
        $running[$child] = ['pipe' => $pair[0], 'at' => null, 'since' => 0.0, 'rest' => ''];
    };
    $keep = static function (int $index, string $what) use ($name, $seed): void {
        $path = KEPT . "/{$name}-{$seed}-{$index}";
        file_put_contents($path, input(subject($name, false), $seed, $index));
        printf("  %s %d: %s (%s)\n", $name, $index, substr($what, 0, 300), realpath($path));
    };
    for ($job = 0; $job < $jobs; ++$job) {
        $begin($job);
    }
    $slowest = 0.0;
    $most = 0;
    while ($running !== []) {
        usleep(2000);
        foreach ($running as $child => &$state) {
            $ended = pcntl_waitpid($child, $status, WNOHANG) === $child;
            $state['rest'] .= (string) stream_get_contents($state['pipe']);
            $lines = explode("\n", $state['rest']);
            $state['rest'] = (string) array_pop($lines);
            foreach ($lines as $line) {
                $words = explode(' ', $line, 5);
                if ($words[1] === 'begins') {
                    [$state['at'], $state['since']] = [(int) $words[0], hrtime(true) / 1e6];
                    continue;
                }
                $state['at'] = null;
                [$ms, $bytes, $fault] = [(float) $words[2], (int) $words[3], $words[4] ?? ''];
                [$slowest, $most] = [max($slowest, $ms), max($most, $bytes)];
                foreach (
                    ['crashes' => $fault !== '', 'slow' => $ms > SLOW_MS, 'large' => $bytes > MEMORY] as $kind => $is
                ) {
                    if ($is) {
                        ++$found[$kind];
                        $keep(
                            (int) $words[0],
                            $fault !== '' ? $fault : sprintf('%s, %.0f ms, %.0f MB', $kind, $ms, $bytes / 1_048_576),
                        );
                    }
                }
            }
            if ($state['at'] !== null && hrtime(true) / 1e6 - $state['since'] > HANGS_MS) {
                posix_kill($child, SIGKILL);
            }
            if ($ended) {
                $at = $state['at'];
                fclose($state['pipe']);
                unset($running[$child]);
                if ($at !== null) {
                    $hung = pcntl_wifsignaled($status) && pcntl_wtermsig($status) === SIGKILL;
                    ++$found[$hung ? 'slow' : 'crashes'];
                    $keep($at, $hung ? 'hangs' : 'the process died, status ' . $status);
                    if ($at + $jobs < $count) {
                        $begin($at + $jobs);
                    }
                }
            }
        }
        unset($state);
    }
    printf(
        "%-9s %6d inputs: %d crashes, %d over 2 s, %d over 256 MB; slowest %.0f ms, most %.0f MB\n",
        $name,
        $count,
        $found['crashes'],
        $found['slow'],
        $found['large'],
        $slowest,
        $most / 1_048_576,
    );

    return $found;
}

$failed = 0;
foreach (
    ['readers' => 0.4, 'formulas' => 0.2, 'packing' => 0.1, 'reports' => 0.15, 'shop' => 0.15] as $name => $share
) {
    if (($options['only'] ?? $name) !== $name) {
        continue;
    }
    $failed += array_sum(watched($name, $seed, (int) round($count * $share)));
}
exit($failed > 0 ? 1 : 0);
