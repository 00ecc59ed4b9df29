<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Part\Consequence;
use Chiralex\Part\Kind;
use Chiralex\Polarity\Reversal;
use Chiralex\Safety\Venting;

/** What a part does when it is turned round, in its circuit and not as a kind alone. */
final readonly class Reversals
{
    private function __construct(private Kit $kit, private bool $clampOpen) {}

    public static function of(Kit $kit): self
    {
        // Of a coil whose nets are known, no diode of the board lies across it.
        $open = array_filter(
            Coils::unclamped($kit),
            static fn(string $coil): bool => $kit->findings->drawn->nets->ofPart($coil) === [],
        );

        return new self($kit, $open !== []);
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
            $part->kind() === Kind::Electrolytic => Venting::bursts($this->kit, $part)
                ? $kind
                : Consequence::ItselfDamaged,
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
}
