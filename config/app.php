<?php

declare(strict_types=1);

$list = static fn(string $name): array => array_values(
    array_filter(
        array_map(trim(...), explode(',', (string) env($name, ''))),
        static fn(string $each): bool => $each !== '',
    ),
);

return [
    'name' => 'Chiralex',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'commit' => env('CHIRALEX_COMMIT', 'unknown'),
    'code' => env('CHIRALEX_CODE', 'none'),
    // Whether kits are worked out in a process of their own; tests that are not about that do it in theirs.
    'confined' => (bool) env('CHIRALEX_CONFINED', true),
    // Proxies whose word of address, name and scheme is taken, and further names this shop answers under; separated by commas.
    'proxies' => $list('CHIRALEX_PROXIES'),
    'hosts' => $list('CHIRALEX_HOSTS'),
    // Where the simulated bench scale listens, on loopback.
    'scale_port' => (int) env('CHIRALEX_SCALE_PORT', 18080),
    'labels' => env('CHIRALEX_LABELS', storage_path('app/labels')),
    // Beside the files, so that several machines read one.
    'mailbox' => env('CHIRALEX_FILES', base_path('var/files')) . '/mailbox',
    // Orders of a shop outside in, what the carrier asks out.
    'feed' => env('CHIRALEX_FILES', base_path('var/files')) . '/feed',
    'files' => env('CHIRALEX_FILES', base_path('var/files')),
];
