<?php

declare(strict_types=1);

namespace Chiralex\Bench;

use Chiralex\Bench\Exception\InvalidFormula;
use Chiralex\Limits;
use Chiralex\Quantity\Prefix;

/** What a test or a gate expects: a range as typed, a formula, a range with its formula (`2.2 to 2.6 V = divider(5.1 V, R2, RV1)`), or words of the maker. */
final readonly class Expectation
{
    private const NUMBER = '([+-]?\d+(?:[.,]\d+)?)\s*(m|k|M|G|\x{00B5}|\x{03BC}|u|n|p)?(V|A|Hz|s|ohm|\x{03A9}|F|H|W)?';
    /** "About" is this much to either side. */
    private const ABOUT = 0.1;
    /** Two digits of a meter of 2000 counts in its range of 2, in the plain unit. */
    private const NEAR_NOTHING = 0.002;

    /** @param ?Interval $range in the plain unit; open ends are infinite */
    private function __construct(
        public string $text,
        public ?Interval $range,
        public string $unit,
        public ?Formula $formula,
    ) {}

    /** @throws InvalidFormula when it looks like a formula and is none, or is too long */
    public static function parse(string $text): self
    {
        if (mb_strlen($text) > Limits::FORMULA_SIGNS) {
            throw InvalidFormula::tooLong($text, Limits::FORMULA_SIGNS);
        }
        $plain = trim(strtr($text, ["\u{00A0}" => ' ', "\u{2009}" => ' ', "\u{202F}" => ' ', "\u{2212}" => '-']));
        $parts = preg_split('~(?<![<>])=~', $plain, 2);
        $parts = $parts === false ? [$plain] : $parts;
        $range = self::range(trim($parts[0]));
        if (count($parts) === 2) {
            return $range === null
                ? throw InvalidFormula::at($text, 0)
                : new self($text, $range[0], $range[1], Formula::parse(trim($parts[1])));
        }
        if ($range !== null) {
            return new self($text, $range[0], $range[1], null);
        }
        $formula = self::isFormula($plain) ? Formula::parse($plain) : self::difference($plain);

        return new self($text, null, $formula->unit ?? '', $formula);
    }

    /** Whether it says "about nothing", which leaves open how far off it may be. */
    public function isAboutNothing(): bool
    {
        return $this->range !== null &&
            preg_match(
                '~^(?:about|ca\.?|\x{2248}|\~)?\s*[+-]?0+(?:[.,]0+)?\s*\p{L}+\s*(?:=|$)~ui',
                str_replace("\u{2212}", '-', trim($this->text)),
            ) === 1;
    }

    /** Whether range and formula speak of different things: ohms of a voltage. */
    public function mixesUnits(): bool
    {
        $formula = $this->formula->unit ?? '';

        return $this->unit !== '' && $formula !== '' && $this->unit !== $formula;
    }

    /** Words that name no operation are the maker's own: "40 to 50 flashes in 60 s", "LED1 is lit". */
    private static function isFormula(string $plain): bool
    {
        return preg_match('~[*/+()]~', $plain) === 1 || preg_match('~^[A-Z]+\d+$~', $plain) === 1;
    }

    /** `R2 - R1`, `9 V - 0.7`: a dash stands in words too, so that what makes no formula is words. */
    private static function difference(string $plain): ?Formula
    {
        try {
            return preg_match('~\s-\s~', $plain) === 1 ? Formula::parse($plain) : null;
        } catch (InvalidFormula) {
            return null;
        }
    }

    /** @return ?array{Interval, string} */
    private static function range(string $text): ?array
    {
        $number = self::NUMBER;
        $flags = PREG_UNMATCHED_AS_NULL;
        if (preg_match("~^{$number}\s*(?:to|\.\.\.?|\x{2013})\s*{$number}$~u", $text, $m, $flags) === 1) {
            $unit = $m[6] ?? ($m[3] ?? '');
            $prefix = $m[5] ?? null;
            $low = self::value((string) $m[1], $m[2] ?? ($m[3] === null ? $prefix : null));
            $high = self::value((string) $m[4], $prefix);

            return [new Interval(min($low, $high), max($low, $high)), self::unit($unit)];
        }
        if (
            preg_match(
                "~^(>=|<=|>|<|\x{2265}|\x{2264}|above|below|at least|at most)\s*{$number}$~ui",
                $text,
                $m,
                $flags,
            ) === 1
        ) {
            $value = self::value((string) $m[2], $m[3] ?? null);

            return [
                in_array(strtolower((string) $m[1]), ['>', '>=', "\u{2265}", 'above', 'at least'], true)
                    ? new Interval($value, INF)
                    : new Interval(-INF, $value),
                self::unit($m[4] ?? ''),
            ];
        }
        if (
            preg_match("~^(about|ca\.?|\x{2248}|\~)?\s*{$number}$~ui", $text, $m, $flags) === 1 &&
            ($m[4] ?? '') !== ''
        ) {
            $value = self::value((string) $m[2], $m[3] ?? null);
            // A tenth of nothing is nothing: two digits of the meter instead, and a matter that asks for more.
            $spread = $value === 0.0 ? self::NEAR_NOTHING : self::ABOUT * abs($value);

            return [new Interval($value - $spread, $value + $spread), self::unit((string) $m[4])];
        }

        return null;
    }

    private static function value(string $number, ?string $prefix): float
    {
        return (float) str_replace(',', '.', $number) *
            10.0 ** (Prefix::ofReading((string) $prefix) ?? Prefix::One)->value;
    }

    private static function unit(string $unit): string
    {
        return $unit === "\u{03A9}" ? 'ohm' : $unit;
    }
}
