<?php

declare(strict_types=1);

// Compares the installed packages with composer.sums.json: name, version and checksum of the archive.
[, $root] = $argv + [1 => dirname(__DIR__, 2)];
$want = json_decode((string) file_get_contents("{$root}/composer.sums.json"), true, 64, JSON_THROW_ON_ERROR);
$have = json_decode(
    (string) file_get_contents("{$root}/vendor/composer/installed.json"),
    true,
    64,
    JSON_THROW_ON_ERROR,
)['packages'];
$bad = [];
foreach ($have as $package) {
    if ($package['name'] === 'chiralex/core') {
        continue;
    }
    [$version, $sum] = $want[$package['name']] ?? [null, null];
    if ($version !== $package['version'] || ($sum !== null && $sum !== ($package['dist']['shasum'] ?? null))) {
        $bad[] = "{$package['name']} {$package['version']}";
    }
}
if ($bad !== []) {
    fwrite(STDERR, 'not as pinned: ' . implode(', ', $bad) . "\n");
    exit(1);
}
