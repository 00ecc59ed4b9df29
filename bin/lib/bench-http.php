<?php

declare(strict_types=1);

// API reads beside an empty framework route behind the same session and sign-in, and the script a browser loads for the Shelf.
[, $base] = $argv;
$jar = (string) tempnam(sys_get_temp_dir(), 'jar');
$curl = static function (string $url, array $options = []) use ($jar): string {
    $handle = curl_init($url);
    curl_setopt_array(
        $handle,
        [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_COOKIEJAR => $jar,
            CURLOPT_COOKIEFILE => $jar,
            CURLOPT_HTTPHEADER => ['Accept: application/json', ...$options['headers'] ?? []],
        ] +
            ($options['set'] ?? []),
    );
    $body = curl_exec($handle);
    $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
    curl_close($handle);
    if (!is_string($body) || $status >= 400) {
        fwrite(STDERR, "{$url} answered {$status}; is the demo running (bin/start)?\n");
        exit(1);
    }

    return $body;
};
$curl("{$base}/");
preg_match('~XSRF-TOKEN\s+(\S+)~', (string) file_get_contents($jar), $token);
$curl("{$base}/api/sign-in", [
    'headers' => ['Content-Type: application/json', 'X-XSRF-TOKEN: ' . rawurldecode($token[1] ?? '')],
    'set' => [
        CURLOPT_POST => true,
        CURLOPT_POSTFIELDS => json_encode(
            ['email' => 'maker@saltmarsh.example', 'password' => 'saltmarsh'],
            JSON_THROW_ON_ERROR,
        ),
    ],
]);
$id = json_decode($curl("{$base}/api/kits"), true, 64, JSON_THROW_ON_ERROR)['kits'][0]['revisionId'];
$median = static function (string $path) use ($base, $curl): float {
    $times = [];
    for ($i = 0; $i < 40; ++$i) {
        $start = hrtime(true);
        $curl($base . $path);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return $times[20];
};
$median('/api/empty');
$empty = $median('/api/empty');
printf("%-42s %9.1f ms\n", 'reference: empty route, signed in', $empty);
$failed = 0;
$released = json_decode($curl("{$base}/api/revisions/1"), true, 64, JSON_THROW_ON_ERROR)['released'];
$page = '/api/public' . substr((string) $released['address'], 2);
foreach (
    [
        '/api/kits',
        "/api/revisions/{$id}",
        "/api/revisions/{$id}/documents/parts",
        "/api/revisions/{$id}/documents/order",
        "/api/revisions/{$id}/boards",
        '/api/runs',
        '/api/orders',
        '/api/reports',
        '/api/stock',
        '/api/library',
        $page,
    ] as $path
) {
    $ms = $median($path);
    $failed += $ms > 2 * $empty ? 1 : 0;
    printf(
        "%-42s %9.1f ms  %6.2f x reference  target   2.00 x  %s\n",
        mb_strimwidth($path, 0, 42, '..'),
        $ms,
        $ms / $empty,
        $ms > 2 * $empty ? 'MISSED' : 'met',
    );
}
$manifest = json_decode(
    (string) file_get_contents(dirname(__DIR__, 2) . '/public/build/manifest.json'),
    true,
    64,
    JSON_THROW_ON_ERROR,
);
$load = static function (string $key) use (&$load, $manifest, &$seen): void {
    if (isset($seen[$key])) {
        return;
    }
    $seen[$key] = strlen(
        (string) gzencode(
            (string) file_get_contents(dirname(__DIR__, 2) . '/public/build/' . $manifest[$key]['file']),
            6,
        ),
    );
    array_map($load, $manifest[$key]['imports'] ?? []);
};
$seen = [];
$load('resources/js/app/main.tsx');
$load('resources/js/rooms/shelf/index.ts');
$kilobytes = array_sum($seen) / 1024;
$failed += $kilobytes > 250 ? 1 : 0;
printf(
    "%-42s %9.1f kB gzip  target 250 kB  %s\n",
    'first load of script on the Shelf',
    $kilobytes,
    $kilobytes > 250 ? 'MISSED' : 'met',
);
$seen = [];
$load('resources/js/builder/main.tsx');
$kilobytes = array_sum($seen) / 1024;
$failed += $kilobytes > 120 ? 1 : 0;
printf(
    "%-42s %9.1f kB gzip  target 120 kB  %s\n",
    "script of the builder's page",
    $kilobytes,
    $kilobytes > 120 ? 'MISSED' : 'met',
);
exit($failed > 0 ? 1 : 0);
