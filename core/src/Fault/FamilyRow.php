<?php

declare(strict_types=1);

namespace Chiralex\Fault;

/** The kits of one value of a family, against all others. */
final readonly class FamilyRow
{
    /**
     * @param int $kits of this value
     * @param int $reported of them
     * @param ?float $p chance of as many or more where the value does not matter; null below three reported kits
     * @param ?float $q the same, adjusted over all tests
     */
    public function __construct(
        public string $value,
        public int $kits,
        public int $reported,
        public ?float $p = null,
        public ?float $q = null,
    ) {}

    /** An alarm where at most one of ten such is false; common practice, no source. */
    public function isAlarm(): bool
    {
        return $this->q !== null && $this->q <= 0.1;
    }

    public function adjusted(float $q): self
    {
        return new self($this->value, $this->kits, $this->reported, $this->p, $q);
    }
}
