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
        'trimmer 6' => 'trimmer-6mm',
        'trimmer 10' => 'trimmer-10mm',
        'potentiometer 16' => 'potentiometer-16mm',
        'potentiometer 9' => 'potentiometer-9mm',
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

    private function name(string $text, Kind $kind): ?string
    {
        if ($text === '') {
            return null;
        }

        return $this->literal($text, $kind) ?? ($this->sized($text, $kind) ?? $this->pitched($text, $kind));
    }

    private function literal(string $text, Kind $kind): ?string
    {
        return match (true) {
            preg_match('~hc-?49\s*/?\s*(us|s|u)\b~', $text, $m) === 1 => $m[1] === 'u' ? 'HC-49/U' : 'HC-49/S',
            preg_match('~\bdo-?35\b~', $text) === 1 => 'DO-35',
            preg_match('~\bdo-?41\b~', $text) === 1 => 'DO-41',
            preg_match('~\bdo-?201~', $text) === 1 => 'DO-201',
            preg_match('~\bto-?(92|220|247|126|18|5)(?!\d)~', $text, $m) === 1 => "TO-{$m[1]}",
            preg_match('~(?:p?dip|dil)[-_ ]?(\d+)|\b(\d+)[-_ ]?(?:p?dip|dil)\b|socket[-_ ](\d+)~', $text, $m) === 1
                => $this->dual((int) ($m[1] . ($m[2] ?? '') . ($m[3] ?? '')), $kind),
            preg_match('~\bsip[-_ ]?(\d+)~', $text, $m) === 1 => "sip-{$m[1]}",
            str_contains($text, 'barrel') => 'barrel-jack',
            preg_match('~jack.*3[.,]5|3[.,]5.*jack~', $text) === 1 => 'jack-3.5',
            preg_match('~multi-?turn~', $text) === 1 => 'trimmer-multiturn',
            str_contains($text, 'snap') && $kind === Kind::BatteryHolder => 'battery-snap',
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
            $kind === Kind::PinHeader => "header-{$m[1]}x{$m[2]}",
            $kind === Kind::SocketStrip => "strip-{$m[1]}x{$m[2]}",
            $kind === Kind::BoxHeader => "box-header-{$m[1]}x{$m[2]}",
            $kind === Kind::TerminalBlock && $third === null => "terminal-{$m[1]}x{$m[2]}",
            $kind === Kind::Button => $third === null ? 'tact-6x6' : "tact-{$m[1]}x{$m[2]}x{$third}",
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
                Kind::Led, Kind::Photo => self::NAMED["led {$number}"] ?? null,
                Kind::Link, Kind::Ceramic, Kind::Film => $this->spanned($number, $kind),
                Kind::TerminalBlock => $this->terminal($text),
                Kind::Trimmer => self::NAMED["trimmer {$number}"] ?? null,
                Kind::Potentiometer => self::NAMED["potentiometer {$number}"] ?? null,
                Kind::PinHeader => $this->ways($text, 'header-1x'),
                Kind::SocketStrip => $this->ways($text, 'strip-1x'),
                default => null,
            };
    }

    /** Bodies told by the span of their leads alone. */
    private function spanned(?string $number, Kind $kind): ?string
    {
        return match (true) {
            $number === null => null,
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

    private function terminal(string $text): string
    {
        $ways = preg_match('~(\d+)[-_ ]?(?:way|pole|pos|pin|p)\b~', $text, $m) === 1 ? $m[1] : '2';
        $pitch = preg_match('~\b(2\.54|3\.5|3\.81|5(?:\.0|\.08)?|7\.62)\b~', $text, $m) === 1 ? $m[1] : '5.08';

        return "terminal-{$ways}x{$pitch}";
    }
}
