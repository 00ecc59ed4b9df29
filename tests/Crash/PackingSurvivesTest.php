<?php

declare(strict_types=1);

namespace Tests\Crash;

use CurlHandle;
use CURLStringFile;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/**
 * Server, worker and database are killed while a run is packed: nothing confirmed is lost, nothing is doubled.
 *
 * A key that got no answer is sent again under the same id, as the packing room does it.
 */
final class PackingSurvivesTest extends TestCase
{
    private const ROOT = __DIR__ . '/../..';
    private const KEYS = 24;
    /** What the run's resistor is known by in stock. */
    private const RESISTOR = 'r|10k|axial 1/4w|';

    private CurlHandle $curl;
    /** @var resource|null */
    private mixed $server = null;
    private string $url;
    private string $jar;

    protected function setUp(): void
    {
        $this->url = 'http://127.0.0.1:' . getenv('CHIRALEX_CRASH_PORT');
        $this->jar = (string) tempnam(sys_get_temp_dir(), 'jar');
        $this->curl = curl_init();
        $this->startServer();
        $this->call('GET', '/sign-in');
        $this->call('POST', '/api/sign-in', ['email' => 'maker@saltmarsh.example', 'password' => 'saltmarsh']);
    }

    protected function tearDown(): void
    {
        $this->stopServer();
        @unlink($this->jar);
    }

    public function test_killing_server_and_database_during_a_run_loses_and_doubles_nothing(): void
    {
        $run = $this->newRun(self::KEYS / 4);
        $before = $this->resistors();
        $confirmed = [];
        for ($key = 0; $key < self::KEYS; ++$key) {
            $operation = self::uuid();
            if (in_array($key, [12, 18], true)) {
                $this->killDatabase();
            }
            if (in_array($key, [6, 18], true)) {
                $this->killServer();
            }
            $turn = $this->call('GET', "/api/runs/{$run}")['turn'];
            self::assertIsArray($turn);
            // The answer to every third key is thrown away, as on a line that drops: the resend must not count twice.
            for ($send = 0; $send < ($key % 3 === 0 ? 2 : 1); ++$send) {
                $this->call('POST', "/api/runs/{$run}/events", [
                    'operationId' => $operation,
                    'action' => 'in',
                    'line' => $turn['line'],
                    'pack' => $turn['pack'],
                ]);
            }
            $confirmed[] = $operation;
        }
        $now = $this->call('GET', "/api/runs/{$run}");
        self::assertSame(str_repeat('i', self::KEYS / 4), $now['cells'][0]);
        self::assertSame(self::KEYS, $now['done']);
        self::assertSame(self::KEYS, count(array_unique($confirmed)));
        self::assertSame($now['cellsInAll'], $now['done'], 'the run of four lines is finished');
        self::assertSame(self::KEYS / 4, $now['packed'], 'every pack is in stock once');
        self::assertEqualsWithDelta($before - self::KEYS / 4, $this->resistors(), 1e-9, 'each key took one piece once');
    }

    public function test_two_packers_at_one_bin_take_what_both_of_them_took(): void
    {
        $runs = [$this->newRun(8), $this->newRun(8)];
        $this->call('POST', '/api/lots', [
            'operationId' => self::uuid(),
            'fingerprint' => self::RESISTOR,
            'lot' => bin2hex(random_bytes(4)),
            'quantity' => '10',
            'receivedOn' => '2026-11-10',
        ]);
        $before = $this->resistors();
        for ($pack = 0; $pack < 8; ++$pack) {
            self::assertSame([200, 200], $this->atOnce($runs, $pack), "pack {$pack}");
        }

        self::assertEqualsWithDelta($before - 16, $this->resistors(), 1e-9);
    }

    /**
     * The same key of both runs, sent before either is answered.
     *
     * @param list<int> $runs
     * @return list<int> what each was answered
     */
    private function atOnce(array $runs, int $pack): array
    {
        $all = curl_multi_init();
        $cookies = [];
        foreach ((array) curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $cookie) {
            $parts = explode("\t", is_string($cookie) ? $cookie : '');
            $cookies[] = ($parts[5] ?? '') . '=' . ($parts[6] ?? '');
        }
        $calls = [];
        foreach ($runs as $run) {
            $call = curl_init();
            curl_setopt_array($call, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_TIMEOUT => 30,
                CURLOPT_COOKIE => implode('; ', $cookies),
                CURLOPT_URL => "{$this->url}/api/runs/{$run}/events",
                CURLOPT_CUSTOMREQUEST => 'POST',
                CURLOPT_POSTFIELDS => (string) json_encode([
                    'operationId' => self::uuid(),
                    'action' => 'in',
                    'line' => 0,
                    'pack' => $pack,
                ]),
                CURLOPT_HTTPHEADER => [
                    'Accept: application/json',
                    'Content-Type: application/json',
                    'X-XSRF-TOKEN: ' . $this->formToken(),
                ],
            ]);
            curl_multi_add_handle($all, $call);
            $calls[] = $call;
        }
        do {
            curl_multi_exec($all, $open);
            curl_multi_select($all, 0.1);
        } while ($open > 0);

        return array_map(static fn(CurlHandle $call): int => (int) curl_getinfo($call, CURLINFO_RESPONSE_CODE), $calls);
    }

    /** Resistors on hand by the book, below nought where more were packed than came in. */
    private function resistors(): float
    {
        return (float) $this->call('GET', '/api/stock/part?fingerprint=' . rawurlencode(self::RESISTOR))['onHand'];
    }

    public function test_a_print_whose_worker_was_killed_is_made_by_the_next_one(): void
    {
        $run = $this->newRun(1);
        $export = $this->call('POST', '/api/exports', [
            'operationId' => self::uuid(),
            'kind' => 'kit-labels',
            'subject' => $run,
        ]);
        self::assertSame('queued', $export['status']);
        $worker = $this->process(
            ['php', 'artisan', 'queue:work', '--queue=first', '--sleep=1', '--tries=2'],
            ['QUEUE_RETRY_AFTER' => '2'],
        );
        $this->until(fn(): bool => $this->call('GET', "/api/exports/{$export['id']}")['status'] === 'running');
        $this->killTree($worker);
        sleep(3);
        $next = $this->process(
            ['php', 'artisan', 'queue:work', '--queue=first', '--sleep=1', '--tries=3', '--stop-when-empty'],
            ['QUEUE_RETRY_AFTER' => '2'],
        );
        $this->until(fn(): bool => $this->call('GET', "/api/exports/{$export['id']}")['status'] === 'done');
        $this->killTree($next);
        self::assertSame(100, $this->call('GET', "/api/exports/{$export['id']}")['progress']);
    }

    public function test_an_import_whose_worker_was_killed_becomes_one_kit_by_the_next_one(): void
    {
        $name = 'Killed ' . bin2hex(random_bytes(3));
        $list =
            "Ref,Value,Package\n" .
            implode('', array_map(static fn(int $i): string => "R{$i},10k,Axial 1/4W\n", range(1, 900)));
        $import = $this->import([
            'kit.json' => '{"format": 1, "code": "KI", "name": "' . $name . '", "revision": "A"}',
            'bom.csv' => $list,
        ]);
        $worker = $this->worker();
        $this->until(fn(): bool => $this->call('GET', "/api/imports/{$import}")['progress'] > 5, 5);
        $this->killTree($worker);
        self::assertSame('running', $this->call('GET', "/api/imports/{$import}")['status']);
        self::assertSame(
            0,
            $this->call('GET', '/api/kits?search=' . urlencode($name))['total'],
            'nothing half made is shown',
        );
        sleep(3);
        $this->worked($import);
        self::assertSame(1, $this->call('GET', '/api/kits?search=' . urlencode($name))['total']);
    }

    private function newRun(int $packs): int
    {
        $name = 'Crash ' . bin2hex(random_bytes(3));
        $kit = $this->worked(
            $this->import([
                'kit.json' =>
                    '{"format": 1, "code": "CR", "name": "' .
                    $name .
                    '", "revision": "' .
                    strtoupper(bin2hex(random_bytes(2))) .
                    '"}',
                'bom.csv' => "Ref,Value,Package\nR1,10k,Axial 1/4W\nC1,47u,6.3x11\nD1,1N4148,DO-35\n,spare M3x6,\n",
                'placements.csv' => "Ref,X,Y,Rotation,Side\nR1,10,10,0,top\nC1,30,10,0,top\nD1,10,20,0,top\n",
            ]),
        );
        $this->call(
            'POST',
            "/api/revisions/{$kit['revisionId']}/release",
            ['operationId' => self::uuid()],
            ['If-Match: "0"'],
        );
        foreach ($this->call('GET', '/api/runs')['releases'] as $release) {
            if ($release['kit'] === $name) {
                return (int) $this->call('POST', '/api/runs', [
                    'operationId' => self::uuid(),
                    'releaseId' => $release['id'],
                    'packs' => $packs,
                    'packSize' => 1,
                ])['id'];
            }
        }

        throw new RuntimeException('the kit was not released');
    }

    /** @return resource a worker that takes up after two seconds what another one dropped */
    private function worker()
    {
        return $this->process(
            ['php', 'artisan', 'queue:work', '--queue=first', '--sleep=1', '--tries=3'],
            ['QUEUE_RETRY_AFTER' => '2'],
        );
    }

    /** @return array<string, mixed> the import, once a worker has made a kit of it */
    private function worked(int $import): array
    {
        $worker = $this->worker();
        $this->until(fn(): bool => $this->call('GET', "/api/imports/{$import}")['status'] === 'done');
        $this->killTree($worker);

        return $this->call('GET', "/api/imports/{$import}");
    }

    private function startServer(): void
    {
        $this->server = $this->process(
            [
                'php',
                '-d',
                'opcache.enable_cli=1',
                '-S',
                substr($this->url, 7),
                '-t',
                'public',
                'tests/Browser/router.php',
            ],
            ['PHP_CLI_SERVER_WORKERS' => '3'],
        );
        $this->until(function (): bool {
            [$status] = $this->asked('GET', '/health', null, []);

            return $status === 200;
        });
    }

    private function killServer(): void
    {
        $this->stopServer();
        $this->startServer();
    }

    private function stopServer(): void
    {
        if (is_resource($this->server)) {
            $this->killTree($this->server);
        }
        $this->server = null;
    }

    /** Kills every process of the test cluster at once and starts it again; it recovers from its log. */
    private function killDatabase(): void
    {
        $pid = (int) trim(
            (string) shell_exec(
                'pgrep -f ' . escapeshellarg('postgres.* -p ' . getenv('DB_PORT') . '$') . ' | head -1',
            ),
        );
        self::assertGreaterThan(1, $pid, 'the test database runs');
        shell_exec("pkill -9 -P {$pid}");
        posix_kill($pid, SIGKILL);
        $this->until(static function (): bool {
            exec(escapeshellarg(self::ROOT . '/bin/pg') . ' start test 2>&1', $output, $code);

            return $code === 0;
        });
    }

    /**
     * @param array<string, mixed>|null $body
     * @param list<string> $headers
     * @return array<string, mixed> sent again until the server gives an answer
     */
    private function call(string $verb, string $path, ?array $body = null, array $headers = []): array
    {
        $answer = [];
        $this->until(function () use ($verb, $path, $body, $headers, &$answer): bool {
            [$status, $text] = $this->asked($verb, $path, $body === null ? null : (string) json_encode($body), [
                'Content-Type: application/json',
                ...$headers,
            ]);
            $answer = json_decode($text, true);
            self::assertFalse($status >= 400 && $status < 500, "{$verb} {$path}: {$text}");

            return $status >= 200 && $status < 300;
        });

        return is_array($answer) ? $answer : [];
    }

    /**
     * @param array<string, string> $files
     * @return int the import handed in
     */
    private function import(array $files): int
    {
        $fields = ['operationId' => self::uuid()];
        foreach (array_keys($files) as $index => $name) {
            $fields["files[{$index}]"] = new CURLStringFile($files[$name], $name, 'text/plain');
        }
        [$status, $text] = $this->asked('POST', '/api/imports', $fields, []);
        self::assertSame(202, $status, $text);
        $answer = json_decode($text, true);

        return is_array($answer) && is_int($answer['id'] ?? null) ? $answer['id'] : 0;
    }

    /**
     * @param string|array<string, string|CURLStringFile>|null $body
     * @param list<string> $headers
     * @return array{int, string} 0 without an answer
     */
    private function asked(string $verb, string $path, string|array|null $body, array $headers): array
    {
        curl_setopt_array($this->curl, [
            CURLOPT_URL => $this->url . $path,
            CURLOPT_CUSTOMREQUEST => $verb,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_TIMEOUT => 30,
            CURLOPT_COOKIEFILE => $this->jar,
            CURLOPT_COOKIEJAR => $this->jar,
            CURLOPT_HTTPHEADER => ['Accept: application/json', 'X-XSRF-TOKEN: ' . $this->formToken(), ...$headers],
        ]);
        curl_setopt($this->curl, CURLOPT_POSTFIELDS, $body ?? '');
        $text = curl_exec($this->curl);
        $status = curl_getinfo($this->curl, CURLINFO_RESPONSE_CODE);

        return [is_int($status) && $text !== false ? $status : 0, is_string($text) ? $text : ''];
    }

    private function formToken(): string
    {
        foreach ((array) curl_getinfo($this->curl, CURLINFO_COOKIELIST) as $cookie) {
            $parts = explode("\t", is_string($cookie) ? $cookie : '');
            if (($parts[5] ?? '') === 'XSRF-TOKEN') {
                return urldecode($parts[6] ?? '');
            }
        }

        return '';
    }

    /**
     * @param non-empty-list<string> $command
     * @param array<string, string> $environment
     * @return resource
     */
    private function process(array $command, array $environment)
    {
        $log = self::ROOT . '/var/crash-test.log';
        $process = proc_open(
            ['setsid', ...$command],
            [['file', '/dev/null', 'r'], ['file', $log, 'a'], ['file', $log, 'a']],
            $pipes,
            self::ROOT,
            $environment + getenv(),
        );

        return is_resource($process) ? $process : throw new RuntimeException('no process could be started');
    }

    /** @param resource $process */
    private function killTree($process): void
    {
        $pid = proc_get_status($process)['pid'];
        posix_kill(-$pid, SIGKILL);
        proc_close($process);
    }

    /** @param callable(): bool $reached */
    private function until(callable $reached, int $milliseconds = 100): void
    {
        for ($i = 0; $i < 60_000; $i += $milliseconds) {
            if ($reached()) {
                return;
            }
            usleep($milliseconds * 1000);
        }
        self::fail('it did not happen within a minute');
    }

    private static function uuid(): string
    {
        return \Ramsey\Uuid\Uuid::uuid4()->toString();
    }
}
