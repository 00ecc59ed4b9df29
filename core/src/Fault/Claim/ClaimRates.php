<?php

declare(strict_types=1);

namespace Chiralex\Fault\Claim;

/** How often pieces are missing and how often they are only said to be; common practice, no source, until claims were settled. */
final readonly class ClaimRates
{
    /** Claims that the common practice is worth when settled ones teach. */
    private const WORTH = 40.0;

    /**
     * @param float $missed share of lines in which a hand misses a piece
     * @param float $weighed the same where the scale was sure
     * @param float $said share of whole lines that a builder says are short
     * @param float $asks chance that somebody whose piece is missing says so
     */
    private function __construct(
        public float $missed = 0.002,
        public float $weighed = 0.0001,
        public float $said = 0.003,
        public float $asks = 0.9,
    ) {}

    public static function usual(): self
    {
        return new self();
    }

    /**
     * Taught by claims that were settled: how many pieces were truly missing, how many turned up.
     *
     * @param int $missing settled claims of pieces that were not there
     * @param int $there settled claims of pieces that turned up
     */
    public function after(int $missing, int $there): self
    {
        $before = ($this->missed * $this->asks) / ($this->missed * $this->asks + $this->said);
        $now = (self::WORTH * $before + $missing) / (self::WORTH + $missing + $there);
        $factor = $now / (1.0 - $now) / ($before / (1.0 - $before));

        return new self($this->missed * $factor, $this->weighed * $factor, $this->said, $this->asks);
    }
}
