<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Kit\KitPart;
use Chiralex\Part\Kind;
use Chiralex\Reason\Origin;

/** The value of a part as a formula sees it, with its tolerance, where that comes from, and its unit. */
final readonly class Toleranced
{
    /** Percent where the list says none; common practice, no source. */
    private const USUAL = [
        'resistor' => 5.0,
        'network' => 2.0,
        'trimmer' => 20.0,
        'potentiometer' => 20.0,
        'ceramic' => 20.0,
        'film' => 10.0,
        'electrolytic' => 20.0,
        'tantalum' => 20.0,
        'inductor' => 10.0,
        'thermistor' => 5.0,
        'zener' => 5.0,
    ];

    private function __construct(
        public float $nominal,
        public Interval $range,
        public Origin $origin,
        public string $unit,
        public Spread $spread = Spread::Even,
    ) {}

    /** @return ?self null where the part has no value a formula can use */
    public static function of(KitPart $part): ?self
    {
        $value =
            $part->kind() === Kind::Zener ? self::zenerVolts($part->line->cells->value) : $part->recognition->amount();
        if ($value === null) {
            return null;
        }
        $said = $part->tolerance();
        [$down, $up] = match (true) {
            $said === null => [self::USUAL[$part->kind()->value] ?? 10.0, self::USUAL[$part->kind()->value] ?? 10.0],
            preg_match('~^-(\d+)/\+(\d+)$~', $said, $found) === 1 => [(float) $found[1], (float) $found[2]],
            preg_match('~^([\d.]+)pF$~', $said, $found) === 1 => array_fill(
                0,
                2,
                $value > 0.0 ? (100 * (float) $found[1] * 1e-12) / $value : 0.0,
            ),
            default => [(float) $said, (float) $said],
        };

        return new self(
            $value,
            new Interval($value * (1 - $down / 100), $value * (1 + $up / 100)),
            $said === null ? Origin::TypicalForKind : Origin::PartsList,
            $part->kind() === Kind::Zener ? 'V' : $part->recognition->value?->value->unit->symbol() ?? '',
            Spread::tryFrom($part->notes->spread) ?? Spread::Even,
        );
    }

    /** `5V1`, `5.1V`, `BZX55C5V1`: volts of a Zener diode. */
    private static function zenerVolts(string $text): ?float
    {
        return preg_match('~(\d+)V(\d+)~i', $text, $found) === 1
            ? (float) "{$found[1]}.{$found[2]}"
            : (preg_match('~(\d+(?:[.,]\d+)?)\s*V\b~i', $text, $found) === 1
                ? (float) str_replace(',', '.', $found[1])
                : null);
    }
}
