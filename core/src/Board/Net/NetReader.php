<?php

declare(strict_types=1);

namespace Chiralex\Board\Net;

use Chiralex\Board\Point;
use Chiralex\Limits;

/** Reads a bare-board test file (IPC-D-356, from memory): nets of pins by fixed columns; long names by their NNAME parameters. */
final readonly class NetReader
{
    public static function isNets(string $bytes): bool
    {
        return preg_match('~^(?:C\s|P\s)[^\n]*\n~', $bytes) === 1 && preg_match('~^3[12]7~m', $bytes) === 1;
    }

    /** @return array{list<array{string, string}>, int, PinSpots} pin and net of each record, how many records named no pin, where the pins lie */
    public function read(string $bytes): array
    {
        $names = $joined = [];
        $left = 0;
        $spots = new PinSpots();
        // Customary units: 0 and 2 are 0.0001 inch, 1 is 0.001 mm.
        $unit = preg_match('~^P\s+UNITS\s+CUST\s+1\b~mi', $bytes) === 1 ? 0.001 : 0.00254;
        foreach (preg_split('~\r\n?|\n~', $bytes) ?: [] as $line) {
            if (preg_match('~^P\s+(NNAME\S*)\s+(\S.*)$~', $line, $found) === 1) {
                $names[$found[1]] = trim($found[2]);
                continue;
            }
            if (preg_match('~^3[126]7~', $line) !== 1 || count($joined) > Limits::LAYER_OBJECTS) {
                continue;
            }
            $net = trim(substr($line, 3, 14));
            $part = trim(substr($line, 20, 6));
            $pin = ltrim(trim(substr($line, 26, 5)), '-');
            if ($part === '' || $pin === '' || strtoupper($part) === 'VIA') {
                $left += strtoupper($part) === 'VIA' ? 0 : 1;
                continue;
            }
            $joined[] = ["{$part}.{$pin}", $names[$net] ?? $net];
            if (preg_match('~A(\d\d)X([+-]?\d{1,7})Y([+-]?\d{1,7})~', substr($line, 31), $found) === 1) {
                $at = new Point((int) $found[2] * $unit, (int) $found[3] * $unit);
                $spots = $spots->with($part, $pin, $at, $found[1]);
            }
        }

        return [$joined, $left, $spots];
    }
}
