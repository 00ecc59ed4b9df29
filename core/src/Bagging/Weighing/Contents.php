<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Weighing;

use Chiralex\Statistics\StudentT;

/** What a bag with some pieces of weighed lines shows on the scale. Lines are called by their row. */
final readonly class Contents
{
    /**
     * @param float $mean grams expected
     * @param float $variance of a reading, grams squared
     * @param float $weight sum of v^2 / (w - 1) over the lines: what is uncertain of the variance itself
     */
    private function __construct(public float $mean, private float $variance, private float $weight) {}

    public static function nothing(Scale $scale): self
    {
        return new self(0.0, $scale->variance(), 0.0);
    }

    /** With pieces of a line of which there are none yet. */
    public function with(LineMass $line, int $pieces): self
    {
        return $this->changed($line, 0, $pieces);
    }

    /** With another count of a line: its component is worked out anew. */
    public function changed(LineMass $line, int $from, int $to): self
    {
        [$old, $new] = [$line->varianceOf($from), $line->varianceOf($to)];

        return new self(
            $this->mean + ($to - $from) * $line->mean,
            $this->variance - $old + $new,
            max(0.0, $this->weight + ($new ** 2 - $old ** 2) / ($line->weighings - 1)),
        );
    }

    public function deviation(): float
    {
        return sqrt($this->variance);
    }

    /** Degrees of freedom by Welch and Satterthwaite (B. L. Welch, Biometrika 34 (1947) 28-35); INF where only the scale varies. */
    public function freedom(): float
    {
        return $this->weight < 1e-24 * $this->variance ** 2 ? INF : $this->variance ** 2 / $this->weight;
    }

    /** Within which right bags lie but for the alarm's share, rounded outward to the division. */
    public function window(Scale $scale): Window
    {
        $half = StudentT::quantile(1.0 - $scale->alarm / 2.0, $this->freedom()) * $this->deviation();

        return Window::around($this->mean - $half, $this->mean + $half, $scale->division);
    }

    /** The chance that a reading lies outside a window. */
    public function outside(Window $window): float
    {
        $deviation = $this->deviation();

        return StudentT::outside(
            ($window->low - $this->mean) / $deviation,
            ($window->high - $this->mean) / $deviation,
            $this->freedom(),
        );
    }
}
