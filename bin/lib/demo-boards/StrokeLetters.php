<?php

declare(strict_types=1);

/** Capital letters and digits of straight strokes, on a grid four wide and six high; drawn for the legends of the demo boards. */
final readonly class StrokeLetters
{
    private const SHAPES = [
        '0' => '05 01 10 30 41 45 36 16 05',
        '1' => '15 26 20|10 30',
        '2' => '05 16 36 45 44 00 40',
        '3' => '05 16 36 45 44 33 42 41 30 10 01|33 13',
        '4' => '30 36 02 42',
        '5' => '46 06 03 33 42 41 30 10 01',
        '6' => '45 36 16 05 01 10 30 41 42 33 13 02',
        '7' => '06 46 20',
        '8' => '13 04 05 16 36 45 44 33 13 02 01 10 30 41 42 33',
        '9' => '01 10 30 41 45 36 16 05 04 13 33 44',
        'A' => '00 04 26 44 40|02 42',
        'B' => '00 06 36 45 44 33 03|33 42 41 30 00',
        'C' => '45 36 16 05 01 10 30 41',
        'D' => '00 06 26 44 42 20 00',
        'E' => '46 06 00 40|03 33',
        'F' => '46 06 00|03 33',
        'G' => '45 36 16 05 01 10 30 41 43 23',
        'H' => '00 06|40 46|03 43',
        'J' => '46 41 30 10 01',
        'K' => '00 06|46 03 40',
        'L' => '06 00 40',
        'N' => '00 06 40 46',
        'P' => '00 06 36 45 44 33 03',
        'Q' => '10 01 05 16 36 45 41 30 10|22 40',
        'R' => '00 06 36 45 44 33 03|23 40',
        'S' => '45 36 16 05 04 13 33 42 41 30 10 01',
        'T' => '06 46|26 20',
        'U' => '06 01 10 30 41 46',
        'V' => '06 20 46',
        'W' => '06 10 24 30 46',
        'X' => '00 46|06 40',
        'Z' => '06 46 00 40',
    ];

    /**
     * @param array{float, float} $centre millimetres
     * @param float $height of a letter, millimetres
     * @return list<list<array{float, float}>> lines of the text
     */
    public static function lines(string $text, array $centre, float $height): array
    {
        $unit = $height / 6;
        $left = $centre[0] - ((strlen($text) * 6 - 2) * $unit) / 2;
        $low = $centre[1] - $height / 2;
        $lines = [];
        foreach (str_split(strtoupper($text)) as $index => $letter) {
            foreach (explode('|', self::SHAPES[$letter] ?? '') as $line) {
                $points = array_map(
                    static fn(string $at): array => [
                        $left + ($index * 6 + (int) $at[0]) * $unit,
                        $low + (int) $at[1] * $unit,
                    ],
                    array_filter(explode(' ', $line)),
                );
                $lines = count($points) < 2 ? $lines : [...$lines, $points];
            }
        }

        return $lines;
    }
}
