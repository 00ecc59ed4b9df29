<?php

declare(strict_types=1);

namespace Tests\Documents;

/** What stands in the places of a sentence while it is read: one of each, or several. */
final readonly class SampleArguments
{
    private const NUMBERS = [
        'amps' => '0.05',
        'celsius' => '340',
        'fahrenheit' => '645',
        'degrees' => '12',
        'duty' => '50',
        'volts' => '9',
        'watts' => '0.25',
        'ohms' => '470',
        'energy' => '0.5',
        'joules' => '0.5',
        'height' => '8.5',
        'gap' => '1.5',
        'thickness' => '1.6',
        'mm' => '2.5',
        'flush' => '0.5',
        'diameter' => '7',
        'tilt' => '5.3',
        'x' => '12.5',
        'y' => '30',
        'percent' => '6.8',
        'share' => '12 %',
        'position' => '4',
        'row' => '3',
        'paragraph' => '4',
    ];
    private const COUNTS = [
        'bags',
        'builds',
        'columns',
        'count',
        'days',
        'diodes',
        'directions',
        'fields',
        'holes',
        'hours',
        'items',
        'joints',
        'kits',
        'minutes',
        'numbers',
        'nuts',
        'often',
        'pairs',
        'pieces',
        'pins',
        'rows',
        'screws',
        'seconds',
        'standoffs',
        'steps',
        'takes',
        'washers',
        'words',
    ];
    private const PARTS = [
        'designators',
        'names',
        'parts',
        'others',
        'these',
        'those',
        'listed',
        'near',
        'joined',
        'shorted',
    ];
    private const WORDS = [
        'kind' => 'diode',
        'kinds' => ['diode', 'led'],
        'mark' => 'band',
        'edge' => 'left',
        'direction' => 'left',
        'side' => 'top',
        'colour' => 'red',
        'skill' => 'beginner',
        'bag' => 'C',
        'kit' => 'Frost Bell',
        'revision' => 'B',
        'value' => '4.7 kΩ',
        'file' => 'bom.csv',
        'test' => 'rail',
        'gate' => 'supply',
        'block' => 'sensor',
        'step' => '7',
        'net' => 'GND',
        'wire' => 'W1',
        'from' => 'J1.1',
        'to' => 'R2.2',
        'range' => '4.9 to 5.2 V',
        'expect' => '4.9 to 5.2 V',
        'landmark' => 'the edge',
        'length' => '300 mm',
        'lengths' => '5 mm and 8 mm',
        'title' => 'Resistors',
        'terminal' => 'the cathode',
        'name' => 'rail',
        'text' => '12x',
        'word' => 'ohm',
        'why' => 'it reads the same from both ends',
        'outline' => 'axial-1/4W',
        'package' => 'Axial 1/4W',
        'source' => 'typed in',
        'cover' => 'LID1',
        'time' => 'about 2 to 2½ hours',
        'elapsed' => 'about 14 hours',
        'example' => '4.7k',
        'formula' => 'zener(ZD1)',
        'fault' => 'ZD1 is no part',
        'list' => 'bom.csv',
    ];

    /** @return array<string, string|list<string>> for every name in braces that a sentence has */
    public static function for(string $template, bool $one): array
    {
        preg_match_all('~\{([a-z_]+)[|}]~i', $template, $found);
        $args = [];
        foreach (array_unique($found[1]) as $index => $name) {
            $args[$name] = match (true) {
                in_array($name, self::COUNTS, true) => $one ? '1' : '3',
                in_array($name, self::PARTS, true) => $one ? ['R1'] : ['R1', 'R2', 'C3'],
                isset(self::NUMBERS[$name]) => self::NUMBERS[$name],
                isset(self::WORDS[$name]) => self::WORDS[$name],
                default => ['U1', 'D2', 'C3', 'Q4', 'RV5', 'J6'][$index % 6],
            };
        }

        return $args;
    }
}
