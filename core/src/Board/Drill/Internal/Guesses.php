<?php

declare(strict_types=1);

namespace Chiralex\Board\Drill\Internal;

/** How the numbers of a drill file are taken where it does not say, and what of that is a guess. */
final readonly class Guesses
{
    private const INCH = 25.4;
    /** No tool of a kit's board is all under this in millimetres, and none is over it in inches; common practice, no source. */
    private const WIDEST_INCH_TOOL = 0.3;

    /** @param list<string> $names `unit-inch` or `unit-mm`, `zeros` */
    private function __construct(public Coordinates $coordinates, public array $names) {}

    public static function of(string $bytes): self
    {
        $saysUnit = preg_match('~^\s*(?:METRIC|INCH|M71|M72)~mi', $bytes) === 1;
        preg_match_all('~^\s*T\d+(?:[A-BD-Z][\d.]*)*C([\d.]+)~mi', $bytes, $tools);
        $widths = array_map(floatval(...), $tools[1]);
        $isInch = !$saysUnit && $widths !== [] && max($widths) < self::WIDEST_INCH_TOOL;

        return new self($isInch ? new Coordinates(self::INCH, 2, 4) : new Coordinates(), [
            ...$saysUnit ? [] : [$isInch ? 'unit-inch' : 'unit-mm'],
            ...self::hasOpenZeros($bytes) ? ['zeros'] : [],
        ]);
    }

    /** Numbers of several lengths without a point, and nothing that says which zeros are left out. */
    private static function hasOpenZeros(string $bytes): bool
    {
        if (preg_match('~^\s*(?:METRIC|INCH|M71|M72),(?:LZ|TZ)~mi', $bytes) === 1) {
            return false;
        }
        preg_match_all('~[XY][+-]?(\d+)(?![\d.])~i', $bytes, $numbers);

        return count(array_unique(array_map(strlen(...), $numbers[1]))) > 1;
    }
}
