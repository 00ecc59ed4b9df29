<?php

declare(strict_types=1);

namespace Chiralex\Trade;

use Chiralex\Trade\Exception\InvalidSerial;

/** Serials that a mistyped one may have been: one character other, two exchanged, letters for figures. */
final readonly class NearSerials
{
    private const DIGITS = '0123456789';
    /** Figures that hands write as letters. */
    private const LETTERS = [
        'O' => '0',
        'Q' => '0',
        'D' => '0',
        'I' => '1',
        'L' => '1',
        'Z' => '2',
        'S' => '5',
        'B' => '8',
    ];
    private const SHAPE = '~^([A-Z0-9]{1,6})[\s._-]+([A-Z0-9]{1,4})[\s._-]+([A-Z0-9]{5})[\s._-]*([A-Z0-9])?$~';

    /** @return list<string> each valid, the likeliest first; none where nothing like a serial was typed */
    public static function of(string $typed): array
    {
        if (preg_match(self::SHAPE, strtoupper(trim($typed)), $found) !== 1) {
            return [];
        }
        [, $code, $revision, $number] = $found;
        $check = $found[4] ?? '';
        $number = strtr($number, self::LETTERS);
        if (!ctype_digit($number)) {
            return [];
        }
        $near = [];
        foreach ([$number, ...self::exchanged($number), ...self::changed($number)] as $index => $each) {
            $serial = self::serial($code, $revision, $each);
            // The number itself stands whatever its check character says; another one has to fit it.
            if ($serial !== null && ($index === 0 || $serial->check() === $check)) {
                $near[] = $serial->text();
            }
        }

        return array_values(array_unique($near));
    }

    private static function serial(string $code, string $revision, string $number): ?Serial
    {
        try {
            return Serial::of($code, $revision, (int) $number);
        } catch (InvalidSerial) {
            return null;
        }
    }

    /** @return list<string> two neighbours exchanged */
    private static function exchanged(string $number): array
    {
        $all = [];
        for ($i = 1; $i < strlen($number); ++$i) {
            $all[] = substr($number, 0, $i - 1) . $number[$i] . $number[$i - 1] . substr($number, $i + 1);
        }

        return $all;
    }

    /** @return list<string> one figure another */
    private static function changed(string $number): array
    {
        $all = [];
        for ($i = 0; $i < strlen($number); ++$i) {
            foreach (str_split(self::DIGITS) as $digit) {
                $all[] = substr_replace($number, $digit, $i, 1);
            }
        }

        return $all;
    }
}
