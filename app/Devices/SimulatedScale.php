<?php

declare(strict_types=1);

namespace App\Devices;

use Chiralex\Bagging\Packing\ScalePattern;

/**
 * A scale that ships: a process of its own (`chiralex:scale`) that speaks lines over loopback TCP, `12.300 ST,+  120.01 g` with its
 * seconds before it, and a full stop after the last.
 */
final readonly class SimulatedScale implements BenchScale
{
    private const WAIT = 0.5;
    private const LINES = 400;

    public function __construct(private int $port) {}

    public function readings(): array
    {
        $pattern = new ScalePattern('g', 'ST,');
        $readings = [];
        foreach ($this->ask('READ') as $line) {
            [$at, $said] = explode(' ', $line, 2) + ['', ''];
            $reading = is_numeric($at) ? $pattern->read($said, (float) $at) : null;
            if ($reading !== null) {
                $readings[] = $reading;
            }
        }

        return $readings;
    }

    public function now(): float
    {
        return microtime(true);
    }

    /** Plays with what stands on it; see `chiralex:scale`. */
    public function play(string $deed, float $grams): bool
    {
        return $this->ask(sprintf('%s %.4F', strtoupper($deed), $grams)) !== [];
    }

    /** @return list<string> lines of its answer; none where nobody answers */
    private function ask(string $command): array
    {
        $line = @stream_socket_client("tcp://127.0.0.1:{$this->port}", $code, $fault, self::WAIT);
        if ($line === false) {
            return [];
        }
        stream_set_timeout($line, 0, (int) (self::WAIT * 1_000_000));
        fwrite($line, "{$command}\n");
        $said = [];
        while (count($said) < self::LINES && ($each = fgets($line, 200)) !== false && trim($each) !== '.') {
            $said[] = trim($each);
        }
        fclose($line);

        return $said;
    }
}
