<?php

declare(strict_types=1);

// Changes one number or comparison of a core module at a time and asks its tests whether they notice; called by bin/mutate.

use Chiralex\Mutate\Changes;
use Chiralex\Mutate\Copy;

require dirname(__DIR__, 2) . '/vendor/autoload.php';
require __DIR__ . '/mutate/Changes.php';
require __DIR__ . '/mutate/Copy.php';

const TARGET = 0.85;
const MODULES = ['Safety', 'Review', 'Bagging', 'Bench', 'Build', 'Polarity'];
/** A method that no test knows: where one of its changes is noticed, the runner is broken and not the code well tested. */
const PLANTED = "\n    public function plantedForMutation(int \$given): int\n    {\n        return \$given < 41 ? 7 : 9;\n    }\n";

$root = dirname(__DIR__, 2);
$wanted = array_values(array_filter(array_slice($argv, 1), static fn(string $word): bool => $word[0] !== '-'));
$only = in_array('--list', $argv, true);
// `--file=Rules` changes only files that have the word in their name; its share is of those.
$file =
    array_values(
        array_map(
            static fn(string $word): string => substr($word, 7),
            array_filter($argv, static fn(string $word): bool => str_starts_with($word, '--file=')),
        ),
    )[0] ?? '';
$jobs = max(1, (int) shell_exec('nproc'));
$missed = 0;
foreach ($wanted === [] ? MODULES : $wanted as $module) {
    $copies = array_map(static fn(int $job): Copy => Copy::of($root, $module, $job, PLANTED), range(1, $jobs));
    $changes = [];
    foreach ($copies[0]->files() as $name) {
        array_push(
            $changes,
            ...array_filter(
                array_map(
                    static fn(array $change): array => [$name, ...$change],
                    Changes::of($copies[0]->source($name)),
                ),
                static fn(array $change): bool => $change[5] || str_contains($name, $file),
            ),
        );
    }
    if ($only) {
        foreach ($changes as [$name, $line, $was, $is]) {
            echo "{$name}:{$line} {$was} becomes {$is}\n";
        }
        continue;
    }
    $seconds = $copies[0]->mustPass();
    $limit = max(5.0, 4.0 * $seconds);
    $waiting = $changes;
    $survived = [];
    $running = [];
    while ($waiting !== [] || $running !== []) {
        foreach ($copies as $job => $copy) {
            if (!isset($running[$job]) && $waiting !== []) {
                $change = array_shift($waiting);
                $copy->begin($change[0], $change[4], $limit);
                $running[$job] = $change;
            }
            $noticed = isset($running[$job]) ? $copy->noticed() : null;
            if ($noticed !== null) {
                if (!$noticed) {
                    $survived[] = $running[$job];
                }
                unset($running[$job]);
            }
        }
        usleep(2000);
    }
    $planted = array_filter($survived, static fn(array $change): bool => $change[5]);
    $plants = array_filter($changes, static fn(array $change): bool => $change[5]);
    if ($plants === [] || count($planted) !== count($plants)) {
        fwrite(
            STDERR,
            "{$module}: a change of the planted method was noticed, which no test calls: this run says nothing.\n",
        );
        exit(2);
    }
    $all = count($changes) - count($plants);
    $left = count($survived) - count($planted);
    $share = $all === 0 ? 1.0 : 1.0 - $left / $all;
    $missed += $share < TARGET ? 1 : 0;
    $lines = array_map(
        static fn(array $change): string => "{$change[0]}:{$change[1]} {$change[2]} becomes {$change[3]}",
        array_filter($survived, static fn(array $change): bool => !$change[5]),
    );
    sort($lines, SORT_NATURAL);
    $list = $module . ($file === '' ? '' : '-' . preg_replace('~\W+~', '', $file)) . '.txt';
    file_put_contents("{$root}/var/mutate/{$list}", implode("\n", $lines) . "\n");
    printf(
        "%-9s %4d changes, %4d noticed, %5.1f %%  target %.0f %%  %s  (var/mutate/%s)\n",
        $module,
        $all,
        $all - $left,
        100 * $share,
        100 * TARGET,
        $share < TARGET ? 'MISSED' : 'met',
        $list,
    );
}
exit($missed > 0 ? 1 : 0);
