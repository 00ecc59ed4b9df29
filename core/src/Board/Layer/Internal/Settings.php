<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

/** Commands between percent signs: units, format, apertures, macros, polarity, attributes. */
final readonly class Settings
{
    public const INCH = 25.4;

    public function take(Pen $pen, string $text): Pen
    {
        // Between percent signs, what begins with a number or a `$` is a line of the macro before it.
        if (preg_match('~^[\d$]~', $text) === 1) {
            return $pen->defining($pen->tool->list->line($text));
        }

        return match (substr($text, 0, 2)) {
            'FS' => $this->format($pen, $text),
            'MO' => $pen->inUnit($text === 'MOIN' ? self::INCH : 1.0),
            'AD' => $this->define($pen, $text),
            'TF' => $pen->saying(file: array_merge($pen->attributes->file, self::attribute($text))),
            'TA' => $pen->saying(forAperture: array_merge($pen->attributes->forAperture, self::attribute($text))),
            'TO' => $pen->saying(forObject: array_merge($pen->attributes->forObject, self::attribute($text))),
            'TD' => $this->forget($pen, substr($text, 2)),
            'AM' => $pen->defining($pen->tool->list->opened(trim(substr($text, 2)))),
            'LP', 'LM', 'LR', 'LS' => $this->placing($pen, $text),
            default => $pen,
        };
    }

    private function format(Pen $pen, string $text): Pen
    {
        if (preg_match('~^FS([LTD]?)([AI])(?:[NGDM]\d+)*X(\d)(\d)Y(\d)(\d)~', $text, $found) !== 1) {
            return $pen;
        }

        return $pen->inFormat([
            'x' => (int) $found[4],
            'y' => (int) $found[6],
            'whole' => (int) $found[3],
            'trailing' => $found[1] === 'T',
            'steps' => $found[2] === 'I',
        ]);
    }

    private function define(Pen $pen, string $text): Pen
    {
        if (preg_match('~^ADD(\d{1,9})([A-Za-z_.$][\w.$-]*)(?:,(.*))?$~s', $text, $found) !== 1) {
            return $pen;
        }
        $sizes = array_map(
            floatval(...),
            ($found[3] ?? '') === '' ? [] : explode('X', strtoupper((string) preg_replace('~\s~', '', $found[3]))),
        );

        return $pen->defining(
            $pen->tool->list->defined(
                (int) $found[1],
                $found[2],
                $sizes,
                $pen->scale->unit ?? self::INCH,
                $pen->attributes->forAperture['.AperFunction'] ?? [],
            ),
        );
    }

    private function placing(Pen $pen, string $text): Pen
    {
        $was = $pen->tool->placing;
        $said = trim(substr($text, 2));

        return $pen->placing(
            match (substr($text, 0, 2)) {
                'LP' => new Placing($was->mirror, $was->degrees, $was->scale, $said !== 'C'),
                'LM' => new Placing($said, $was->degrees, $was->scale, $was->isDark),
                'LR' => new Placing($was->mirror, (float) $said, $was->scale, $was->isDark),
                default => new Placing($was->mirror, $was->degrees, (float) $said, $was->isDark),
            },
        );
    }

    /** @return array<string, list<string>> `TO.P,R1,1` as `['.P' => ['R1', '1']]`, characters written as `\uXXXX` resolved */
    private static function attribute(string $text): array
    {
        $fields = array_map(
            static fn(string $field): string => (string) preg_replace_callback(
                '~\\\\u([0-9A-Fa-f]{4})~',
                static fn(array $found): string => (string) mb_chr((int) hexdec($found[1])),
                $field,
            ),
            explode(',', substr($text, 2)),
        );

        return [(string) array_shift($fields) => $fields];
    }

    private function forget(Pen $pen, string $name): Pen
    {
        return $name === ''
            ? $pen->saying(forAperture: [], forObject: [])
            : $pen->saying(
                forAperture: array_diff_key($pen->attributes->forAperture, [$name => true]),
                forObject: array_diff_key($pen->attributes->forObject, [$name => true]),
            );
    }
}
