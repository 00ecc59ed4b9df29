<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

use Chiralex\Limits;
use Chiralex\Quantity\Exception\InvalidQuantity;

/**
 * Reads the value of a part as people type it: `4k7`, `0R22`, `0,1 uF`, `47 uF 25V`, `104`.
 *
 * A decimal comma is a decimal point; `1,000` is refused, because it reads as one and as a thousand.
 */
final readonly class ValueReader
{
    private const NUMBER = '(?<number>\d+(?:[.,]\d*)?|[.,]\d+)';

    public function read(string $text, Unit $unit): ParsedValue|ValueFault
    {
        $text = trim(str_replace(["\u{00A0}", "\u{2009}", "\u{202F}"], ' ', $text));
        if ($text === '') {
            return new ValueFault('value.empty', 0, '');
        }
        if (strlen($text) > Limits::VALUE_SIGNS) {
            return new ValueFault('value.too-long', Limits::VALUE_SIGNS, mb_substr($text, Limits::VALUE_SIGNS, 1));
        }
        if (preg_match('~^[1-9]\d{0,2},\d{3}(?![\d.,])~', $text) === 1) {
            return new ValueFault('value.thousands', (int) strpos($text, ','), ',');
        }
        $grouped = preg_match('~^[1-9]\d{0,2}(?:,\d{3})+\.\d~', $text) === 1 ? str_replace(',', '', $text) : $text;

        $read =
            $this->letterAsPoint($grouped, $unit) ??
            ($this->bareCode($grouped, $unit) ?? $this->numberAndUnit($grouped, $unit));

        return $read instanceof ParsedValue && $read->value->amount->toFloat() >= Limits::NUMBER
            ? new ValueFault('value.too-large', 0, mb_substr($text, 0, 1))
            : $read;
    }

    /** `4k7`, `R47`, `2u2`: the prefix letter stands where the decimal point would. */
    private function letterAsPoint(string $text, Unit $unit): ?ParsedValue
    {
        $pattern =
            '~^(?<whole>\d*)(?<letter>\p{L})(?<part>\d+)(?<unit>[a-zA-Z\x{03A9}\x{2126}\x{03C9}]*)(?<rest>(?:[\s,;/\x{00B1}(].*)?)$~us';
        if (preg_match($pattern, $text, $found) !== 1) {
            return null;
        }
        $prefix = Prefix::fromLetter($found['letter'], $unit);
        // R is the point itself, in the unit that prints count in: microhenries, picofarads (IEC 60062).
        if ($prefix === null && strtoupper($found['letter']) === 'R') {
            $prefix = match ($unit) {
                Unit::Henry => Prefix::Micro,
                Unit::Farad => Prefix::Pico,
                Unit::Ohm => null,
            };
        }
        if ($prefix === null) {
            return null;
        }
        try {
            $value = EngineeringValue::scaled(
                ($found['whole'] === '' ? '0' : $found['whole']) . '.' . $found['part'],
                $prefix->value,
                $unit,
            );
        } catch (InvalidQuantity) {
            return null;
        }
        $suffix = $found['unit'];
        $letter = $suffix !== '' && !$this->isUnit($suffix, $unit) ? ToleranceLetter::meaning($suffix, $value) : null;
        if ($suffix !== '' && $letter === null && !$this->isUnit($suffix, $unit)) {
            return null;
        }

        return $this->parsed($value, $letter, $found['rest'], null);
    }

    /** A three-digit capacitor value is a code; a bare inductor number is one in microhenry. */
    private function bareCode(string $text, Unit $unit): ?ParsedValue
    {
        if (
            $unit === Unit::Ohm ||
            preg_match(
                '~^(?<figures>[1-9]\d)(?<power>\d)(?<letter>[A-Za-z]?)(?<rest>(?:[\s,;/\x{00B1}(].*)?)$~us',
                $text,
                $found,
            ) !== 1
        ) {
            return null;
        }
        // `470 pF` names its unit, so 470 is a number and no code.
        if (
            preg_match('~^\s+(\p{L}+)~u', $found['rest'], $word) === 1 &&
            $this->prefixAndUnit($word[1], $unit) !== null
        ) {
            return null;
        }
        $power = match ($found['power']) {
            '8' => -2,
            '9' => -1,
            default => (int) $found['power'],
        };
        try {
            $value = EngineeringValue::scaled($found['figures'], $power + ($unit === Unit::Farad ? -12 : -6), $unit);
        } catch (InvalidQuantity) {
            return null;
        }
        $tolerance = $found['letter'] === '' ? null : ToleranceLetter::meaning($found['letter'], $value);
        if ($found['letter'] !== '' && $tolerance === null) {
            return null;
        }

        return $this->parsed(
            $value,
            $tolerance,
            $found['rest'],
            $unit === Unit::Henry ? ValueDoubt::UnitAssumed : null,
        );
    }

    private function numberAndUnit(string $text, Unit $unit): ParsedValue|ValueFault
    {
        if (preg_match('~^' . self::NUMBER . '(?<tail>.*)$~us', $text, $found) !== 1) {
            return $this->fault($text, 0);
        }
        $number = str_replace(',', '.', rtrim($found['number'], '.,'));
        $number = str_starts_with($number, '.') ? "0{$number}" : $number;
        $tail = $found['tail'];
        $start = mb_strlen($text) - mb_strlen($tail);
        preg_match('~^(?<gap>\s*)(?<word>[\p{L}\x{2126}\x{00B5}]*)(?<rest>.*)$~us', $tail, $parts);
        $word = $parts['word'] ?? '';
        $read = $word === '' ? [null, false] : $this->prefixAndUnit($word, $unit);
        if ($read === null && ($parts['gap'] ?? '') === '') {
            return $this->fault($text, $start);
        }
        // A word after a space that is no unit belongs to the words behind the value: `10 log`.
        $rest = $read === null || $word === '' ? $tail : $parts['rest'] ?? '';
        if ($rest !== '' && preg_match('~^[\s,;/\x{00B1}()-]~u', $rest) !== 1) {
            return $this->fault($text, mb_strlen($text) - mb_strlen($rest));
        }
        [$prefix, $named] = $read ?? [null, false];
        try {
            return $this->withPrefix($number, $prefix, $named, $unit, $rest);
        } catch (InvalidQuantity) {
            return $this->fault($text, 0);
        }
    }

    /** @throws InvalidQuantity when the number is none */
    private function withPrefix(string $number, ?Prefix $prefix, bool $named, Unit $unit, string $rest): ParsedValue
    {
        if ($prefix !== null || $named) {
            return $this->parsed(
                EngineeringValue::scaled($number, ($prefix ?? Prefix::One)->value, $unit),
                null,
                $rest,
                null,
            );
        }
        if ($unit === Unit::Ohm) {
            $value = EngineeringValue::of($number, $unit);

            return $this->parsed(
                $value,
                null,
                $rest,
                $this->codeIsPreferred($number, $value) ? ValueDoubt::CodeIsPreferred : null,
            );
        }
        $small = str_starts_with($number, '0.');
        $power = $unit === Unit::Farad && !$small ? -12 : -6;

        return $this->parsed(EngineeringValue::scaled($number, $power, $unit), null, $rest, ValueDoubt::UnitAssumed);
    }

    /** @throws InvalidQuantity never for digits */
    private function codeIsPreferred(string $number, EngineeringValue $plain): bool
    {
        if (preg_match('~^[1-9]\d{2,3}$~', $number) !== 1 || Series::isUsual($plain)) {
            return false;
        }

        return Series::isUsual(EngineeringValue::scaled(substr($number, 0, -1), (int) substr($number, -1), Unit::Ohm));
    }

    /** @return ?array{?Prefix, bool} the prefix and whether the unit was named; null when the word is neither */
    private function prefixAndUnit(string $word, Unit $unit): ?array
    {
        if ($this->isUnit($word, $unit)) {
            return [null, true];
        }
        $prefix = Prefix::fromLetter(mb_substr($word, 0, 1), $unit);
        $after = mb_substr($word, 1);
        if ($prefix === null) {
            return null;
        }

        return $after === '' || $this->isUnit($after, $unit) ? [$prefix, $after !== ''] : null;
    }

    private function isUnit(string $word, Unit $unit): bool
    {
        return in_array(mb_strtolower($word), $unit->spellings(), true);
    }

    private function parsed(EngineeringValue $value, ?string $tolerance, string $rest, ?ValueDoubt $doubt): ParsedValue
    {
        $rest = trim($rest, " ,;/\t");

        return new ParsedValue($value, $tolerance ?? self::tolerance($rest), $rest, $doubt);
    }

    /** A tolerance as people write it: `5 %`, `-20/+50 %`, `+80 -20%`, `+/-0.5pF`; percent without sign, or as ToleranceLetter has it. */
    public static function tolerance(string $rest): ?string
    {
        $minus = '[\x{2212}\x{2013}-]';
        $percent = '(\d+(?:[.,]\d+)?|[.,]\d+)\s*%';
        $both = '(\d+)\s*%?\s*/?\s*';

        return match (1) {
            preg_match("~{$minus}\s*{$both}\+\s*(\d+)\s*%~u", $rest, $found) => "-{$found[1]}/+{$found[2]}",
            preg_match("~\+\s*{$both}{$minus}\s*(\d+)\s*%~u", $rest, $found) => "-{$found[2]}/+{$found[1]}",
            preg_match('~(?:\x{00B1}|\+/?-)\s*(\d+(?:[.,]\d+)?)\s*pF~u', $rest, $found) => strtr($found[1], ',', '.') .
                'pF',
            preg_match("~(?:^|[^\d.,]){$percent}~u", $rest, $found) => self::plain($found[1]),
            default => null,
        };
    }

    /** `.5` and `0,5` as `0.5`. */
    private static function plain(string $number): string
    {
        $number = strtr($number, ',', '.');

        return $number[0] === '.' ? "0{$number}" : $number;
    }

    private function fault(string $text, int $position): ValueFault
    {
        $found = mb_substr($text, $position, 1);
        $code = preg_match('~^[oO](?!hm)~', mb_substr($text, $position)) === 1 ? 'value.letter-o' : 'value.unreadable';

        return new ValueFault($code, $position, $found);
    }
}
