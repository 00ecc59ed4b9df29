<?php

declare(strict_types=1);

namespace Chiralex\Board\Net;

use Chiralex\Limits;

/** Reads a bare-board test file (IPC-D-356, from memory): nets of pins by fixed columns; long names by their NNAME parameters. */
final readonly class NetReader
{
    public static function isNets(string $bytes): bool
    {
        return preg_match('~^(?:C\s|P\s)[^\n]*\n~', $bytes) === 1 && preg_match('~^3[12]7~m', $bytes) === 1;
    }

    /** @return array{list<array{string, string}>, int} pin and net of each record, and how many records named no pin */
    public function read(string $bytes): array
    {
        $names = $joined = [];
        $left = 0;
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
        }

        return [$joined, $left];
    }
}
