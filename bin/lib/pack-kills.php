<?php

declare(strict_types=1);

// A packer who never waits: presses keys, sends those that wait, and sends again what was not confirmed. Called by bin/lib/pack-kills.sh.
// press URL MAIL FILE: a run of thirty kits, thirty lines of it; FILE tells the run and the keys that were confirmed.
// count URL MAIL FILE...: whether each run has just those keys.

const KEYS = 900;
const AT_ONCE = 6;
const GIVES_UP = 240;

/** One signed-in browser that takes a cut line for what it is. */
final class Line
{
    private string $jar;

    public function __construct(private readonly string $base, private readonly string $mail)
    {
        $this->jar = (string) tempnam(sys_get_temp_dir(), 'jar');
        $this->signIn();
    }

    /** @return ?array<string, mixed> null where no answer came, or none that counts */
    public function ask(string $method, string $path, ?array $body = null): ?array
    {
        [$status, $answer] = $this->sent($method, $path, $body);
        if (in_array($status, [401, 419], true)) {
            $this->signIn();
        }

        return $status >= 200 && $status < 300 ? (array) json_decode($answer, true) : null;
    }

    public function surely(string $method, string $path, ?array $body = null): array
    {
        for ($from = time(); time() - $from < GIVES_UP; usleep(200_000)) {
            $answer = $this->ask($method, $path, $body);
            if ($answer !== null) {
                return $answer;
            }
        }
        fwrite(STDERR, "{$method} {$path}: no answer for too long\n");
        exit(1);
    }

    private function signIn(): void
    {
        $said = ['email' => $this->mail, 'password' => 'saltmarsh'];
        for ($i = 0; $i < 100; ++$i) {
            file_put_contents($this->jar, '');
            $this->sent('GET', '/', null);
            if ($this->sent('POST', '/api/sign-in', $said)[0] === 200) {
                return;
            }
            usleep(300_000);
        }
    }

    /** @return array{int, string} status, 0 where nobody answered, and what was said */
    private function sent(string $method, string $path, ?array $body): array
    {
        preg_match('~XSRF-TOKEN\s+(\S+)~', (string) file_get_contents($this->jar), $token);
        $handle = curl_init($this->base . $path);
        curl_setopt_array(
            $handle,
            [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_TIMEOUT => 10,
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
        $answer = curl_exec($handle);
        $status = curl_getinfo($handle, CURLINFO_RESPONSE_CODE);
        curl_close($handle);

        return [$status, (string) $answer];
    }
}

function uuid(): string
{
    $bytes = random_bytes(16);
    $bytes[6] = chr((ord($bytes[6]) & 0x0f) | 0x40);
    $bytes[8] = chr((ord($bytes[8]) & 0x3f) | 0x80);

    return vsprintf('%s%s-%s-%s-%s-%s%s%s', str_split(bin2hex($bytes), 4));
}

[, $what, $base, $mail] = $argv;
$line = new Line($base, $mail);
if ($what === 'press') {
    $releases = $line->surely('GET', '/api/runs')['releases'];
    $run = $line->surely('POST', '/api/runs', [
        'operationId' => uuid(),
        'releaseId' => $releases[0]['id'],
        'packs' => 30,
        'packSize' => 1,
    ]);
    $keys = [];
    for ($i = 0; $i < KEYS; ++$i) {
        $keys[] = [
            'operationId' => uuid(),
            'action' => 'in',
            'line' => intdiv($i, 30),
            'pack' => $i % 30,
            'after' => $i,
        ];
    }
    $waiting = $keys;
    $began = microtime(true);
    while ($waiting !== []) {
        $answer = $line->surely('POST', "/api/runs/{$run['id']}/keys", ['keys' => array_slice($waiting, 0, AT_ONCE)]);
        if ($answer['refused'] !== null) {
            fwrite(STDERR, "run {$run['id']}: refused, {$answer['refused']}\n");
            exit(1);
        }
        $waiting = array_slice($waiting, $answer['taken']);
        usleep(150_000);
    }
    printf("run %d: the last key after %.0f s\n", $run['id'], microtime(true) - $began);
    file_put_contents($argv[4], json_encode(['run' => $run['id']], JSON_THROW_ON_ERROR));
    exit(0);
}
$failed = false;
foreach (array_slice($argv, 4) as $file) {
    $id = json_decode((string) file_get_contents($file), true, 8, JSON_THROW_ON_ERROR)['run'];
    $run = $line->surely('GET', "/api/runs/{$id}");
    $isRight = $run['done'] === KEYS && $run['sequence'] === KEYS;
    printf("run %d: %d keys confirmed, %d in the book, %d bags of lines\n", $id, KEYS, $run['sequence'], $run['done']);
    $failed = $failed || !$isRight;
}
exit($failed ? 1 : 0);
