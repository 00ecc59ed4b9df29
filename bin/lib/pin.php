<?php

declare(strict_types=1);

// Pins every installed package, direct and transitive, exactly in composer.json, and writes composer.sums.json. Run after a change of packages.
$root = dirname(__DIR__, 2);
$installed = json_decode(
    (string) file_get_contents("{$root}/vendor/composer/installed.json"),
    true,
    64,
    JSON_THROW_ON_ERROR,
);
$composer = json_decode((string) file_get_contents("{$root}/composer.json"), true, 64, JSON_THROW_ON_ERROR);
$dev = array_flip($installed['dev-package-names']);
foreach (['require' => false, 'require-dev' => true] as $key => $isDev) {
    $pins = array_filter(
        $composer[$key] ?? [],
        static fn(string $name): bool => $name === 'php' || str_starts_with($name, 'ext-'),
        ARRAY_FILTER_USE_KEY,
    );
    foreach ($installed['packages'] as $package) {
        if (isset($dev[$package['name']]) === $isDev) {
            $pins[$package['name']] = ltrim($package['version'], 'v');
        }
    }
    ksort($pins);
    $composer[$key] = $pins;
}
file_put_contents(
    "{$root}/composer.json",
    json_encode($composer, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n",
);
$sums = [];
foreach ($installed['packages'] as $package) {
    if ($package['name'] !== 'chiralex/core') {
        $sums[$package['name']] = [$package['version'], $package['dist']['shasum'] ?? null];
    }
}
ksort($sums);
file_put_contents(
    "{$root}/composer.sums.json",
    json_encode($sums, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR) . "\n",
);
