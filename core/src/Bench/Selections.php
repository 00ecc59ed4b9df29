<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Kit\Kit;
use Chiralex\Kit\Measurement;
use Chiralex\Quantity\MeasuredValue;

/** The parts a maker selects, with what the measured lots give. */
final readonly class Selections
{
    /** @return list<array{parts: list<string>, maxDifference: string, quantity: string, pieces: int, selection: ?Selection}> selection is null where the difference cannot be read or nothing was measured */
    public static function of(Kit $kit): array
    {
        $found = [];
        foreach ($kit->work->groups->selected as $selected) {
            $most = self::difference($selected->maxDifference);
            $pieces = self::pieces($kit, $selected->parts);
            $found[] = [
                'parts' => $selected->parts,
                'maxDifference' => $selected->maxDifference,
                'quantity' => $pieces[0]->quantity ?? '',
                'pieces' => count($pieces),
                'selection' =>
                    $most === null || $pieces === [] || $selected->parts === []
                        ? null
                        : Selection::of($pieces, max(1, count($selected->parts)), $most),
            ];
        }

        return $found;
    }

    /** A difference with its unit, `2 mV`. */
    public static function difference(string $text): ?float
    {
        return MeasuredValue::read($text)?->value();
    }

    /**
     * Pieces measured for one of the parts, or for the value they are bought by; of the first quantity named.
     *
     * @param list<string> $parts
     * @return list<Measurement>
     */
    private static function pieces(Kit $kit, array $parts): array
    {
        $values = array_map(static fn(string $name): string => $kit->part($name)->line->cells->value ?? '', $parts);
        $mine = array_values(
            array_filter(
                $kit->logs->measurements,
                static fn(Measurement $each): bool => in_array(
                    $each->part,
                    [...$parts, ...array_diff($values, [''])],
                    true,
                ),
            ),
        );

        return array_values(
            array_filter($mine, static fn(Measurement $each): bool => $each->quantity === $mine[0]->quantity),
        );
    }
}
