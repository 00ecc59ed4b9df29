<?php

declare(strict_types=1);

namespace Chiralex\Marking;

use Chiralex\Marking\Exception\NoDecoding;
use Chiralex\Quantity\EngineeringValue;
use Chiralex\Quantity\Exception\InvalidQuantity;
use Chiralex\Quantity\Prefix;
use Chiralex\Quantity\Series;
use Chiralex\Quantity\ToleranceLetter;
use Chiralex\Quantity\Unit;

/** Printed codes of resistors, capacitors and inductors (IEC 60062 and EIA-96): all legal readings and only those. */
final readonly class Codes
{
    /**
     * Readings in order of likelihood: usual values first; of those, for resistors, the printed value before the code.
     *
     * @param ?Unit $unit null for every kind of part
     * @return list<CodeDecoding>
     * @throws NoDecoding when there is none
     */
    public function read(string $code, ?Unit $unit = null): array
    {
        $print = trim(str_replace(["\u{00A0}", "\u{2009}"], ' ', $code));
        $text = str_replace(' ', '', $print);
        $readings = [];
        foreach ($unit === null ? Unit::cases() : [$unit] as $each) {
            foreach ($this->forUnit($text, $each) as $reading) {
                $readings["{$each->value} {$reading->scheme->value}"] = $reading;
            }
            foreach ($each === Unit::Farad ? CapacitorPrint::splits($print) : [] as $split) {
                foreach ($this->forUnit($split->value, $each) as $reading) {
                    $readings["{$each->value} {$reading->scheme->value}"] ??= $reading->with($split);
                }
            }
        }
        if ($readings === []) {
            throw NoDecoding::ofCode(
                $code,
                match ($unit) {
                    Unit::Ohm => 'resistor',
                    Unit::Farad => 'capacitor',
                    Unit::Henry => 'inductor',
                    null => 'part',
                },
            );
        }
        $readings = array_values($readings);
        usort($readings, fn(CodeDecoding $a, CodeDecoding $b): int => $this->doubt($a) <=> $this->doubt($b));

        return $readings;
    }

    /** @return list<CodeDecoding> */
    private function forUnit(string $text, Unit $unit): array
    {
        return array_values(
            array_filter([
                $this->printed($text, $unit),
                $this->letter($text, $unit),
                $this->figuresAndPower($text, $unit),
                $unit === Unit::Ohm ? $this->fourDigit($text) : null,
                $unit === Unit::Ohm ? (new Eia96())->read($text) : null,
            ]),
        );
    }

    /** A plain number or a number with prefix and unit, as printed on larger bodies. */
    private function printed(string $text, Unit $unit): ?CodeDecoding
    {
        $units = implode('|', $unit->spellings());
        if (
            preg_match(
                '~^(\d+(?:[.,]\d+)?|[.,]\d+)([pnum\x{00B5}\x{03BC}kKMGR])?(?:' . $units . ')?([BCDFGJKMZ])?$~iu',
                $text,
                $found,
            ) !== 1
        ) {
            return null;
        }
        $number = str_replace(',', '.', $found[1]);
        $number = str_starts_with($number, '.') ? "0{$number}" : $number;
        $letter = $found[2] ?? '';
        $tolerance = $found[3] ?? '';
        $named = preg_match('~' . $units . '~iu', substr($text, strlen($found[1]))) === 1;
        $prefix = $letter === '' ? null : Prefix::fromLetter($letter, $unit);
        if ($letter !== '' && $prefix === null) {
            // `10K` on a capacitor: no prefix of its unit, but a tolerance letter.
            if ($tolerance !== '' || $named) {
                return null;
            }
            [$tolerance, $prefix] = [$letter, null];
        }
        if ($prefix === Prefix::One && !$named) {
            return null; // 47R is a letter code
        }
        if ($prefix === null && !$named && !$this->isBare($number, $tolerance, $unit)) {
            return null;
        }
        $power = $prefix->value ?? ($unit === Unit::Farad && !$named ? $this->bareFarads($number) : 0);

        return $this->reading($number, $power, $unit, Scheme::Printed, $tolerance);
    }

    /** True where a number without prefix and unit can be a value at all: three digits are a code, and a zero leads none. */
    private function isBare(string $number, string $tolerance, Unit $unit): bool
    {
        return ($unit === Unit::Ohm || preg_match('~^(\d{1,2}|0?\.\d+|\d\.\d+)$~', $number) === 1) &&
            $unit !== Unit::Henry &&
            !($tolerance !== '' && $unit === Unit::Ohm) &&
            preg_match('~^0\d~', $number) !== 1;
    }

    /** Power of ten of a bare number on a capacitor: microfarads below one, picofarads above. */
    private function bareFarads(string $number): int
    {
        return str_starts_with($number, '0.') ? -6 : -12;
    }

    /** R notation: the letter stands for the decimal point (`4k7`, `R47`, `2n2`, `47R`). */
    private function letter(string $text, Unit $unit): ?CodeDecoding
    {
        $letters = match ($unit) {
            Unit::Ohm => 'RrEkKMG',
            Unit::Farad => "RrpPnNuU\u{00B5}\u{03BC}",
            Unit::Henry => "RrnNuU\u{00B5}\u{03BC}m",
        };
        if (
            preg_match('~^(\d{0,3})([' . $letters . '])(\d{0,3})([BCDFGJKMZ]?)$~u', $text, $found) !== 1 ||
            $found[1] . $found[3] === ''
        ) {
            return null;
        }
        if ($found[3] === '' && $found[2] !== 'R' && $found[2] !== 'r') {
            return null; // 10k is a printed value
        }
        $power = $this->powerOf($found[2], $unit);
        if ($power === null) {
            return null;
        }
        $whole = $found[1] === '' ? '0' : $found[1];

        return $this->reading(
            $whole . ($found[3] === '' ? '' : ".{$found[3]}"),
            $power,
            $unit,
            Scheme::Letter,
            $found[4],
        );
    }

    /** Power of ten of a letter; R is the point alone, in the unit that prints count in. */
    private function powerOf(string $letter, Unit $unit): ?int
    {
        return match (true) {
            strtoupper($letter) !== 'R' || $unit === Unit::Ohm => Prefix::fromLetter($letter, $unit)?->value,
            $unit === Unit::Henry => Prefix::Micro->value,
            default => Prefix::Pico->value,
        };
    }

    /** Two figures and a power of ten; in picofarad for capacitors, microhenry for inductors. */
    private function figuresAndPower(string $text, Unit $unit): ?CodeDecoding
    {
        if ($text === '000' && $unit === Unit::Ohm) {
            return $this->reading('0', 0, $unit, Scheme::ThreeDigit, '');
        }
        if (preg_match('~^([1-9]\d)(\d)([A-Z]?)$~i', $text, $found) !== 1) {
            return null;
        }
        $power = match ($found[2]) {
            '8' => -2,
            '9' => -1,
            default => (int) $found[2],
        };

        return match ($unit) {
            Unit::Ohm => $found[2] >= '8'
                ? null
                : $this->reading($found[1], $power, $unit, Scheme::ThreeDigit, $found[3]),
            Unit::Farad => $this->reading($found[1], $power - 12, $unit, Scheme::CapacitorCode, $found[3]),
            Unit::Henry => $this->reading($found[1], $power - 6, $unit, Scheme::InductorCode, $found[3]),
        };
    }

    private function fourDigit(string $text): ?CodeDecoding
    {
        if ($text === '0000') {
            return $this->reading('0', 0, Unit::Ohm, Scheme::FourDigit, '');
        }
        if (preg_match('~^([1-9]\d\d)([0-7])$~', $text, $found) !== 1) {
            return null;
        }

        return $this->reading($found[1], (int) $found[2], Unit::Ohm, Scheme::FourDigit, '');
    }

    private function reading(string $number, int $power, Unit $unit, Scheme $scheme, string $letter): ?CodeDecoding
    {
        try {
            $value = EngineeringValue::scaled($number, $power, $unit);
        } catch (InvalidQuantity) {
            return null;
        }
        $tolerance = $letter === '' ? null : ToleranceLetter::meaning($letter, $value);
        if ($letter !== '' && $tolerance === null) {
            return null;
        }
        if ($value->amount->isZero() && $unit !== Unit::Ohm) {
            return null;
        }

        return new CodeDecoding($value, $scheme, $tolerance);
    }

    /** @return array{int, int, int} less is likelier */
    private function doubt(CodeDecoding $reading): array
    {
        $kind = match ($reading->value->unit) {
            Unit::Ohm => 0,
            Unit::Farad => 1,
            Unit::Henry => 2,
        };
        $scheme = match ($reading->scheme) {
            Scheme::Letter => 0,
            Scheme::Printed => 1,
            Scheme::ThreeDigit, Scheme::CapacitorCode, Scheme::InductorCode => 2,
            Scheme::FourDigit => 3,
            Scheme::Eia96 => 4,
        };
        $usual = $reading->value->amount->isZero() || Series::isUsual($reading->value);

        return [$usual ? 0 : 1, $kind, $scheme];
    }
}
