<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Brick\Math\BigInteger;
use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Unit;

/** Value to marking: bands and codes (IEC 60062), null where the scheme cannot say the value. */
final readonly class MarkingWriter
{
    /**
     * @param int $figures 2 for four bands, 3 for five
     * @return ?list<Colour>
     */
    public function bands(EngineeringValue $value, int $figures, string $tolerance): ?array
    {
        if ($value->unit !== Unit::Ohm) {
            return null;
        }
        if ($value->amount->isZero()) {
            return $figures === 2 ? [Colour::Black] : null;
        }
        $last = Colour::forTolerance($tolerance);
        $split = $this->split($value, $figures, -3, 9);
        if ($last === null || $split === null) {
            return null;
        }
        $multiplier = Colour::forPower($split[1]);
        if ($multiplier === null) {
            return null;
        }
        $digits = array_map(static fn(string $digit): Colour => Colour::forDigit((int) $digit), str_split($split[0]));

        return [...$digits, $multiplier, $last];
    }

    /** Two figures and a power (`473`), with R below 10 ohm (`4R7`). Capacitors count picofarads, inductors microhenries. */
    public function three(EngineeringValue $value): ?string
    {
        return match ($value->unit) {
            Unit::Ohm => $value->amount->isZero() ? '000' : $this->figures($value, 2),
            Unit::Farad => $this->picofarads($value),
            Unit::Henry => $this->figures(EngineeringValue::scaled($value->plain(), 6, Unit::Ohm), 2),
        };
    }

    /** Three figures and a power (`4702`), resistors only. */
    public function four(EngineeringValue $value): ?string
    {
        if ($value->unit !== Unit::Ohm) {
            return null;
        }

        return $value->amount->isZero() ? '0000' : $this->figures($value, 3);
    }

    private function figures(EngineeringValue $value, int $figures): ?string
    {
        if ($value->amount->isLessThan(10 ** ($figures - 1))) {
            $text = $value->amount->isLessThan(1) ? substr($value->plain(), 2) : str_replace('.', '', $value->plain());
            $whole = $value->amount->isLessThan(1) ? '' : strstr($value->plain() . '.', '.', true);
            $part = $value->amount->isLessThan(1) ? $text : substr($text, strlen((string) $whole));
            $part = str_pad($part, $figures - strlen((string) $whole), '0');

            return strlen($whole . $part) > $figures || trim($whole . $part, '0') === '' ? null : "{$whole}R{$part}";
        }
        $split = $this->split($value, $figures, 0, 7);

        return $split === null ? null : $split[0] . $split[1];
    }

    private function picofarads(EngineeringValue $value): ?string
    {
        $pico = EngineeringValue::scaled($value->plain(), 12, Unit::Farad);
        $split = $this->split($pico, 2, -2, 7);

        return $split === null
            ? null
            : $split[0] .
                    match ($split[1]) {
                        -1 => '9',
                        -2 => '8',
                        default => (string) $split[1],
                    };
    }

    /** @return ?array{string, int} figures and power of ten, null when the value needs more figures or another power */
    private function split(EngineeringValue $value, int $figures, int $least, int $most): ?array
    {
        $amount = $value->amount->stripTrailingZeros();
        $digits = (string) $amount->getUnscaledValue();
        $power = -$amount->getScale();
        $zeros = strlen($digits) - strlen(rtrim($digits, '0'));
        $digits = rtrim($digits, '0');
        $power += $zeros;
        if (strlen($digits) > $figures || BigInteger::of($digits === '' ? '0' : $digits)->isZero()) {
            return null;
        }
        $pad = $figures - strlen($digits);

        return $power - $pad < $least || $power - $pad > $most
            ? null
            : [str_pad($digits, $figures, '0'), $power - $pad];
    }
}
