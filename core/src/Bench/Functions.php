<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Bench\Exception\InvalidFormula;

/** The circuits a reading can name, as trees. Equations are derived, or those of data sheets as generally given. */
final readonly class Functions
{
    /** Name to its arguments and its unit. */
    public const SIGNATURES = [
        'astable' => ['Ra, Rb, C', 'Hz'],
        'astable1' => ['R, C', 'Hz'],
        'divider' => ['volts, Rtop, Rbottom', 'V'],
        'led' => ['volts, forward volts, R', 'A'],
        'rc' => ['R, C', 's'],
        'cutoff' => ['R, C', 'Hz'],
        'lc' => ['L, C', 'Hz'],
        'ripple' => ['frequency, stages', 'Hz'],
        'doubler' => ['volts peak to peak, diode drop', 'V'],
        'regulator' => ['reference volts, R1, R2', 'V'],
        'zener' => ['ZD', 'V'],
        'ntc' => ['R25, beta, degrees C', 'ohm'],
        'parallel' => ['Ra, Rb', 'ohm'],
    ];
    private const KELVIN = 273.15;
    /** The resistance of an NTC is named at 25 degrees. */
    private const NAMED_AT = 298.15;

    /** Input resistance of a hand meter on its volt ranges; common practice, no source. */
    private const METER = 1e7;

    /**
     * @param list<Expression> $a
     * @param bool $metered whether a divider carries a meter across its lower part
     * @throws InvalidFormula when there is no such function, or its arguments are too few or too many
     */
    public static function call(string $name, array $a, string $text, bool $metered): Expression
    {
        self::mustFit($name, count($a), $text);
        $number = Expression::number(...);

        return match ($name) {
            // Thresholds at 1/3 and 2/3 of the supply: the period is ln 2 (Ra + 2 Rb) C.
            'astable' => $number(1 / M_LN2)->over($a[0]->plus($number(2.0)->times($a[1]))->times($a[2])),
            // Rail to rail through one resistor: half a period is R C ln 2.
            'astable1' => $number(1 / (2 * M_LN2))->over($a[0]->times($a[1])),
            'divider' => $a[0]->over(
                $number(1.0)->plus(
                    $metered ? $a[1]->over($a[2])->plus($a[1]->over($number(self::METER))) : $a[1]->over($a[2]),
                ),
            ),
            'led' => $a[0]->minus($a[1])->over($a[2]),
            'rc' => $a[0]->times($a[1]),
            'cutoff' => $number(1 / (2 * M_PI))->over($a[0]->times($a[1])),
            'lc' => $number(1 / (2 * M_PI))->over($a[0]->times($a[1])->sqrt()),
            'ripple' => $a[0]->over($a[1]->times($number(M_LN2))->exp()),
            'doubler' => $number(2.0)->times($a[0])->minus($number(2.0)->times($a[1])),
            'regulator' => $a[0]->times($number(1.0)->plus($a[2]->over($a[1]))),
            'zener' => $a[0],
            'ntc' => $a[0]->times(
                $a[1]
                    ->times($number(1.0)->over($a[2]->plus($number(self::KELVIN)))->minus($number(1 / self::NAMED_AT)))
                    ->exp(),
            ),
            default => $number(1.0)->over($number(1.0)->over($a[0])->plus($number(1.0)->over($a[1]))),
        };
    }

    /** @throws InvalidFormula when there is no such function, or it takes another number of arguments */
    private static function mustFit(string $name, int $arguments, string $text): void
    {
        $signature =
            self::SIGNATURES[$name] ??
            throw InvalidFormula::unknownFunction($text, $name, implode(', ', array_keys(self::SIGNATURES)));
        if ($arguments !== substr_count($signature[0], ',') + 1) {
            throw InvalidFormula::arguments($text, $name, $signature[0]);
        }
    }
}
