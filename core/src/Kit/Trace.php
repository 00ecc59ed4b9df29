<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What an oscilloscope shows at the points of a test; how often it repeats is what the test expects, in hertz. */
final readonly class Trace
{
    /**
     * @param float $low lowest voltage of the trace, volts
     * @param float $high highest
     * @param float $duty percent of the time that it is high, or rises
     */
    public function __construct(
        public Waveform $shape,
        public float $low,
        public float $high,
        public float $duty = 50.0,
    ) {}

    /** How high the trace stands at a share of its period, volts. */
    public function at(float $share): float
    {
        $share -= floor($share);
        $duty = min(1.0, max(0.0, $this->duty / 100.0));
        $up = match ($this->shape) {
            Waveform::Flat => 1.0,
            Waveform::Square => $share < $duty ? 1.0 : 0.0,
            Waveform::Sine => (1.0 + sin(2.0 * M_PI * $share)) / 2.0,
            Waveform::Saw => $share,
            Waveform::Triangle => match (true) {
                $share < $duty => $share / max(1e-9, $duty),
                default => (1.0 - $share) / max(1e-9, 1.0 - $duty),
            },
        };

        return $this->low + $up * ($this->high - $this->low);
    }
}
