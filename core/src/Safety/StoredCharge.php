<?php

declare(strict_types=1);

namespace Chiralex\Safety;

use Chiralex\Reason\Origin;
use Chiralex\Safety\Data\Limits;

/** What one capacitor holds after switching off. */
final readonly class StoredCharge
{
    /** What floating point may lose at a limit. */
    private const EXACT = 1e-9;

    /**
     * @param float $farads with the upper end of its tolerance left out: the nominal value
     * @param float $volts the most it sees
     * @param Origin $origin of the voltage: declared across it, the supply, or its own rating
     * @param ?string $bleeder the resistor that empties it, where one is declared
     * @param ?float $ohms of that resistor
     */
    public function __construct(
        public string $designator,
        public float $farads,
        public float $volts,
        public Origin $origin,
        public ?string $bleeder = null,
        public ?float $ohms = null,
    ) {}

    /** Joules: half the capacitance times the voltage squared. */
    public function joules(): float
    {
        return 0.5 * $this->farads * $this->volts ** 2;
    }

    public function coulombs(): float
    {
        return $this->farads * $this->volts;
    }

    /** It hurts by its charge above the voltage that may be touched, or burns by its energy when it is shorted. */
    public function isHazard(): bool
    {
        return ($this->volts > Limits::TOUCH_DC && $this->coulombs() * (1 + self::EXACT) >= Limits::CHARGE) ||
            ($this->volts >= Limits::ENERGY_VOLTS && $this->joules() * (1 + self::EXACT) >= Limits::ENERGY);
    }

    /** The voltage at which it counts as empty: what may be touched; for low voltages the one at which the energy no longer burns. */
    public function safeVolts(): float
    {
        return $this->volts > Limits::TOUCH_DC
            ? min(Limits::TOUCH_DC, sqrt((2 * Limits::ENERGY) / $this->farads))
            : max(Limits::ENERGY_VOLTS, sqrt((2 * Limits::ENERGY) / $this->farads));
    }

    /** Seconds from switching off until it counts as empty, R C ln(V / Vsafe); null without a resistor across it. */
    public function seconds(): ?float
    {
        return $this->ohms === null ? null : $this->ohms * $this->farads * $this->steps();
    }

    /** The largest resistor, in ohm, that empties it within the five seconds of the standard; null where it is at the limit as it is. */
    public function neededOhms(): ?float
    {
        return $this->steps() <= self::EXACT ? null : Limits::DISCHARGE_SECONDS / ($this->farads * $this->steps());
    }

    /** Time constants until it counts as empty. */
    private function steps(): float
    {
        return max(0.0, log($this->volts / $this->safeVolts()));
    }
}
