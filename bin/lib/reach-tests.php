<?php

declare(strict_types=1);

// What is seen through the proxy and at both servers; called by bin/lib/reach-tests.sh.

[, $public, $one, $two, $cert] = $argv;

/** A browser: its cookies, and the loopback address that it comes from. */
final class Visitor
{
    /** @var array<string, string> */
    public array $cookies = [];
    public string $setCookie = '';

    public function __construct(private string $from, private string $cert) {}

    /**
     * @param array<string, mixed>|null $body
     * @param list<string> $more headers
     * @return array{int, string}
     */
    public function ask(string $verb, string $url, ?array $body = null, array $more = [], ?string $file = null): array
    {
        $parts = parse_url($url);
        $headers = ['Accept: application/json', ...$more];
        if ($this->cookies !== []) {
            $headers[] =
                'Cookie: ' .
                implode('; ', array_map(static fn($k, $v) => "{$k}={$v}", array_keys($this->cookies), $this->cookies));
        }
        if (isset($this->cookies['XSRF-TOKEN'])) {
            $headers[] = 'X-XSRF-TOKEN: ' . urldecode($this->cookies['XSRF-TOKEN']);
        }
        $c = curl_init($url);
        curl_setopt_array($c, [
            CURLOPT_CUSTOMREQUEST => $verb,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_INTERFACE => $this->from,
            CURLOPT_RESOLVE => ["kits.example:{$parts['port']}:127.0.0.1"],
            CURLOPT_CAINFO => $this->cert,
            CURLOPT_TIMEOUT => 40,
            CURLOPT_HEADERFUNCTION => function ($c, string $line): int {
                if (preg_match('~^set-cookie: ([^=]+)=([^;]*)(.*)~i', trim($line), $m) === 1) {
                    $this->cookies[$m[1]] = $m[2];
                    $this->setCookie = $m[3];
                }

                return strlen($line);
            },
        ]);
        if ($file !== null) {
            curl_setopt($c, CURLOPT_POSTFIELDS, [
                'operationId' => uuid(),
                'files[0]' => new CURLFile($file, 'text/csv', 'reach.csv'),
            ]);
        } elseif ($body !== null) {
            curl_setopt($c, CURLOPT_POSTFIELDS, json_encode($body));
            $headers[] = 'Content-Type: application/json';
        }
        curl_setopt($c, CURLOPT_HTTPHEADER, $headers);
        $answer = curl_exec($c);
        if ($answer === false) {
            return [0, curl_error($c)];
        }

        return [(int) curl_getinfo($c, CURLINFO_RESPONSE_CODE), (string) $answer];
    }
}

function uuid(): string
{
    return sprintf(
        '%s-%s-4%s-8%s-%s',
        ...array_map(static fn(int $n): string => substr(bin2hex(random_bytes(8)), 0, $n), [8, 4, 3, 3, 12]),
    );
}
$failed = 0;
$tell = static function (string $what, bool $holds, string $more = '') use (&$failed): void {
    printf("%-72s %s\n", $what, $holds ? 'holds' : 'DOES NOT HOLD ' . substr(strtr($more, "\n", ' '), 0, 200));
    $failed += $holds ? 0 : 1;
};
$visitor = static fn(string $from): Visitor => new Visitor($from, $cert);

$anna = $visitor('127.0.0.2');
[$status, $page] = $anna->ask('GET', "{$public}/sign-in", null, ['Accept: text/html']);
$tell('the page comes through the proxy', $status === 200, $page);
preg_match('~(?:src|href)="([^"]*/build/[^"]+\.js)"~', $page, $asset);
$address = $asset[1] ?? '';
$tell(
    'its script has the public address or none',
    str_starts_with($address, $public) || str_starts_with($address, '/'),
    $address,
);
[$status] = $anna->ask('GET', str_starts_with($address, '/') ? $public . $address : $address);
$tell('and loads', $status === 200, (string) $status);
$tell('cookies are Secure', stripos($anna->setCookie, 'secure') !== false, $anna->setCookie);
[$status, $said] = $anna->ask('POST', "{$public}/api/sign-in", [
    'email' => 'maker@saltmarsh.example',
    'password' => 'saltmarsh',
]);
$tell('demo accounts are refused through the proxy', $status === 403, "{$status} {$said}");
$local = $visitor('127.0.0.1');
$local->ask('GET', "{$one}/sign-in");
[$status, $said] = $local->ask('POST', "{$one}/api/sign-in", [
    'email' => 'maker@saltmarsh.example',
    'password' => 'saltmarsh',
]);
$tell('and on this machine, once the shop has a public address', $status === 403, "{$status} {$said}");
[$status] = $visitor('127.0.0.2')->ask('GET', "{$one}/sign-in", null, ['Host: evil.example']);
$tell('a name that is not ours is refused', $status === 400, (string) $status);

$bad = ['email' => 'owner@saltmarsh.example', 'password' => 'wrong'];
$thief = $visitor('127.0.0.3');
$thief->ask('GET', "{$public}/sign-in");
for ($i = 0; $i < 6; ++$i) {
    [$status, $said] = $thief->ask('POST', "{$public}/api/sign-in", $bad, ["X-Forwarded-For: 198.51.100.{$i}"]);
}
$tell('a wrong password is refused', $status === 422, "{$status} {$said}");
[$status, $said] = $thief->ask('POST', "{$public}/api/sign-in", $bad, ['X-Forwarded-For: 198.51.100.77']);
$tell('too many are slowed down, whatever address they claim', $status === 429, "{$status} {$said}");
$owner = $visitor('127.0.0.4');
$owner->ask('GET', "{$public}/sign-in");
[$status, $said] = $owner->ask('POST', "{$public}/api/sign-in", [
    'email' => 'owner@saltmarsh.example',
    'password' => 'a word of my own',
]);
$tell('another address is not slowed down by that', $status === 200, "{$status} {$said}");

$file = tempnam(sys_get_temp_dir(), 'reach');
file_put_contents(
    $file,
    "Ref,Value,Package\nR1,10k,Axial 1/4W\nR2,47k,Axial 1/4W\n" . str_repeat('# ' . str_repeat('x', 96) . "\n", 20),
);
[$status, $said] = $owner->ask('POST', "{$public}/api/imports", null, [], $file);
$tell('a file comes through', $status === 202 || $status === 200 || $status === 201, "{$status} {$said}");
$import = json_decode($said, true);
for ($i = 0; $i < 100 && in_array($import['status'] ?? '', ['queued', 'running'], true); ++$i) {
    usleep(200_000);
    $import = json_decode($owner->ask('GET', "{$two}/api/imports/{$import['id']}")[1], true);
}
$tell('a worker took it, and the other server tells', ($import['status'] ?? '') === 'done', json_encode($import) ?: '');
file_put_contents($file, str_repeat('x', 43_000_000));
[$status, $said] = $owner->ask('POST', "{$public}/api/imports", null, [], $file);
$tell(
    'what is too large is refused in words',
    $status === 413 && json_decode($said, true) !== null,
    "{$status} {$said}",
);
unlink($file);

$revision = (int) ($import['revisionId'] ?? 0);
$edit = [
    'operationId' => uuid(),
    'changes' => [['type' => 'line', 'target' => 'R1', 'field' => 'note', 'value' => 'seen at both']],
];
[$status, $said] = $owner->ask('POST', "{$one}/api/revisions/{$revision}/edits", $edit, ['If-Match: "0"']);
$tell('an edit at one server', $status === 200, "{$status} {$said}");
[$status, $said] = $owner->ask('GET', "{$two}/api/revisions/{$revision}");
$tell(
    'is seen at the other at once, by the same session',
    $status === 200 && (json_decode($said, true)['sequence'] ?? 0) === 1,
    "{$status} {$said}",
);
[$status, $said] = $owner->ask('POST', "{$two}/api/revisions/{$revision}/edits", ['operationId' => uuid()] + $edit, [
    'If-Match: "0"',
]);
$tell('whoever has not seen it is told, at the other server', $status === 409, "{$status} {$said}");

$release = json_decode($owner->ask('GET', "{$one}/api/runs")[1], true)['releases'][0] ?? [];
$order = ['operationId' => uuid(), 'releaseId' => $release['id'] ?? 0, 'packs' => 3, 'packSize' => 1];
[$status, $said] = $owner->ask('POST', "{$one}/api/runs", $order);
$run = json_decode($said, true)['id'] ?? 0;
$tell('a packing run begins at one server', $status === 201, "{$status} {$said}");
$key = static fn(int $pack): array => ['operationId' => uuid(), 'action' => 'in', 'line' => 0, 'pack' => $pack];
[$status, $said] = $owner->ask('POST', "{$two}/api/runs/{$run}/events", $key(0));
$tell('goes on at the other', $status === 200, "{$status} {$said}");
[$status, $said] = $owner->ask('POST', "{$one}/api/runs/{$run}/events", $key(1));
$tell('and again at the first', $status === 200, "{$status} {$said}");
$db = new PDO('pgsql:' . getenv('REACH_DB') . ' password=' . getenv('PGPASSWORD'));
$packed = (int) $db->query("select count(*) from run_events where run_id = {$run}")->fetchColumn();
$tell('nothing of it lost, nothing doubled', $packed === 2, (string) $packed);
$old = (int) $db->query('select revision_id from releases order by id limit 1')->fetchColumn();

$operation = uuid();
$ask = ['operationId' => $operation, 'kind' => 'tick-list', 'subject' => $old, 'paper' => 'A4'];
$first = json_decode($owner->ask('POST', "{$one}/api/exports", $ask)[1], true);
$again = json_decode($owner->ask('POST', "{$two}/api/exports", $ask)[1], true);
$tell(
    'a print asked for at both is one',
    isset($first['id']) && $first['id'] === ($again['id'] ?? null),
    json_encode([$first, $again]) ?: '',
);
for ($i = 0; $i < 150 && !in_array($again['status'] ?? '', ['done', 'failed'], true); ++$i) {
    usleep(200_000);
    $again = json_decode($owner->ask('GET', "{$two}/api/exports/{$first['id']}")[1], true);
}
$tell('and is made', ($again['status'] ?? '') === 'done', json_encode($again) ?: '');
[$status, $bytes] = $owner->ask('GET', "{$two}/api/exports/{$first['id']}/file");
$tell('its file opens at the other server', $status === 200 && str_starts_with($bytes, '%PDF'), (string) $status);
$from = $db->query("select count(*) from audit where address = '127.0.0.4'")->fetchColumn();
$tell('the audit has the real address of who came through the proxy', (int) $from > 0, (string) $from);
$workers = (int) $db
    ->query("select count(*) from heartbeats where name like 'worker%' and at > now() - interval '60 seconds'")
    ->fetchColumn();
$tell('workers are at it', $workers === 2, (string) $workers);
exit($failed > 0 ? 1 : 0);
