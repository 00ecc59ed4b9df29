<?php

declare(strict_types=1);

namespace Chiralex\Part;

/**
 * Reads the outline from a package or footprint text, with the kind deciding what a number means: `5mm` is the lens of an LED
 * and the pitch of a disc, `6.3x11` is diameter by height.
 */
final readonly class PackageText
{
    /** Bodies that come in few sizes. */
    private const NAMED = [
        'led 3' => 'led-3mm',
        'led 5' => 'led-5mm',
        'potentiometer 16' => 'potentiometer-16mm',
        'potentiometer 9' => 'potentiometer-9mm',
    ];

    /** Lying bodies by the span of their leads in inches. */
    private const INCH = [
        '0.3' => 'axial-1/8W',
        '0.4' => 'axial-1/4W',
        '0.5' => 'axial-1/2W',
        '0.6' => 'axial-1W',
        '0.7' => 'axial-1W',
        '0.8' => 'axial-2W',
    ];

    private const DUAL = '~(?:p?dip|dil)[-_ ]?(\d+)|\b(\d+)[-_ ]?(?:pins? |pol(?:ig)? |broches )?(?:p?dip|dil)\b|\bsocket[-_ ](\d+)~';
    private const DIN_SOCKET = '~\b(\d)[- ]?(?:pin|pole|polig)\b.*\bdin\b|\bdin\b.*\b(\d)[- ]?(?:pin|pole|polig)\b~';

    /** Lying bodies by their DIN size, length by diameter; from memory. */
    private const DIN = [
        '0204' => 'axial-1/8W',
        '0207' => 'axial-1/4W',
        '0309' => 'axial-1/2W',
        '0411' => 'axial-1/2W',
        '0414' => 'axial-1W',
        '0617' => 'axial-2W',
    ];

    /** Height of a can by its diameter, millimetres. */
    private const CANS = ['5' => '11', '6.3' => '11', '8' => '11.5', '10' => '12.5', '12.5' => '20', '16' => '25'];

    public function __construct(private Outlines $outlines) {}

    /** The outline the text names for a part of this kind, null when it names none. */
    public function outline(string $text, Kind $kind): ?Outline
    {
        $name = $this->name(mb_strtolower(trim($text)), $kind);

        return $name === null ? null : $this->outlines->find($name);
    }

    /** What a value or a description says of the body: only where a number has its unit or its word beside it. */
    public function worded(string $text, Kind $kind): ?Outline
    {
        $text = mb_strtolower(trim($text));
        $sized = '~\d\s*(?:mm|w)\b|(?:rm|pas|pitch|raster|din)\s*\d|\bto-?\d|\bdo-?\d|hc-?49|\d\s*x\s*\d~u';

        return preg_match($sized, $text) === 1 ? $this->outline($text, $kind) : null;
    }

    private function name(string $text, Kind $kind): ?string
    {
        $text = str_replace('_', ' ', $text);
        if ($text === '') {
            return null;
        }

        return $this->ofKind($text, $kind) ??
            ($this->literal($text, $kind) ?? ($this->sized($text, $kind) ?? $this->pitched($text, $kind)));
    }

    /** Registered outlines, whatever the kind. */
    private function literal(string $text, Kind $kind): ?string
    {
        return match (true) {
            preg_match('~hc-?49[\s/-]*(u-?s|s|u)\b~', $text, $m) === 1 => $m[1] === 'u' ? 'HC-49/U' : 'HC-49/S',
            preg_match('~\bdo-?(35|41)\b~', $text, $m) === 1 => "DO-{$m[1]}",
            preg_match('~\bdo-?201~', $text) === 1 => 'DO-201',
            preg_match('~\bto-?(92|220|247|126|18|5)(?!\d)~', $text, $m) === 1 => "TO-{$m[1]}",
            preg_match(self::DUAL, $text, $m) === 1 => $this->dual(
                (int) ($m[1] . ($m[2] ?? '') . ($m[3] ?? '')),
                $kind,
            ),
            preg_match('~\bsip[-_ ]?(\d+)~', $text, $m) === 1 => "sip-{$m[1]}",
            str_contains($text, 'barrel') => 'barrel-jack',
            preg_match('~multi-?turn~', $text) === 1 => 'trimmer-multiturn',
            default => null,
        };
    }

    /** Words and sizes that name a body of this kind: DIN sizes, footprints of drawing programs, sockets and clips. */
    private function ofKind(string $text, Kind $kind): ?string
    {
        return match ($kind) {
            Kind::Resistor, Kind::Inductor => $this->lying($text),
            Kind::Ceramic, Kind::Film => $this->standing($text, $kind),
            Kind::Jack => $this->jack($text),
            Kind::Button => preg_match('~push.*6 ?mm~', $text) === 1 ? 'tact-6x6' : null,
            Kind::BatteryHolder => match (true) {
                preg_match('~snap|printed|pcb~', $text) === 1 => 'battery-snap',
                preg_match('~clip|leads|coupleur~', $text) === 1 => 'battery-leads',
                default => null,
            },
            Kind::Ic => preg_match('~\b(\d*[13579])[- ]?(?:pins?|polig|broches)\b~', $text, $m) === 1
                ? "power-{$m[1]}"
                : null,
            default => null,
        };
    }

    private function lying(string $text): ?string
    {
        return match (true) {
            preg_match('~(?:\bdin|\br|\b)(0[2-6]\d\d)\b~', $text, $m) === 1 => self::DIN[$m[1]] ?? null,
            preg_match('~axial[- ]?(0\.[345678])\b~', $text, $m) === 1 => self::INCH[$m[1]],
            default => null,
        };
    }

    /** A footprint says the span of the leads behind a P: `L7.2mm W2.5mm P5.00mm`. */
    private function standing(string $text, Kind $kind): ?string
    {
        return preg_match('~\bp(\d+(?:\.\d+)?)(?:mm)?\b~', $text, $m) === 1 &&
            ($kind === Kind::Film || str_contains($text, 'disc'))
            ? $this->spanned((string) (float) $m[1], $kind)
            : null;
    }

    private function jack(string $text): ?string
    {
        return match (true) {
            preg_match(self::DIN_SOCKET, $text, $m) === 1 => 'jack-din-' . $m[1] . ($m[2] ?? ''),
            preg_match('~(?<![\d.,])3[.,]5 ?(?:mm)?\b~', $text) === 1 => 'jack-3.5',
            default => null,
        };
    }

    private function dual(int $pins, Kind $kind): string
    {
        return $kind === Kind::IcSocket ? "socket-DIP-{$pins}" : "DIP-{$pins}";
    }

    private function sized(string $text, Kind $kind): ?string
    {
        $text = str_replace(["\u{00D7}", ','], ['x', '.'], $text);
        if (preg_match('~(\d+(?:\.\d+)?)\s*x\s*(\d+(?:\.\d+)?)(?:\s*x\s*(\d+(?:\.\d+)?))?~', $text, $m) !== 1) {
            return null;
        }
        $third = $m[3] ?? null;

        return match (true) {
            $kind === Kind::PinHeader => 'header-' . (int) $m[1] . 'x' . (int) $m[2],
            $kind === Kind::SocketStrip => 'strip-' . (int) $m[1] . 'x' . (int) $m[2],
            $kind === Kind::BoxHeader => 'box-header-' . (int) $m[1] . 'x' . (int) $m[2],
            $kind === Kind::TerminalBlock && $third === null => (int) $m[1] === 1
                ? $this->terminal($text, $m[2])
                : "terminal-{$m[1]}x{$m[2]}",
            $kind === Kind::Button => $third === null ? 'tact-6x6' : "tact-{$m[1]}x{$m[2]}x{$third}",
            $m[1] === '1' && in_array($kind, [Kind::Sensor, Kind::Display, Kind::Unknown], true) => "header-1x{$m[2]}",
            $third !== null => "block-{$m[1]}x{$m[2]}x{$third}",
            Kinds::of($kind)->is(Role::DiameterByHeight) => "radial-{$m[1]}x{$m[2]}",
            default => null,
        };
    }

    private function pitched(string $text, Kind $kind): ?string
    {
        $text = str_replace(',', '.', $text);
        $number = preg_match('~(\d+(?:\.\d+)?)\s*(?:mm)?(?![\d/]|\s*w)~', $text, $m) === 1 ? $m[1] : null;

        $can = Kinds::of($kind)->is(Role::DiameterByHeight) ? $this->can($text) : null;

        return $can ??
            match ($kind) {
                Kind::Resistor, Kind::Inductor, Kind::Thermistor, Kind::Diode, Kind::Rectifier => $this->axial(
                    $text,
                    $number,
                    $kind,
                ),
                Kind::Led, Kind::Photo => self::NAMED['led ' . (float) $number] ?? null,
                Kind::Link, Kind::Ceramic, Kind::Film => $this->spanned($number, $kind),
                Kind::TerminalBlock => $this->terminal($text),
                Kind::Trimmer => $this->trimmer($number),
                Kind::Potentiometer => self::NAMED["potentiometer {$number}"] ?? null,
                Kind::PinHeader => $this->ways($text, 'header-1x'),
                Kind::SocketStrip => $this->ways($text, 'strip-1x'),
                default => null,
            };
    }

    /** Sizes differ by a little from maker to maker. */
    private function trimmer(?string $number): ?string
    {
        return match (true) {
            $number === null => null,
            (float) $number >= 5.5 && (float) $number <= 7.5 => 'trimmer-6mm',
            (float) $number >= 9.0 && (float) $number <= 10.5 => 'trimmer-10mm',
            default => null,
        };
    }

    /** Bodies told by the span of their leads alone. */
    private function spanned(?string $number, Kind $kind): ?string
    {
        return match (true) {
            $number === null || (float) $number < 1.0 => null,
            $kind === Kind::Link => "link-{$number}",
            $kind === Kind::Ceramic => "disc-{$number}mm",
            default => "film-box-{$number}mm",
        };
    }

    /** A footprint that names the diameter alone (`CP_Radial_D10.0mm`): the height that is usual with it; common practice, no source. */
    private function can(string $text): ?string
    {
        $height =
            preg_match('~(?<![a-z])d(\d+(?:\.\d+)?)(?:mm)?(?![\d.])~', $text, $m) === 1
                ? self::CANS[(string) (float) $m[1]] ?? null
                : null;

        return $height === null ? null : 'radial-' . (float) $m[1] . "x{$height}";
    }

    private function ways(string $text, string $outline): ?string
    {
        return preg_match('~(\d+)[-_ ]?(?:pin|way|p)\b~', $text, $m) === 1 ? $outline . $m[1] : null;
    }

    private function axial(string $text, ?string $number, Kind $kind): ?string
    {
        if (preg_match('~(1/8|1/4|1/2|0\.125|0\.25|0\.5|\b1|\b2)\s*w~', $text, $m) === 1) {
            return 'axial-' . strtr($m[1], ['0.125' => '1/8', '0.25' => '1/4', '0.5' => '1/2']) . 'W';
        }
        if ($kind === Kind::Thermistor) {
            return str_contains($text, 'disc') && $number !== null ? "disc-{$number}mm" : null;
        }
        if ($kind === Kind::Diode || $kind === Kind::Rectifier) {
            return null;
        }
        if (str_contains($text, 'axial')) {
            return $number === null ? 'axial-1/4W' : "axial-{$number}mm";
        }

        return null;
    }

    private function terminal(string $text, string $ways = ''): string
    {
        $ways =
            $ways === '' && preg_match('~(\d+)[-_ ]?(?:way|pole|pos|pin|polig|plots|p)\b~', $text, $m) === 1
                ? $m[1]
                : max(2, (int) $ways);
        $pitch =
            preg_match('~\b(?:rm ?)?(2\.54|3\.5|3\.81|5(?:\.0|\.08)?|7\.62)(?:mm)?\b~', $text, $m) === 1
                ? $m[1]
                : '5.08';

        return "terminal-{$ways}x{$pitch}";
    }
}
