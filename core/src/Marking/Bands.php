<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Chiralex\Marking\Exception\NoDecoding;
use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Series;
use Chiralex\Quantity\Unit;

/** Resistor bands both ways (IEC 60062). The first band is never black, except a lone black band, which is 0 ohm. */
final readonly class Bands
{
    /**
     * All legal readings from either end, the likelier first: a usual value before an unusual one, forward before reverse.
     *
     * @param list<Colour> $bands
     * @return list<BandDecoding>
     * @throws NoDecoding when no direction gives a value
     */
    public function read(array $bands): array
    {
        $readings = [];
        $forward = $this->direction($bands, false);
        if ($forward !== null) {
            $readings[] = $forward;
        }
        $turned = array_reverse($bands);
        $reverse = count($bands) > 2 && $turned !== $bands ? $this->direction($turned, true) : null;
        if ($reverse !== null) {
            $readings[] = $reverse;
        }
        if ($readings === []) {
            throw NoDecoding::ofBands(array_map(static fn(Colour $colour): string => $colour->value, $bands));
        }
        usort($readings, fn(BandDecoding $a, BandDecoding $b): int => $this->doubt($a) <=> $this->doubt($b));

        return $readings;
    }

    /**
     * @return list<Colour>
     * @throws NoDecoding when a word is no colour
     */
    public static function words(string $text): array
    {
        $colours = [];
        foreach (preg_split('~[\s,;/-]+~', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $index => $word) {
            $colours[] = Colour::read($word) ?? throw NoDecoding::ofColour($word, $index + 1);
        }
        if ($colours === []) {
            throw NoDecoding::ofBands([]);
        }

        return $colours;
    }

    /** @param list<Colour> $bands */
    private function direction(array $bands, bool $reverse): ?BandDecoding
    {
        $count = count($bands);
        if ($count === 1) {
            return $bands[0] === Colour::Black
                ? new BandDecoding(EngineeringValue::of('0', Unit::Ohm), '0', false)
                : null;
        }
        if ($count < 3 || $count > 6 || $bands[0] === Colour::Black) {
            return null;
        }
        $figures = '';
        $digits = $count <= 4 ? 2 : 3;
        for ($i = 0; $i < $digits; ++$i) {
            $digit = $bands[$i]->digit();
            if ($digit === null) {
                return null;
            }
            $figures .= $digit;
        }
        $tolerance = $count === 3 ? '20' : $bands[$digits + 1]->tolerance();
        $coefficient = $count === 6 ? $bands[5]->temperatureCoefficient() : null;
        if ($tolerance === null || ($count === 6 && $coefficient === null)) {
            return null;
        }
        try {
            return new BandDecoding(
                EngineeringValue::scaled($figures, $bands[$digits]->power(), Unit::Ohm),
                $tolerance,
                $reverse,
                $coefficient,
            );
        } catch (InvalidQuantity) {
            return null;
        }
    }

    private function doubt(BandDecoding $reading): int
    {
        return (Series::of($reading->value) === [] ? 4 : 0) +
            (in_array($reading->tolerance, ['0.05', '0.02', '0.01'], true) ? 2 : 0) +
            ($reading->reverse ? 1 : 0);
    }
}
