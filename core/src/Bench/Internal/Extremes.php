<?php

declare(strict_types=1);

namespace Chiralex\Bench\Internal;

use Chiralex\Bench\Expression;
use Chiralex\Bench\Interval;
use SplPriorityQueue;

/**
 * The least and the most a formula can be. A part whose partial derivative has one sign over the whole box stands at its end;
 * for the others the box is halved, and the bound is within 1e-4 of the value.
 */
final readonly class Extremes
{
    private const CLOSE = 1e-4;
    private const MOST_BOXES = 4000;
    /** Operations one end may cost; about half a second. Slopes of all parts cost three times a value. */
    private const MOST_WORK = 500_000;
    private const SLOPES = 3;

    private Tape $tape;

    public function __construct(Expression $expression)
    {
        $this->tape = Tape::of($expression);
    }

    /**
     * @param array<string, Interval> $box
     * @return array{Interval, bool, bool} the range, whether both ends are corners of the box, whether the search was cut short
     */
    public function of(array $box): array
    {
        [$high, $highAtCorner, $highCut] = $this->most($box, 1.0);
        [$low, $lowAtCorner, $lowCut] = $this->most($box, -1.0);

        return [new Interval(-$low, $high), $highAtCorner && $lowAtCorner, $highCut || $lowCut];
    }

    /**
     * The most of the formula times a sign.
     *
     * @param array<string, Interval> $box
     * @return array{float, bool, bool}
     */
    private function most(array $box, float $sign): array
    {
        $fixed = $this->fixed($box, $sign);
        if ($this->isPoint($fixed)) {
            return [$sign * $this->value($fixed), true, false];
        }
        /** @var SplPriorityQueue<float, array<string, Interval>> $queue */
        $queue = new SplPriorityQueue();
        $queue->setExtractFlags(SplPriorityQueue::EXTR_BOTH);
        $best = -INF;
        $queue->insert($fixed, $this->bound($fixed, $sign));
        // A box costs its value, and for each half the slopes that fix parts, two passes of them mostly, and those of its bound.
        $boxes = min(
            self::MOST_BOXES,
            intdiv(self::MOST_WORK, $this->tape->length() * (1 + 2 * (3 * self::SLOPES + 2))),
        );
        for ($i = 0; $i < $boxes && !$queue->isEmpty(); ++$i) {
            /** @var array{data: array<string, Interval>, priority: float} $top */
            $top = $queue->extract();
            $best = max($best, $sign * $this->value($top['data']));
            if ($top['priority'] - $best <= self::CLOSE * max(abs($best), 1e-30)) {
                return [$top['priority'], false, false];
            }
            foreach ($this->halves($top['data']) as $half) {
                $half = $this->fixed($half, $sign);
                $queue->insert($half, $this->bound($half, $sign));
            }
        }
        $rest = $queue->isEmpty() ? ['priority' => $best] : $queue->extract();

        return [
            is_array($rest) && is_float($rest['priority'] ?? null) ? max($best, $rest['priority']) : $best,
            false,
            !$queue->isEmpty(),
        ];
    }

    /**
     * Parts that move the formula one way only stand at the end of their tolerance; where that decides others, they follow.
     *
     * @param array<string, Interval> $box
     * @return array<string, Interval>
     */
    private function fixed(array $box, float $sign): array
    {
        do {
            $found = false;
            foreach ($this->tape->slopes($box) as $part => $partial) {
                $slope = $sign * $partial->sign();
                $in = $box[$part] ?? Interval::everything();
                if ($slope !== 0.0 && $in->width() > 0.0) {
                    $box[$part] = Interval::point($slope > 0.0 ? $in->high : $in->low);
                    $found = true;
                }
            }
        } while ($found && !$this->isPoint($box));

        return $box;
    }

    /** @param array<string, Interval> $box */
    private function isPoint(array $box): bool
    {
        foreach ($box as $in) {
            if ($in->width() > 0.0) {
                return false;
            }
        }

        return true;
    }

    /** @param array<string, Interval> $box */
    private function value(array $box): float
    {
        return $this->tape->evaluate(array_map(static fn(Interval $in): float => ($in->low + $in->high) / 2, $box));
    }

    /**
     * The lesser of two bounds: the formula on intervals, and the value in the middle with the slopes about it (mean value form),
     * which is close where boxes are small.
     *
     * @param array<string, Interval> $box
     */
    private function bound(array $box, float $sign): float
    {
        $range = $this->tape->enclose($box);
        $about = Interval::point($this->value($box));
        foreach ($this->tape->slopes($box) as $part => $partial) {
            $half = ($box[$part] ?? Interval::everything())->width() / 2;
            if ($half > 0.0) {
                $about = $about->plus($partial->times(new Interval(-$half, $half)));
            }
        }

        return $sign > 0.0 ? min($range->high, $about->high) : -max($range->low, $about->low);
    }

    /**
     * @param array<string, Interval> $box
     * @return list<array<string, Interval>>
     */
    private function halves(array $box): array
    {
        $widest = '';
        $width = -1.0;
        foreach ($box as $part => $in) {
            $relative = $in->width() / max(abs($in->low + $in->high) / 2, 1e-30);
            [$widest, $width] =
                $in->width() > 0.0 && $relative > $width ? [(string) $part, $relative] : [$widest, $width];
        }
        if ($widest === '') {
            return [];
        }
        $middle = ($box[$widest]->low + $box[$widest]->high) / 2;

        return [
            [$widest => new Interval($box[$widest]->low, $middle)] + $box,
            [$widest => new Interval($middle, $box[$widest]->high)] + $box,
        ];
    }
}
