<?php

declare(strict_types=1);

namespace Chiralex\Quantity;

use Chiralex\Limits;

/** A reading as people write it: `612 mV`, `0,612`, `4.7k`, a true minus sign too. */
final readonly class MeasuredValue
{
    /** @param ?int $power of ten its prefix stands for; null where neither a prefix nor a unit is written */
    private function __construct(public float $number, public ?int $power) {}

    /** Null when the text is none, or beyond every reading. */
    public static function read(string $text): ?self
    {
        $plain = trim(str_replace(["\u{00A0}", "\u{2009}", "\u{202F}"], ' ', $text));
        if (
            preg_match(
                '~^([+\-\x{2212}]?\d+(?:[.,]\d+)?)\s*(p|n|u|\x{00B5}|\x{03BC}|m|k|M|G)?(V|A|Hz|s|ohm|\x{03A9}|F|H|W)?$~u',
                $plain,
                $found,
                PREG_UNMATCHED_AS_NULL,
            ) !== 1 ||
            strlen($plain) > Limits::VALUE_SIGNS
        ) {
            return null;
        }
        $sign = $found[2] ?? null;
        $number = (float) str_replace([',', "\u{2212}"], ['.', '-'], (string) $found[1]);
        if (abs($number) >= Limits::NUMBER) {
            return null;
        }

        return new self(
            $number,
            $sign === null && ($found[3] ?? null) === null
                ? null
                : (Prefix::ofReading((string) $sign) ?? Prefix::One)->value,
        );
    }

    /** In the plain unit; a bare number carries the power given. */
    public function value(int $bare = 0): float
    {
        return $this->number * 10.0 ** ($this->power ?? $bare);
    }
}
