<?php

declare(strict_types=1);

namespace Chiralex\Board\Drill\Internal;

/** How the numbers of a drill file are read: unit, digits, and which zeros are left out. */
final readonly class Coordinates
{
    private const INCH = 25.4;

    /**
     * @param float $unit millimetres
     * @param int $whole digits before the point where none is written
     * @param int $decimals digits behind it
     * @param bool $leading true where leading zeros are kept and trailing ones left out
     */
    public function __construct(
        public float $unit = 1.0,
        public int $whole = 3,
        public int $decimals = 3,
        public bool $leading = false,
    ) {}

    /** What a line of the header, or a comment, says of it; null where it says nothing. */
    public static function told(self $now, string $line): ?self
    {
        if (preg_match('~^(METRIC|INCH|M71|M72)(?:,(LZ|TZ))?(?:,(0+)\.(0+))?~', $line, $found) === 1) {
            $metric = in_array($found[1], ['METRIC', 'M71'], true);

            return new self(
                $metric ? 1.0 : self::INCH,
                isset($found[3]) ? strlen($found[3]) : ($metric ? 3 : 2),
                isset($found[4]) ? strlen($found[4]) : ($metric ? 3 : 4),
                ($found[2] ?? '') === 'LZ',
            );
        }
        if (preg_match('~^;\s*FILE_FORMAT\s*=\s*(\d)[:.](\d)~', $line, $found) === 1) {
            return new self($now->unit, (int) $found[1], (int) $found[2], $now->leading);
        }

        return null;
    }

    public function length(string $text): float
    {
        if (str_contains($text, '.')) {
            return (float) $text * $this->unit;
        }
        $sign = str_starts_with($text, '-') ? -1 : 1;
        $digits = ltrim($text, '+-');
        $digits = $this->leading ? str_pad($digits, $this->whole + $this->decimals, '0') : $digits;

        return ($sign * (float) $digits * $this->unit) / 10 ** $this->decimals;
    }
}
