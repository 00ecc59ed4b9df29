<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer\Internal;

/** Commands between percent signs: units, format, apertures, attributes. */
final readonly class Settings
{
    public const INCH = 25.4;

    public function take(Pen $pen, string $text): Pen
    {
        return match (substr($text, 0, 2)) {
            'FS' => $this->format($pen, $text),
            'MO' => $pen->inUnit($text === 'MOIN' ? self::INCH : 1.0),
            'AD' => $this->define($pen, $text),
            'TF' => $pen->saying(file: array_merge($pen->attributes->file, self::attribute($text))),
            'TA' => $pen->saying(forAperture: array_merge($pen->attributes->forAperture, self::attribute($text))),
            'TO' => $pen->saying(forObject: array_merge($pen->attributes->forObject, self::attribute($text))),
            'TD' => $this->forget($pen, substr($text, 2)),
            default => $pen,
        };
    }

    private function format(Pen $pen, string $text): Pen
    {
        if (preg_match('~^FS([LT])[AI]X(\d)(\d)Y(\d)(\d)~', $text, $found) !== 1) {
            return $pen;
        }

        return $pen->inFormat([
            'x' => (int) $found[3],
            'y' => (int) $found[5],
            'whole' => (int) $found[2],
            'trailing' => $found[1] === 'T',
        ]);
    }

    private function define(Pen $pen, string $text): Pen
    {
        if (preg_match('~^ADD(\d+)([A-Za-z_.$][\w.$]*)?(?:,([\d.]+))?~', $text, $found) !== 1) {
            return $pen;
        }
        // Standard apertures begin with their width; of a macro only that it is no line is known.
        $width = in_array($found[2] ?? '', ['C', 'R', 'O', 'P'], true)
            ? (float) ($found[3] ?? 0.0) * ($pen->scale->unit ?? 1.0)
            : 0.0;

        return $pen->saying(
            apertures: [(int) $found[1] => $pen->attributes->forAperture['.AperFunction'] ?? []] +
                $pen->attributes->apertures,
            sizes: [(int) $found[1] => [(string) $width]] + $pen->attributes->sizes,
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
