<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Damages a good input in ways that files and forms get damaged; the same seed makes the same damage. */
final readonly class Mutator
{
    /** What has broken readers elsewhere: ends of number ranges, signs that mean something to somebody, bytes that are no text. */
    private const POISON = [
        '1e400',
        '-1e400',
        'NaN',
        '-0',
        '1e-400',
        '99999999999999999999',
        '0.1e1000',
        '0x7fffffff',
        "\0",
        "\xFF",
        "\xC3\x28",
        "\xEF\xBB\xBF",
        "\xFF\xFE",
        "\u{202E}",
        "\u{200B}",
        "\u{00A0}",
        '"',
        "'",
        '""',
        '\\',
        '\\u0000',
        ',',
        ';',
        "\t",
        "\r",
        "\n",
        "\r\n\r\n",
        '{',
        '}',
        '[',
        ']',
        '[[[[[[[[',
        '(((((((((',
        '))',
        '-',
        '–',
        'R1-R999999999',
        'R1-R5000',
        'null',
        'true',
        '=1+1',
        '@x',
        '<b>',
        '&amp;',
        '../../x',
        '%s%n',
        '${x}',
        "';--",
        'µ',
        'Ω',
        '10k',
        '4k7',
        '*',
        '/0',
        '^9^9^9',
    ];
    private const MOST_BYTES = 400_000;

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @param non-empty-list<string> $samples */
    public function pick(array $samples): string
    {
        return $samples[$this->random->getInt(0, count($samples) - 1)];
    }

    /** @param non-empty-list<string> $others good inputs that pieces may come from */
    public function damaged(string $input, array $others): string
    {
        for ($times = $this->random->getInt(1, 6); $times > 0; --$times) {
            $input = substr($this->once($input, $others), 0, self::MOST_BYTES);
        }

        return $input;
    }

    /** @param non-empty-list<string> $others */
    private function once(string $input, array $others): string
    {
        $at = $this->random->getInt(0, strlen($input));
        $length = $this->random->getInt(0, min(60, strlen($input) - $at));

        return match ($this->random->getInt(0, 9)) {
            0, 1 => substr_replace($input, $this->pick(self::POISON), $at, $this->random->getInt(0, 1) * $length),
            2 => $at < strlen($input)
                ? substr_replace($input, chr(ord($input[$at]) ^ (1 << $this->random->getInt(0, 7))), $at, 1)
                : $input,
            3 => substr_replace($input, '', $at, $length),
            4 => substr_replace(
                $input,
                str_repeat(substr($input, $at, $length), $this->random->getInt(2, 400)),
                $at,
                0,
            ),
            5 => substr($input, 0, $at),
            6 => $this->number($input),
            7 => $this->spliced($input, $at, $this->pick($others)),
            8 => substr_replace($input, $this->random->getBytes(max(1, $length)), $at, $length),
            default => $this->line($input),
        };
    }

    /** One of its numbers becomes one at the end of a range. */
    private function number(string $input): string
    {
        if (preg_match_all('~\d+(?:\.\d+)?~', substr($input, 0, 20_000), $found, PREG_OFFSET_CAPTURE) < 1) {
            return $input . $this->pick(self::POISON);
        }
        [$text, $at] = $found[0][$this->random->getInt(0, count($found[0]) - 1)];

        return substr_replace(
            $input,
            $this->pick([
                '1e400',
                '-1',
                '0',
                '99999999999999999999',
                '1e14',
                '0.0000000001',
                '4.999999',
                '5000',
                '2000',
                '100000000',
            ]),
            $at,
            strlen($text),
        );
    }

    private function spliced(string $input, int $at, string $other): string
    {
        return substr($input, 0, $at) . substr($other, $this->random->getInt(0, strlen($other)));
    }

    /** A line is repeated or moved. */
    private function line(string $input): string
    {
        $lines = explode("\n", $input);
        $from = $this->random->getInt(0, count($lines) - 1);
        $moved = array_fill(0, $this->random->getInt(1, 60), $lines[$from]);
        array_splice($lines, $this->random->getInt(0, count($lines)), 0, $moved);

        return implode("\n", $lines);
    }
}
