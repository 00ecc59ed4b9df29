<?php

declare(strict_types=1);

$connection = static fn(string $url, string $user, string $password): array => [
    'driver' => 'pgsql',
    // An outside database (docs/several-machines.md); what it names goes before the lines below.
    'url' => env($url),
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '54329'),
    'database' => env('DB_DATABASE', 'chiralex'),
    'username' => $user,
    'password' => $password,
    'charset' => 'utf8',
    'prefix' => '',
    'search_path' => 'public',
    'sslmode' => 'prefer',
    'options' => array_filter([PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false)]),
];

return [
    'default' => 'pgsql',
    'connections' => [
        // serves: may insert into and read the append-only tables, not change them
        'pgsql' => $connection('DATABASE_URL', 'chiralex_app', (string) env('DB_PASSWORD', '')),
        // owns the tables and migrates
        'owner' => $connection('DATABASE_OWNER_URL', 'chiralex_owner', (string) env('DB_OWNER_PASSWORD', '')),
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
