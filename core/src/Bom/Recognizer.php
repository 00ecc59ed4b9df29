<?php

declare(strict_types=1);

namespace Chiralex\Bom;

use Chiralex\Bom\Data\KindWords;
use Chiralex\Part\Kind;
use Chiralex\Part\Kinds;
use Chiralex\Part\Outline;
use Chiralex\Part\Outlines;
use Chiralex\Part\PackageText;
use Chiralex\Quantity\ParsedValue;
use Chiralex\Quantity\Unit;
use Chiralex\Quantity\ValueFault;
use Chiralex\Quantity\ValueReader;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/** Tells from designator letters, value, package and description what a line is; the weights are common practice. */
final readonly class Recognizer
{
    /** Behind M, what no kind stands for: M1 is a motor and no screw. Behind other letters the word only explains. */
    private const NO_KIND = '~\bmotors?\b|\bsolenoid\b~';

    public function __construct(private Kinds $kinds, private Outlines $outlines) {}

    public static function standard(): self
    {
        return new self(Kinds::standard(), Outlines::standard());
    }

    /**
     * @param ?Kind $answered the maker's own answer, which wins
     * @param bool $placed true where a board file gives it a place: a wire with a place is a link
     */
    public function recognise(
        Line $line,
        ?Kind $answered = null,
        ?string $package = null,
        bool $placed = false,
    ): Recognition {
        [$kind, $confidence, $candidates, $reasons] = $this->kind($line, $answered);
        if ($kind === Kind::Wire && $placed && $answered === null) {
            $kind = Kind::Link;
            $reasons = [new Reason('kind.placed-wire', [], Origin::PlacementFile), ...$reasons];
        }
        $unit = $this->kinds->row($kind)->name->unit;
        $value = $this->valueText($line, $kind);
        $read = $unit === null || $value === '' ? null : (new ValueReader())->read($value, $unit);
        $package ??= $line->cells->package;
        [$outline, $origin] = $this->outline($line, $package, $kind);

        return new Recognition(
            $kind,
            $confidence,
            $read instanceof ParsedValue ? $read : null,
            $read instanceof ValueFault ? $read : null,
            $outline,
            $origin,
            $candidates,
            $reasons,
        );
    }

    /** A trimmer is listed by its print: `103` is 10 kohm, two figures and as many noughts. `100` stays what it says. */
    private function valueText(Line $line, Kind $kind): string
    {
        $text = trim($line->cells->value);

        return $kind === Kind::Trimmer && preg_match('~^([1-9]\d)([1-7])$~', $text, $m) === 1
            ? $m[1] . str_repeat('0', (int) $m[2])
            : $text;
    }

    /** @return array{Kind, float, list<Kind>, list<Reason>} */
    private function kind(Line $line, ?Kind $answered): array
    {
        $said = $answered ?? Kind::tryFrom(strtolower(str_replace([' ', '_'], '-', $line->cells->kind)));
        if ($said !== null) {
            return [$said, 1.0, [], [new Reason('kind.said', ['kind' => $said->value], Origin::Typed)]];
        }
        $letters = Designators::prefix($line->designators[0] ?? '');
        $byPrefix = !Designators::isNamed($line->designators[0] ?? '') ? [] : $this->kinds->forPrefix($letters);
        $byWord = $this->byWord($line, $byPrefix);
        $prefixReason = new Reason(
            'kind.prefix',
            ['letters' => $letters, 'kinds' => array_map(static fn(Kind $kind): string => $kind->value, $byPrefix)],
            Origin::Standard,
        );
        if ($byWord !== null) {
            [$kind, $word] = $byWord;
            $agrees = $byPrefix === [] || isset($this->family($byPrefix)[$kind->value]);

            return [
                $kind,
                $agrees ? 0.95 : 0.6,
                $byPrefix,
                [new Reason('kind.word', ['word' => $word, 'kind' => $kind->value], Origin::PartsList), $prefixReason],
            ];
        }
        if (
            $letters === 'M' &&
            preg_match(self::NO_KIND, mb_strtolower("{$line->cells->value} {$line->cells->description}")) === 1
        ) {
            return [Kind::Unknown, 0.0, [], [new Reason('kind.unknown', ['letters' => $letters])]];
        }
        if (in_array(Kind::Ceramic, $byPrefix, true)) {
            return $this->capacitor($line, $prefixReason);
        }
        $byPrefix = $this->narrowed($byPrefix, $line);
        if ($byPrefix === []) {
            return [Kind::Unknown, 0.0, [], [new Reason('kind.unknown', ['letters' => $letters])]];
        }

        return [$byPrefix[0], count($byPrefix) === 1 ? 0.8 : 0.35, $byPrefix, [$prefixReason]];
    }

    /**
     * A word that agrees with the designator letters goes before one that does not: `carbon film resistor` behind R is no film capacitor.
     *
     * @param list<Kind> $byPrefix
     * @return ?array{Kind, string} the kind a word names, and the word
     */
    private function byWord(Line $line, array $byPrefix): ?array
    {
        $text = mb_strtolower(
            "{$line->cells->value} {$line->cells->package} {$line->cells->description} {$line->cells->kind}",
        );
        $family = $this->family($byPrefix);
        // What a note says comes last: it may speak of another part.
        foreach ([[$text, true], [$text, false], [mb_strtolower($line->cells->note), true]] as [$where, $inFamily]) {
            foreach ($where === '' ? [] : KindWords::WORDS as [$pattern, $kind]) {
                if (isset($family[$kind->value]) === $inFamily && preg_match($pattern, $where, $found) === 1) {
                    return [$kind, trim($found[0])];
                }
            }
        }

        return null;
    }

    /**
     * A capacitor that names no type: a can's size or a value from 1 uF up is an electrolytic, a smaller one a ceramic.
     *
     * @return array{Kind, float, list<Kind>, list<Reason>}
     */
    private function capacitor(Line $line, Reason $prefix): array
    {
        $candidates = [Kind::Ceramic, Kind::Film, Kind::Electrolytic, Kind::Tantalum];
        if (preg_match('~\d+(?:[.,]\d+)?\s*[x\x{00D7}]\s*\d~u', $line->cells->package) === 1) {
            return [
                Kind::Electrolytic,
                0.85,
                $candidates,
                [$prefix, new Reason('kind.can-size', ['package' => $line->cells->package], Origin::PartsList)],
            ];
        }
        $read = (new ValueReader())->read($line->cells->value, Unit::Farad);
        if (!($read instanceof ParsedValue)) {
            return [Kind::Ceramic, 0.55, $candidates, [$prefix]];
        }
        $large = $read->value->amount->isGreaterThanOrEqualTo('0.000001');

        return [
            $large ? Kind::Electrolytic : Kind::Ceramic,
            0.6,
            $candidates,
            [
                $prefix,
                new Reason(
                    $large ? 'kind.large-capacitor' : 'kind.small-capacitor',
                    ['value' => $read->value->display()],
                    Origin::CommonPractice,
                ),
            ],
        ];
    }

    /**
     * @param list<Kind> $kinds
     * @return list<Kind>
     */
    private function narrowed(array $kinds, Line $line): array
    {
        if (count($kinds) < 2) {
            return $kinds;
        }
        $frequency = preg_match('~\d\s*[kM]?Hz~i', $line->cells->value) === 1;
        $ohms =
            $line->cells->value !== '' &&
            (new ValueReader())->read($line->cells->value, Unit::Ohm) instanceof ParsedValue;
        $fits = array_values(
            array_filter(
                $kinds,
                fn(Kind $kind): bool => match (true) {
                    $frequency => $kind === Kind::Crystal,
                    default => ($this->kinds->row($kind)->name->unit === Unit::Ohm) === $ohms,
                },
            ),
        );

        return $fits === [] ? $kinds : $fits;
    }

    /**
     * The kinds that designator letters stand for, and their near relatives.
     *
     * @param list<Kind> $kinds
     * @return array<string, true> by kind value
     */
    private function family(array $kinds): array
    {
        $all = [];
        foreach ($kinds as $kind) {
            $all[$kind->value] = true;
            foreach ($this->kinds->relatives($kind) as $relative) {
                $all[$relative->value] = true;
            }
        }

        return $all;
    }

    /** @return array{Outline, Origin} */
    private function outline(Line $line, string $package, Kind $kind): array
    {
        $reader = new PackageText($this->outlines);
        $named = $reader->outline($package, $kind);
        if ($named !== null) {
            return [$named, Origin::PackageOutline];
        }
        $text = mb_strtolower("{$line->cells->value} {$line->cells->description}");
        foreach (KindWords::BODIES as [$pattern, $name]) {
            if (preg_match($pattern, $text) === 1) {
                return [$this->outlines->named($name), Origin::PackageOutline];
            }
        }
        $described =
            $reader->outline($line->cells->description, $kind) ??
            (in_array($kind, [Kind::IcSocket, Kind::Led, Kind::Crystal, Kind::PinHeader], true)
                ? $reader->outline($line->cells->value, $kind)
                : null);
        if ($described !== null) {
            return [$described, Origin::PackageOutline];
        }
        if (
            $kind === Kind::IcSocket &&
            preg_match('~(\d+)~', "{$line->cells->package} {$line->cells->value}", $found) === 1 &&
            (int) $found[1] % 2 === 0 &&
            (int) $found[1] >= 6
        ) {
            return [$this->outlines->named("socket-DIP-{$found[1]}"), Origin::PackageOutline];
        }

        return [$this->outlines->named($this->kinds->row($kind)->body->outline), Origin::TypicalForKind];
    }
}
