<?php

declare(strict_types=1);

// Every list and every key of a full shop beside the same of a small one: at most three times as long, at most 150 kB.
[, $small, $full] = $argv;

/** One signed-in browser. */
final class Visitor
{
    private string $jar;

    public function __construct(private readonly string $base)
    {
        $this->jar = (string) tempnam(sys_get_temp_dir(), 'jar');
        $this->ask('GET', '/');
        $this->ask('POST', '/api/sign-in', ['email' => 'maker@saltmarsh.example', 'password' => 'saltmarsh']);
    }

    /** @return array{ms: float, bytes: int, body: mixed} */
    public function ask(string $method, string $path, ?array $body = null): array
    {
        preg_match('~XSRF-TOKEN\s+(\S+)~', (string) file_get_contents($this->jar), $token);
        $handle = curl_init($this->base . $path);
        curl_setopt_array(
            $handle,
            [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_COOKIEJAR => $this->jar,
                CURLOPT_COOKIEFILE => $this->jar,
                CURLOPT_CUSTOMREQUEST => $method,
                CURLOPT_HTTPHEADER => [
                    'Accept: application/json',
                    'Content-Type: application/json',
                    'X-XSRF-TOKEN: ' . rawurldecode($token[1] ?? ''),
                ],
            ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => json_encode($body, JSON_THROW_ON_ERROR)]),
        );
        $start = hrtime(true);
        $answer = (string) curl_exec($handle);
        $ms = (hrtime(true) - $start) / 1e6;
        $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        curl_close($handle);
        if ($status >= 400 || $status === 0) {
            fwrite(STDERR, "{$method} {$this->base}{$path} answered {$status}: " . substr($answer, 0, 300) . "\n");
            exit(1);
        }

        return ['ms' => $ms, 'bytes' => strlen($answer), 'body' => json_decode($answer, true)];
    }

    /** @return array{ms: float, bytes: int} the median of several, after one that warms up */
    public function median(callable $asked, int $rounds = 25): array
    {
        $asked();
        $times = [];
        $bytes = 0;
        for ($i = 0; $i < $rounds; ++$i) {
            $answer = $asked();
            $times[] = $answer['ms'];
            $bytes = max($bytes, $answer['bytes']);
        }
        sort($times);

        return ['ms' => $times[intdiv($rounds, 2)], 'bytes' => $bytes];
    }
}

$uuid = static fn(): string => vsprintf(
    '%s%s-%s-4%s-8%s-%s%s%s',
    array_map(static fn(int $length): string => substr(bin2hex(random_bytes(2)), 0, $length), [4, 4, 4, 3, 3, 4, 4, 4]),
);
$shops = ['small' => new Visitor($small), 'full' => new Visitor($full)];
$first = static function (Visitor $shop): array {
    $run = $shop->ask('GET', '/api/runs')['body']['runs'][0]['id'];
    $kit = $shop->ask('GET', '/api/kits?search=Frost')['body']['kits'][0];
    $report = $shop->ask('GET', '/api/reports?shown=all')['body']['reports'][0]['id'];

    return ['run' => $run, 'revision' => $kit['revisionId'], 'report' => $report];
};
$ids = array_map($first, $shops);
$reads = [
    'the Shelf' => static fn(array $id): string => '/api/kits',
    'the Shelf, last page' => static fn(array $id): string => '/api/kits?page=4',
    'the Shelf, searched' => static fn(array $id): string => '/api/kits?search=bell',
    'the Library' => static fn(array $id): string => '/api/library',
    'the Library, searched' => static fn(array $id): string => '/api/library?search=10k',
    'the Library by use' => static fn(array $id): string => '/api/library?sort=-used',
    'packing runs' => static fn(array $id): string => '/api/runs',
    'one run' => static fn(array $id): string => "/api/runs/{$id['run']}",
    'its serial numbers' => static fn(array $id): string => "/api/runs/{$id['run']}/serials",
    'stock' => static fn(array $id): string => '/api/stock',
    'parts on hand' => static fn(array $id): string => '/api/stock/parts?rows=100',
    'parts on hand, searched' => static fn(array $id): string => '/api/stock/parts?search=470',
    'moves' => static fn(array $id): string => '/api/moves',
    'moves, page 200' => static fn(array $id): string => '/api/moves?page=200',
    'orders' => static fn(array $id): string => '/api/orders',
    'orders by customer' => static fn(array $id): string => '/api/orders?sort=customer',
    'open reports' => static fn(array $id): string => '/api/reports',
    'all reports' => static fn(array $id): string => '/api/reports?shown=all',
    'reports, page 50' => static fn(array $id): string => '/api/reports?shown=all&page=50',
    'one report' => static fn(array $id): string => "/api/reports/{$id['report']}",
    'the head of a kit' => static fn(array $id): string => "/api/revisions/{$id['revision']}",
    'faults of a kit' => static fn(array $id): string => "/api/revisions/{$id['revision']}/faults",
];
$failed = 0;
$tell = static function (string $what, array $small, array $full, float $most = 3.0) use (&$failed): void {
    $missed = $full['ms'] > $most * $small['ms'] || $full['bytes'] > 150_000;
    $failed += $missed ? 1 : 0;
    printf(
        "%-26s small %7.1f ms  full %7.1f ms  %5.2f x  %7.1f kB  target %.0f x, 150 kB  %s\n",
        $what,
        $small['ms'],
        $full['ms'],
        $full['ms'] / $small['ms'],
        $full['bytes'] / 1000,
        $most,
        $missed ? 'MISSED' : 'met',
    );
};
foreach ($shops as $shop) {
    $shop->median(static fn(): array => $shop->ask('GET', '/api/empty'), 60);
}
$empty = array_map(
    static fn(Visitor $shop): array => $shop->median(static fn(): array => $shop->ask('GET', '/api/empty'), 60),
    $shops,
);
$tell('reference: empty route', $empty['small'], $empty['full']);
$counted = 0.0;
foreach ($reads as $what => $path) {
    [$a, $b] = array_map(
        static fn(string $name): array => $shops[$name]->median(
            static fn(): array => $shops[$name]->ask('GET', $path($ids[$name])),
        ),
        ['small', 'full'],
    );
    $tell($what, $a, $b);
    $counted = $what === 'parts on hand' ? $b['ms'] : $counted;
}
printf("%-26s %.1f ms  target 100 ms  %s\n", 'stock of 1,000,000 moves', $counted, $counted > 100 ? 'MISSED' : 'met');
$failed += $counted > 100 ? 1 : 0;
// Keys of a packer: a run of 50 kits begun in both shops, each key another bag.
$keys = [];
foreach ($shops as $name => $shop) {
    $release = array_values(
        array_filter(
            $shop->ask('GET', '/api/runs')['body']['releases'],
            static fn(array $each): bool => $each['kit'] === 'Frost Bell',
        ),
    )[0]['id'];
    $run = $shop->ask('POST', '/api/runs', [
        'operationId' => $uuid(),
        'releaseId' => $release,
        'packs' => 50,
        'packSize' => 1,
    ])['body'];
    $turn = $run['turn'];
    $keys[$name] = $shop->median(static function () use ($shop, $run, &$turn, $uuid): array {
        $answer = $shop->ask('POST', "/api/runs/{$run['id']}/events", [
            'operationId' => $uuid(),
            'action' => 'in',
            'line' => $turn['line'],
            'pack' => $turn['pack'],
        ]);
        $turn = $answer['body']['turn'];

        return $answer;
    }, 40);
}
$tell('a key of the packer', $keys['small'], $keys['full']);
printf("%-26s %.2f x the empty route\n", 'a key in the full shop', $keys['full']['ms'] / $empty['full']['ms']);
exit($failed > 0 ? 1 : 0);
