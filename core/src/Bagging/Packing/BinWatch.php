<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

use Chiralex\Bagging\Internal\Plateau;
use Chiralex\Bagging\Weighing\Contents;
use Chiralex\Bagging\Weighing\CountByWeight;
use Chiralex\Bagging\Weighing\LineMass;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Statistics\StudentT;

/**
 * The bin stands on the scale, and what leaves it is counted by what it weighs. Only a difference between two stands of the scale
 * counts, never a reading by itself: what drifts over minutes does not matter, and what is not sure is counted by eye.
 *
 * The limits of time are common practice, no source.
 */
final readonly class BinWatch
{
    /** Seconds that a hand may be in the bin: what differs over a longer time may be drift. */
    public const WITHIN = 10.0;
    /** Seconds and divisions of a creep that nobody caused. */
    public const CREEP_SECONDS = 5.0;
    public const CREEP_DIVISIONS = 2.0;
    /** Seconds without a word after which the scale counts as off. */
    public const SILENCE = 3.0;
    /** Grams around nought at which nothing lies on a scale that was tared; no bin or bag weighs as little. */
    public const EMPTY = 0.25;
    /** Kits of one handful at most. */
    public const MOST = 50;
    /** Divisions of scales as they are sold, grams. */
    private const USUAL = [0.1, 0.01, 0.001, 0.0001];
    /** Kits whose pieces a hand may put back at once. */
    private const HANDFUL_BACK = 3;

    /**
     * @param int<1, max> $each pieces a kit takes
     * @param bool $isBin false for a bag in its cup, seen the other way round: it has no bin that could be lifted
     */
    public function __construct(
        private LineMass $line,
        private Scale $scale,
        private int $each,
        private bool $isBin = true,
    ) {}

    /** The largest number of kits whose pieces may be taken in one weighing; 0 where the scale cannot tell them. */
    public function handful(): int
    {
        return (new CountByWeight($this->line, $this->scale))->handful($this->each, self::MOST);
    }

    /** @return ?float the coarsest usual division, grams, of a scale that would tell the pieces of a kit; null where none does */
    public function wouldDo(): ?float
    {
        foreach (self::USUAL as $division) {
            $other = new self($this->line, new Scale($division, $division / 2), $this->each);
            if ($division < $this->scale->division && $other->handful() > 0) {
                return $division;
            }
        }

        return null;
    }

    /**
     * @param list<ScaleReading> $readings in the order of time
     * @param float $now seconds of the same clock
     * @param float $since steps up to this moment were spoken for by a verdict before
     * @param float $carried grams that those steps left open: what was taken and not told yet
     */
    public function verdict(array $readings, float $now, float $since = -INF, float $carried = 0.0): BinVerdict
    {
        $last = $readings[count($readings) - 1] ?? null;
        if ($last === null || $now - $last->at > self::SILENCE) {
            return new BinVerdict(BinState::Off, until: $since);
        }
        $stands = Plateau::believed($readings, $this->step());
        $present = $stands[count($stands) - 1] ?? null;
        if (!$last->isStable || $present === null || $present->until() < $last->at) {
            return new BinVerdict(BinState::Settling, $last->grams, $carried === 0.0 ? null : $carried, until: $since);
        }
        if ($present->creep(self::CREEP_SECONDS) > self::CREEP_DIVISIONS * $this->scale->division + 1e-9) {
            return new BinVerdict(BinState::Creeping, $last->grams, until: $since);
        }
        $change = $carried;
        for ($i = 1; $i < count($stands); ++$i) {
            if ($stands[$i]->from() <= $since) {
                continue;
            }
            $step = $stands[$i]->early() - $stands[$i - 1]->late();
            if ($stands[$i]->from() - $stands[$i - 1]->until() > self::WITHIN) {
                return $this->told(BinState::TooLong, $step, $present);
            }
            $change += $step;
        }

        return $this->changed($change, $present);
    }

    /**
     * The scale of a take: between one piece too few and one too many for the kits it is nearest to.
     *
     * @param float $taken grams that left the bin; 0 before anything did
     */
    public function needle(float $taken): Needle
    {
        $kits = max(1, min(self::MOST, (int) round($taken / ($this->each * $this->line->mean))));
        $pieces = $kits * $this->each;
        $half = $this->half($pieces);

        return new Needle(
            $kits,
            ($pieces - 1) * $this->line->mean,
            $pieces * $this->line->mean - $half,
            $pieces * $this->line->mean + $half,
            ($pieces + 1) * $this->line->mean,
        );
    }

    /** From which step on two neighbouring readings are two stands: half a piece, and what the scale itself does not show. */
    public function step(): float
    {
        return max($this->line->mean / 2, 2.0 * $this->scale->division, 4.0 * $this->scale->repeatability);
    }

    /** What it means that the bin is by so many grams heavier than when it was last spoken for. */
    private function changed(float $change, Plateau $present): BinVerdict
    {
        $pieces = $this->pieces($change);
        $kits = intdiv($pieces, $this->each);

        return match (true) {
            $pieces === 0 => $this->told(BinState::Ready, $change, $present),
            $change > 0.0 => $this->told(
                $pieces <= self::HANDFUL_BACK * $this->each && $this->isWhole($change, $pieces)
                    ? BinState::PutBack
                    : BinState::Refill,
                $change,
                $present,
            ),
            $pieces > 2 * self::MOST * $this->each, $this->isBin && $present->late() <= -$this->step() => $this->told(
                BinState::Lifted,
                $change,
                $present,
            ),
            $pieces % $this->each === 0 && $kits <= $this->handful() && $this->isWhole(-$change, $pieces)
                => $this->told(BinState::Took, $change, $present, $kits),
            // Nothing lies there any more, and it was not the last pieces: the bin itself is gone.
            $this->isBin &&
                $present->late() <= self::EMPTY &&
                ($kits > $this->handful() || !$this->isWhole(-$change, $pieces))
                => $this->told(BinState::Lifted, $change, $present),
            default => $this->told(BinState::Unclear, $change, $present),
        };
    }

    private function told(BinState $state, float $change, Plateau $present, int $kits = 0): BinVerdict
    {
        return new BinVerdict(
            $state,
            $present->late(),
            $state === BinState::Ready ? null : $change,
            $state === BinState::Ready ? 0 : $this->pieces($change),
            $kits,
            $present->until(),
        );
    }

    private function pieces(float $grams): int
    {
        return (int) round(abs($grams) / $this->line->mean);
    }

    /** True where the mass is that of so many pieces, as sure as a handful has to be. */
    private function isWhole(float $grams, int $pieces): bool
    {
        return abs($grams - $pieces * $this->line->mean) <= $this->half($pieces);
    }

    /** How far a take of so many pieces may be from what they weigh, grams. */
    private function half(int $pieces): float
    {
        $contents = Contents::nothing($this->scale)->with($this->line, $pieces);
        $quantile = StudentT::quantile(1.0 - (1.0 - CountByWeight::SURE_HANDFUL) / 2.0, $contents->freedom());

        return max($quantile * $contents->deviation(), $this->scale->division);
    }
}
