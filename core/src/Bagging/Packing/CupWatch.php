<?php

declare(strict_types=1);

namespace Chiralex\Bagging\Packing;

use Chiralex\Bagging\Internal\Plateau;
use Chiralex\Bagging\Weighing\LineMass;
use Chiralex\Bagging\Weighing\Scale;

/**
 * Bag by bag: the bag stands in a cup on the scale, which was tared with the cup empty, and what it gains is the key. It is a bin seen the
 * other way round; a step from nought is the bag itself and never pieces.
 */
final readonly class CupWatch
{
    private BinWatch $bin;

    /** @param int<1, max> $each pieces that the bag takes of the line */
    public function __construct(LineMass $line, Scale $scale, int $each)
    {
        $this->bin = new BinWatch($line, $scale, $each, false);
    }

    /**
     * @param list<ScaleReading> $readings in the order of time
     * @param float $now seconds of the same clock
     * @param float $since steps up to this moment were spoken for
     * @param float $carried grams gained that those steps left open
     */
    public function verdict(array $readings, float $now, float $since = -INF, float $carried = 0.0): BinVerdict
    {
        $turned = array_map(
            static fn(ScaleReading $reading): ScaleReading => new ScaleReading(
                $reading->at,
                -$reading->grams,
                $reading->isStable,
            ),
            $readings,
        );
        $seen = $this->bin->verdict($turned, $now, $since, -$carried);
        if (in_array($seen->state, [BinState::Off, BinState::Settling, BinState::Creeping], true)) {
            return $this->told($seen->state, $seen);
        }
        $stands = array_values(
            array_filter(
                Plateau::believed($readings, $this->bin->step()),
                static fn(Plateau $each): bool => $each->until() > $since,
            ),
        );
        $present = array_pop($stands);
        if ($present === null) {
            return $this->told($seen->state, $seen);
        }
        if (self::isEmpty($present)) {
            return new BinVerdict(BinState::NoBag, $present->late(), null, 0, 0, $present->from());
        }
        foreach ($stands as $stand) {
            if (self::isEmpty($stand)) {
                return new BinVerdict(BinState::BagSet, $present->late(), null, 0, 0, $present->from());
            }
        }

        return match ($seen->state) {
            BinState::Took => $this->told($seen->kits === 1 ? BinState::Took : BinState::Unclear, $seen),
            // More left the bag than a hand takes out: the bag itself was exchanged, and what it holds is not known.
            BinState::Refill, BinState::Lifted => $this->told(BinState::Unclear, $seen),
            default => $this->told($seen->state, $seen),
        };
    }

    private static function isEmpty(Plateau $stand): bool
    {
        return abs($stand->late()) <= BinWatch::EMPTY;
    }

    private function told(BinState $state, BinVerdict $seen): BinVerdict
    {
        return new BinVerdict(
            $state,
            $seen->grams === null ? null : -$seen->grams,
            $seen->change === null ? null : -$seen->change,
            $seen->pieces,
            $state === BinState::Took ? 1 : 0,
            $seen->until,
        );
    }
}
