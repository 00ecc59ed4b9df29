<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Consequence;
use Chiralex\Part\Kind;
use Chiralex\Polarity\Reversal;
use Chiralex\Safety\CapacitorVolts;

/** What a part does when it is turned round, in its circuit and not as a kind alone; the limits are common practice, no source. */
final readonly class Reversals
{
    /** An electrolytic that holds less than this, joules, or sees less than this share of its rating, fails without harm to anybody. */
    private const VENTS = 0.001;
    private const SHARE = 0.5;

    private function __construct(private Kit $kit, private bool $clampOpen) {}

    public static function of(Kit $kit): self
    {
        return new self($kit, Coils::unclamped($kit) !== []);
    }

    public function reversal(KitPart $part): Reversal
    {
        $together = $this->kit->nature->circuit->goesWith($part->designator);
        $consequence = $part->direction->said ?? $this->usual($part);

        return new Reversal(
            $together === [] ? $consequence : $consequence->atLeast(Consequence::DestroysOthers),
            $part->direction->replace === [] ? $together : $part->direction->replace,
        );
    }

    private function usual(KitPart $part): Consequence
    {
        $kind = $part->row->mark->consequence ?? Consequence::WorksAfterTurning;

        return match (true) {
            $part->kind() === Kind::Electrolytic => $this->vents($part) ? $kind : Consequence::ItselfDamaged,
            // Any of them may be the one across the coil.
            $this->clampOpen && in_array($part->kind(), [Kind::Diode, Kind::Rectifier], true) => $kind->atLeast(
                Consequence::DestroysOthers,
            ),
            isset($this->kit->nature->circuit->clamps[$part->designator]) => $kind->atLeast(
                Consequence::DestroysOthers,
            ),
            default => $kind,
        };
    }

    /** It bursts where there is energy to heat it and it sees much of what it stands; what nobody knows counts as that. */
    private function vents(KitPart $part): bool
    {
        $farads = $part->recognition->value?->value->amount->toFloat();
        [$volts] = CapacitorVolts::most($this->kit, $part);
        if ($farads === null || $volts <= 0.0) {
            return true;
        }
        $rated = $part->ratedVolts();

        return 0.5 * $farads * $volts ** 2 >= self::VENTS && ($rated === null || $volts >= self::SHARE * $rated);
    }
}
