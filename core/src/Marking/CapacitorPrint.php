<?php

declare(strict_types=1);

namespace Chiralex\Marking;

/**
 * What capacitors print besides their value: a rated voltage in figures or as a digit and letter, and a dielectric class.
 *
 * The voltage letters are members of R10 (ISO 3) and a power of ten before them, `2A` = 100 V; class letters after EIA-198.
 * Both from memory; the letters are recomputed from the series in the tests.
 */
final readonly class CapacitorPrint
{
    /** Volts for the digit 0; each digit more is ten times as much. */
    private const VOLTAGE = [
        'A' => '1',
        'B' => '1.25',
        'C' => '1.6',
        'D' => '2',
        'E' => '2.5',
        'F' => '3.15',
        'G' => '4',
        'H' => '5',
        'J' => '6.3',
        'K' => '8',
        'V' => '3.5',
        'W' => '4.5',
    ];
    private const DIELECTRIC = 'C0G|COG|NP0|NPO|[XYZ][2-9][A-FLP-V]';

    /**
     * @param string $value what is left to read as a value
     * @param ?string $voltage rated volts
     * @param ?string $dielectric class, with the figure 0 where it is often written O
     */
    private function __construct(public string $value, public ?string $voltage, public ?string $dielectric) {}

    /** @return list<self> the ways to split a print; empty where nothing but a value stands */
    public static function splits(string $print): array
    {
        $rest = trim($print);
        $dielectric = null;
        if (
            preg_match(
                '~^(.*?)(?:^|[\s/-]|(?<=\d)|(?<=\d[JKMZ]))(' . self::DIELECTRIC . ')(?=$|[\s/-]|\d)(.*)$~i',
                $rest,
                $found,
            ) === 1
        ) {
            $dielectric = str_replace(['COG', 'NPO', 'NP0'], 'C0G', strtoupper($found[2]));
            $rest = trim(trim($found[1], ' /-') . ' ' . trim($found[3], ' /-'));
        }
        $splits = [];
        if (preg_match('~^([0-3])([A-HJKVW])[\s/-]?(\d{2,3}[A-Z]?|[.\d]+[A-Z]?)$~i', $rest, $found) === 1) {
            $splits[] = new self($found[3], self::volts($found[1], $found[2]), $dielectric);
        }
        if (preg_match('~^(\d{3}[A-Z])([0-3])([A-HJKVW])$~i', $rest, $found) === 1) {
            $splits[] = new self($found[1], self::volts($found[2], $found[3]), $dielectric);
        }
        // `.1J63` and `104K100`: the letter ends the value, the figures behind it are volts; a `V` says so.
        if (
            preg_match('~^(.*?\d[BCDFGJKMQSTZ]|.+?[\s/-])\s*(\d{1,4}(?:\.\d)?)\s*(?:V|VDC|VAC)?$~i', $rest, $found) ===
                1 &&
            (str_ends_with(strtoupper($rest), 'V') || preg_match('~[BCDFGJKMQSTZ]\d{2,4}$~i', $rest) === 1)
        ) {
            $splits[] = new self(trim($found[1], ' /-'), $found[2], $dielectric);
        }
        if ($splits === [] && $dielectric !== null) {
            $splits[] = new self($rest, null, $dielectric);
        }

        return $splits;
    }

    private static function volts(string $digit, string $letter): string
    {
        $volts = (float) self::VOLTAGE[strtoupper($letter)] * 10 ** (int) $digit;

        return rtrim(rtrim(sprintf('%.2F', $volts), '0'), '.');
    }
}
