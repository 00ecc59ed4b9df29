<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Kit\KitPart;
use Chiralex\Kit\VoltageSum;
use Chiralex\Part\Kind;
use Chiralex\Part\Role;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** LED currents and capacitor margins from the voltages declared in kit.json; limits are common practice, no source. */
final readonly class VoltageMatters implements MatterSource
{
    /** Forward voltages of LEDs, from red to blue and white. */
    private const DROP = [1.5, 3.8];
    /** A usual small LED, amperes. */
    private const MOST = 0.02;
    private const LEAST = 0.0005;
    /** An electrolytic is rated this much above what it sees. */
    private const MARGIN = 1.2;

    public function matters(Subject $subject): array
    {
        $matters = [];
        foreach ($subject->kit->nature->circuit->across as $name => $across) {
            $part = $subject->kit->part((string) $name);
            $volts = VoltageSum::of($across);
            if ($part === null || $volts === null) {
                continue;
            }
            $found = match ($part->kind()) {
                Kind::Resistor => $this->led($part, $across, $volts),
                Kind::Electrolytic, Kind::Tantalum, Kind::Film, Kind::Ceramic => $this->capacitor(
                    $part,
                    $across,
                    $volts,
                ),
                default => null,
            };
            if ($found !== null) {
                $matters[] = $found;
            }
        }

        return $matters;
    }

    /** A resistor across a supply less one LED carries that LED's current. */
    private function led(KitPart $part, string $across, float $volts): ?Matter
    {
        $ohms = $part->recognition->amount() ?? 0.0;
        if ($ohms <= 0.0 || preg_match('~-\s*(\d+(?:[.,]\d+)?)~', $across, $drop) !== 1) {
            return null;
        }
        $forward = (float) str_replace(',', '.', $drop[1]);
        $amps = abs($volts) / $ohms;
        if ($forward < self::DROP[0] || $forward > self::DROP[1] || ($amps <= self::MOST && $amps >= self::LEAST)) {
            return null;
        }

        return new Matter(
            MatterSeverity::Warn,
            Station::Parts,
            $amps > self::MOST ? 'parts.led-bright' : 'parts.led-dim',
            [
                'designator' => $part->designator,
                'across' => $across,
                'ohms' => round($ohms, 2),
                'milliamps' => round($amps * 1000, 2),
                'limit' => $amps > self::MOST ? self::MOST * 1000 : self::LEAST * 1000,
            ],
            [$part->designator],
        );
    }

    private function capacitor(KitPart $part, string $across, float $volts): ?Matter
    {
        $rating = $part->ratedVolts();
        if ($rating === null) {
            return null;
        }
        $needed = abs($volts) * ($part->row->is(Role::PolarCapacitor) ? self::MARGIN : 1.0);

        return $rating >= $needed
            ? null
            : new Matter(
                MatterSeverity::Warn,
                Station::Parts,
                'parts.capacitor-voltage',
                [
                    'designator' => $part->designator,
                    'across' => $across,
                    'rating' => $rating,
                    'needed' => round($needed, 1),
                ],
                [$part->designator],
            );
    }
}
