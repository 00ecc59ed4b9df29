<?php

declare(strict_types=1);

namespace Chiralex\Supply;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** One part of a kit, measured in kits: how many kits its pieces reach for. */
final readonly class Plank
{
    /**
     * @param string $key by which it is known again
     * @param BigDecimal $perKit pieces or millimetres of one kit, above 0
     * @param BigDecimal $onHand not on hold; below 0 where a count is due
     * @param BigDecimal $promised what runs that are not packed to their end still take
     * @param BigDecimal $onOrder what is ordered and has not come
     */
    public function __construct(
        public string $key,
        public BigDecimal $perKit,
        public BigDecimal $onHand,
        public BigDecimal $promised,
        public BigDecimal $onOrder,
    ) {}

    /** Kits that what is on hand reaches for when the runs have taken theirs; none where they take more than there is. */
    public function kits(): int
    {
        return $this->reach($this->onHand->minus($this->promised));
    }

    /** The same as if nothing was promised. */
    public function onHandKits(): int
    {
        return $this->reach($this->onHand);
    }

    /** The same once all that is ordered has come. */
    public function laterKits(): int
    {
        return $this->reach($this->onHand->minus($this->promised)->plus($this->onOrder));
    }

    private function reach(BigDecimal $pieces): int
    {
        return $pieces->isPositive() ? $pieces->dividedBy($this->perKit, 0, RoundingMode::DOWN)->toInt() : 0;
    }
}
