<?php

declare(strict_types=1);

namespace Chiralex\Bom\Internal;

use Chiralex\Bom\Data\KindWords;
use Chiralex\Bom\Line;
use Chiralex\Part\Kind;
use Chiralex\Part\Kinds;
use Chiralex\Part\Outline;
use Chiralex\Part\Outlines;
use Chiralex\Part\PackageText;
use Chiralex\Reason\Origin;

/** The body of a part: from its package cell, its type number, or what value and description say of size and pins. */
final readonly class BodyReader
{
    /** Kinds told by words that may stand in any cell, whatever the package says. */
    private const OVER_ALL = [Kind::TerminalBlock, Kind::Jack, Kind::BatteryHolder];
    /** Kinds whose pins and pitch may stand in any cell. */
    private const ANYWHERE = [Kind::PinHeader, Kind::SocketStrip, Kind::BoxHeader, Kind::IcSocket, Kind::Ic];

    public function __construct(private Kinds $kinds, private Outlines $outlines) {}

    /** @return array{Outline, Origin} */
    public function body(Line $line, string $package, Kind $kind): array
    {
        $reader = new PackageText($this->outlines);
        $cells = $line->cells;
        $all = trim("{$package} {$cells->value} {$cells->description}");
        $named =
            ($kind === Kind::Photo && preg_match(KindWords::CELL, mb_strtolower($all)) === 1
                ? $this->outlines->named('ldr-5mm')
                : null) ??
            ((in_array($kind, self::OVER_ALL, true) ? $reader->outline($all, $kind) : null) ??
                $reader->outline($package, $kind));
        if ($named !== null) {
            return [$named, Origin::PackageOutline];
        }
        $text = mb_strtolower("{$cells->value} {$cells->description}");
        foreach (KindWords::BODIES as [$pattern, $name]) {
            if (preg_match($pattern, $text) === 1) {
                return [$this->outlines->named($name), Origin::PackageOutline];
            }
        }
        $described = $this->described($line, $all, $kind, $reader);

        return $described === null
            ? [$this->outlines->named($this->kinds->row($kind)->body->outline), Origin::TypicalForKind]
            : [$described, Origin::PackageOutline];
    }

    private function described(Line $line, string $all, Kind $kind, PackageText $reader): ?Outline
    {
        $cells = $line->cells;
        if (in_array($kind, self::ANYWHERE, true)) {
            return $reader->outline($all, $kind) ?? ($kind === Kind::IcSocket ? $this->socket($line) : null);
        }
        foreach ([$cells->description, $cells->value] as $text) {
            $found = $reader->worded($text, $kind);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /** A socket of which only a number of pins is said. */
    private function socket(Line $line): ?Outline
    {
        $text = "{$line->cells->package} {$line->cells->value} {$line->cells->description}";

        return preg_match('~(\d+)~', $text, $found) === 1 && (int) $found[1] % 2 === 0 && (int) $found[1] >= 6
            ? $this->outlines->named("socket-DIP-{$found[1]}")
            : null;
    }
}
