<?php

declare(strict_types=1);

namespace Chiralex\Supply\Data;

use Chiralex\Supply\InspectionLevel;

/** ISO 2859-1, normal inspection, single plans: tables 1 and 2-A, from memory; the pattern of table 2-A reproduces its printed entries. */
final readonly class SamplingTable
{
    public const LETTERS = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'J', 'K', 'L', 'M', 'N', 'P', 'Q', 'R'];
    public const SAMPLES = [2, 3, 5, 8, 13, 20, 32, 50, 80, 125, 200, 315, 500, 800, 1250, 2000];
    /** Percent of bad pieces, as printed. */
    public const AQLS = [
        '0.010',
        '0.015',
        '0.025',
        '0.040',
        '0.065',
        '0.10',
        '0.15',
        '0.25',
        '0.40',
        '0.65',
        '1.0',
        '1.5',
        '2.5',
        '4.0',
        '6.5',
        '10',
    ];
    /** Largest lot of each row of table 1; the last row has no end. */
    private const LOTS = [8, 15, 25, 50, 90, 150, 280, 500, 1200, 3200, 10000, 35000, 150000, 500000];
    /** Letters of level I by the same rows, by their number. */
    private const LEVEL_ONE = [0, 0, 1, 2, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];
    /** Accept numbers by the sum of the numbers of letter and AQL. */
    private const ACCEPT = [14 => 0, 17 => 1, 18 => 2, 19 => 3, 20 => 5, 21 => 7, 22 => 10, 23 => 14];
    private const MOST = 21;

    /** @return int<0, 15> number of the code letter for a lot */
    public static function letter(int $lot, InspectionLevel $level): int
    {
        $row = 0;
        while ($row < count(self::LOTS) && $lot > self::LOTS[$row]) {
            ++$row;
        }
        $letter = match ($level) {
            InspectionLevel::One => self::LEVEL_ONE[$row],
            InspectionLevel::Two => $row,
            InspectionLevel::Three => $row + 1,
        };

        return max(0, min(15, $letter));
    }

    /**
     * The accept number, and the letter to which the arrows lead.
     *
     * @param int<0, 15> $letter
     * @param int<0, 15> $aql number in AQLS
     * @return array{int<0, 15>, int} letter whose sample is taken, accept number
     */
    public static function plan(int $letter, int $aql): array
    {
        $down = true;
        while (!isset(self::ACCEPT[$letter + $aql]) && $letter + $aql < 24) {
            // Between 0 and 1 the arrows part: up to accept 0, and down to accept 1 from there on, or where nothing is above.
            $down = $letter + $aql !== 15 || $letter === 0;
            $letter += $down ? ($letter + $aql === 15 ? 2 : 1) : -1;
        }

        return [max(0, min(15, $letter)), self::ACCEPT[$letter + $aql] ?? self::MOST];
    }
}
