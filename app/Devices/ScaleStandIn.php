<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * What the simulated scale weighs and how it errs: noise, drift, static on demand, a hand that swings the pan. Grams, seconds.
 */
final class ScaleStandIn
{
    private const DIVISION = 0.01;
    private const NOISE = 0.004;
    /** How long the pan swings after a hand was in it. */
    private const SWING = 0.7;
    private const KEPT = 20.0;
    /** It follows the warmth of the room by so many grams, to and fro in so many seconds. */
    private const WARMTH = 0.05;
    private const PERIOD = 1200.0;

    private float $load = 120.0;
    private float $tare = 0.0;
    private float $drift = 0.0;
    private float $creep = 0.0;
    private float $swingsUntil = 0.0;
    private bool $isOn = true;
    /** @var list<array{float, string}> */
    private array $lines = [];

    public function tick(float $now, float $passed): void
    {
        $this->drift += $this->creep * $passed;
        if (!$this->isOn) {
            return;
        }
        $swings = $now < $this->swingsUntil;
        $grams =
            $this->load -
            $this->tare +
            $this->drift +
            self::WARMTH * sin((2 * M_PI * $now) / self::PERIOD) +
            self::NOISE * self::normal() +
            ($swings ? 3.0 * self::normal() : 0.0);
        $shown = round($grams / self::DIVISION) * self::DIVISION;
        $this->lines[] = [$now, sprintf('%s,%s%9.2f g', $swings ? 'US' : 'ST', $shown < 0 ? '-' : '+', abs($shown))];
        $this->lines = array_values(
            array_filter($this->lines, static fn(array $line): bool => $line[0] > $now - self::KEPT),
        );
    }

    /**
     * Does what a line says.
     *
     * @return list<string> its answer
     */
    public function hear(string $line, float $now): array
    {
        [$deed, $of] = explode(' ', trim($line), 2) + ['', ''];
        $grams = max(-100_000.0, min(100_000.0, (float) $of));
        if ($deed === 'READ') {
            return array_map(static fn(array $each): string => sprintf('%.3f %s', $each[0], $each[1]), $this->lines);
        }
        match ($deed) {
            'TAKE' => ($this->load = max(0.0, $this->load - $grams)),
            'PUT' => ($this->load += $grams),
            'BIN' => ($this->load = max(0.0, $grams)),
            'TARE' => ($this->tare = $this->load),
            'STATIC' => ($this->creep = $grams),
            'OFF' => ($this->isOn = false),
            'ON' => ($this->isOn = true),
            default => null,
        };
        if (in_array($deed, ['TAKE', 'PUT', 'BIN'], true)) {
            $this->swingsUntil = $now + self::SWING;
        }

        return ['OK'];
    }

    private static function normal(): float
    {
        return sqrt(-2 * log(mt_rand(1, 1_000_000) / 1_000_000)) * cos(2 * M_PI * (mt_rand() / mt_getrandmax()));
    }
}
