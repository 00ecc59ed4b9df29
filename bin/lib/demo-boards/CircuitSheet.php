<?php

declare(strict_types=1);

use Chiralex\Kit\Kit;
use Chiralex\Part\Kind;

/** Draws a circuit as a sheet of signs with the names of their nets, a column for each part of the circuit; for the demo kits. */
final class CircuitSheet
{
    private const ROW = 44;
    private const COLUMN = 300;
    private const TOP = 70;

    private string $ink = '';

    /**
     * @param array<string, list<string>> $columns titles and their parts
     * @param array<string, string> $nets net to its pins, `R1.1 C2.2`
     */
    public static function svg(Kit $kit, array $columns, array $nets): string
    {
        $sheet = new self();
        $deepest = 0;
        foreach (array_keys($columns) as $index => $title) {
            $x = 20 + self::COLUMN * $index;
            $sheet->text($x + 130, 36, $title, 'middle', 15);
            $y = self::TOP;
            foreach ($columns[$title] as $name) {
                $y += $sheet->part($kit, $name, self::pinsOf($name, $nets), $x, $y);
            }
            $deepest = max($deepest, $y);
        }
        $width = 40 + self::COLUMN * count($columns);

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}\" height=\"{$deepest}\" " .
            "viewBox=\"0 0 {$width} {$deepest}\" fill=\"none\" stroke=\"#222\" stroke-width=\"1.4\">\n" .
            "<rect width=\"{$width}\" height=\"{$deepest}\" fill=\"#fff\" stroke=\"none\"/>\n{$sheet->ink}</svg>\n";
    }

    /**
     * @param array<string, string> $nets
     * @return array<array-key, string> pin to net
     */
    private static function pinsOf(string $name, array $nets): array
    {
        $pins = [];
        foreach ($nets as $net => $text) {
            foreach (explode(' ', $text) as $pin) {
                [$part, $number] = explode('.', $pin);
                if ($part === $name) {
                    $pins[$number] = (string) $net;
                }
            }
        }
        ksort($pins);

        return $pins;
    }

    /** @param array<array-key, string> $pins */
    private function part(Kit $kit, string $name, array $pins, int $x, int $y): int
    {
        $part = $kit->part($name);
        $label = trim($name . '  ' . ($part === null ? '' : $part->line->cells->value));
        if (count($pins) !== 2) {
            return $this->box($label, $pins, $x, $y);
        }
        // Pin 1 of a diode is its cathode: it stands at the right, so that the sign points as current flows.
        [$left, $right] =
            $part?->row->isPolarised() === true && $part->kind() !== Kind::Electrolytic
                ? array_reverse(array_values($pins))
                : array_values($pins);
        $this->path("M{$x} {$y}h90M" . ($x + 170) . " {$y}h90");
        $this->text($x, $y - 5, $left, 'start', 11);
        $this->text($x + 260, $y - 5, $right, 'end', 11);
        $this->text($x + 130, $y - 14, $label, 'middle', 12);
        $this->sign($part?->kind() ?? Kind::Unknown, $x + 90, $y);

        return self::ROW + 6;
    }

    /** A sign between its two ends, 80 wide; of what has a direction the first pin is left. */
    private function sign(Kind $kind, int $x, int $y): void
    {
        $middle = $x + 40;
        match ($kind) {
            Kind::Resistor => $this->path("M{$x} {$y}h14v-7h52v14h-52v-7M" . ($x + 66) . " {$y}h14"),
            Kind::Ceramic, Kind::Film, Kind::Electrolytic => $this->path(
                "M{$x} {$y}h35M" .
                    ($x + 35) .
                    ' ' .
                    ($y - 11) .
                    'v22M' .
                    ($x + 45) .
                    ' ' .
                    ($y - 11) .
                    'v22M' .
                    ($x + 45) .
                    " {$y}h35",
            ),
            Kind::Diode, Kind::Zener, Kind::Rectifier, Kind::Led => $this->path(
                "M{$x} {$y}h30v-10l20 10l-20 10v-10M" . ($x + 50) . ' ' . ($y - 10) . 'v20M' . ($x + 50) . " {$y}h30",
            ),
            default => $this->path(
                "M{$x} {$y}h20M" . ($x + 60) . " {$y}h20M" . ($x + 20) . ' ' . ($y - 9) . 'h40v18h-40z',
            ),
        };
        if ($kind === Kind::Electrolytic) {
            $this->text($middle - 14, $y - 3, '+', 'middle', 12);
        }
    }

    /** @param array<array-key, string> $pins */
    private function box(string $label, array $pins, int $x, int $y): int
    {
        $rows = max(1, (int) ceil(count($pins) / 2));
        $this->text($x + 130, $y - 14, $label, 'middle', 12);
        $high = $rows * 22 + 8;
        $this->path('M' . ($x + 90) . ' ' . ($y - 8) . "h80v{$high}h-80z");
        $index = 0;
        foreach ($pins as $pin => $net) {
            $isLeft = $index < $rows;
            $at = $y + 8 + 22 * ($isLeft ? $index : 2 * $rows - 1 - $index);
            $this->path($isLeft ? "M{$x} {$at}h90" : 'M' . ($x + 170) . " {$at}h90");
            $this->text($isLeft ? $x : $x + 260, $at - 4, $net, $isLeft ? 'start' : 'end', 11);
            $this->text($isLeft ? $x + 95 : $x + 165, $at + 4, (string) $pin, $isLeft ? 'start' : 'end', 11);
            ++$index;
        }

        return $high + 34;
    }

    private function path(string $d): void
    {
        $this->ink .= "<path d=\"{$d}\"/>\n";
    }

    private function text(int $x, int $y, string $text, string $anchor, int $size): void
    {
        $text = htmlspecialchars($text, ENT_XML1);
        $this->ink .=
            "<text x=\"{$x}\" y=\"{$y}\" font-size=\"{$size}\" font-family=\"sans-serif\" " .
            "text-anchor=\"{$anchor}\" fill=\"#222\" stroke=\"none\">{$text}</text>\n";
    }
}
