<?php

declare(strict_types=1);

namespace Chiralex\Bom\Internal;

use Chiralex\Bom\Data\KindWords;
use Chiralex\Bom\Designators;
use Chiralex\Bom\Line;
use Chiralex\Part\Kind;
use Chiralex\Part\Kinds;
use Chiralex\Quantity\ParsedValue;
use Chiralex\Quantity\Unit;
use Chiralex\Quantity\ValueReader;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Reason;

/**
 * What a line is, from what speaks for each kind: designator letters and footprint count most, a type number in the value too,
 * words of a description explain. Where they disagree with nearly the same weight it is a question with a guess. The weights
 * are common practice.
 */
final readonly class KindJudge
{
    private const LETTERS = 3;
    private const RELATIVE = 2;
    private const VALUE = 4;
    private const PACKAGE = 3;
    private const FOOTPRINT = 4;
    private const WORDS = 2;
    private const NOTE = 1;
    private const FITS = 2;
    /** So much more has to speak against the letters for them to be overruled without a question. */
    private const CLEAR = 3;
    /** Letters that mean something else in other countries. */
    private const ELSEWHERE = [
        'T' => [Kind::Transistor],
        'Q' => [Kind::Crystal, Kind::Photo],
        'R' => [Kind::Photo],
        'TR' => [Kind::Transformer],
        'S' => [Kind::IcSocket],
        'BR' => [Kind::Link],
        'X' => [Kind::PinHeader, Kind::SocketStrip, Kind::Jack],
        'P' => [Kind::Potentiometer],
        'H' => [Kind::Standoff],
    ];
    /** What follows these words is what the part is for, not what it is. */
    private const FOR = '~\s(?:for|of|to|on|from|in|behind|f(?:ü|ue)r|am|zum?|zur|an|pour|du|des|voor|van|dla|para)\s.*$~su';

    public function __construct(private Kinds $kinds) {}

    /** @return array{Kind, float, list<Kind>, list<Reason>} kind, confidence, what else it could be, why */
    public function judge(Line $line): array
    {
        $named = Designators::isNamed($line->designators[0] ?? '');
        $letters = $named ? Designators::prefix($line->designators[0] ?? '') : '';
        $byPrefix = $named ? $this->kinds->forPrefix($letters) : [];
        $family = $this->family($byPrefix, $letters);
        [$points, $words] = $this->evidence($line, $byPrefix, $family);
        $reason = new Reason(
            'kind.prefix',
            ['letters' => $letters, 'kinds' => array_map(static fn(Kind $kind): string => $kind->value, $byPrefix)],
            Origin::Standard,
        );
        if ($points === []) {
            return [Kind::Unknown, 0.0, [], [new Reason('kind.unknown', ['letters' => $letters])]];
        }
        $inside = self::best(array_intersect_key($points, $family));
        $outside = self::best(array_diff_key($points, $family));
        $kind = $this->winner($inside, $outside, $points);
        $reasons = isset($words[$kind->value])
            ? [
                new Reason('kind.word', ['word' => $words[$kind->value], 'kind' => $kind->value], Origin::PartsList),
                $reason,
            ]
            : [$reason];

        return [
            $kind,
            $this->confidence($kind, $points, $family, isset($words[$kind->value])),
            $byPrefix === [] ? [] : array_values(array_unique([...$byPrefix, $kind], SORT_REGULAR)),
            $reasons,
        ];
    }

    /**
     * @param list<Kind> $byPrefix
     * @param array<string, true> $family
     * @return array{array<string, int>, array<string, string>} points by kind, and the word that named it
     */
    private function evidence(Line $line, array $byPrefix, array $family): array
    {
        $points = array_map(static fn(): int => self::RELATIVE, $family);
        foreach ($byPrefix as $kind) {
            $points[$kind->value] = self::LETTERS;
        }
        $words = [];
        $cells = $line->cells;
        $head = (string) preg_replace(self::FOR, '', mb_strtolower($cells->description));
        $value = mb_strtolower($cells->value);
        $package = str_replace('_', ' ', mb_strtolower($cells->package));
        // A row without letters is told by all its words together.
        $texts =
            $family === []
                ? [["{$value} {$package} {$head} {$cells->kind}", self::WORDS]]
                : [[$value, self::VALUE], [$package, self::PACKAGE], ["{$cells->kind} {$head}", self::WORDS]];
        foreach ($texts as [$text, $weight]) {
            $found = $this->word(mb_strtolower($text), $family);
            if ($found !== null) {
                [$kind, $word] = $found;
                // A plain word in the value may say what is joined there; a type number says what it is.
                $plain = $weight === self::VALUE && preg_match('~\d~', $word) !== 1;
                $points[$kind->value] = ($points[$kind->value] ?? 0) + $weight - ($plain ? 1 : 0);
                $words[$kind->value] ??= $word;
            }
        }
        if ($words === []) {
            [$points, $words] = $this->whole($line, $points, $family);
        }
        foreach (KindWords::FOOTPRINTS as [$pattern, $kind]) {
            $belongs = $kind !== Kind::Button || isset($family[$kind->value]);
            if ($belongs && preg_match($pattern, $package, $found) === 1) {
                $points[$kind->value] = ($points[$kind->value] ?? 0) + self::FOOTPRINT;
                $words[$kind->value] ??= trim($found[0]);
            }
        }

        return [$this->fitting($line, $points), $words];
    }

    /**
     * A word that stands over two cells, or in a note; a note may speak of another part, so it counts least.
     *
     * @param array<string, int> $points
     * @param array<string, true> $family
     * @return array{array<string, int>, array<string, string>}
     */
    private function whole(Line $line, array $points, array $family): array
    {
        $cells = $line->cells;
        $head = (string) preg_replace(self::FOR, '', mb_strtolower($cells->description));
        $found =
            $this->word(mb_strtolower("{$cells->value} {$cells->package} {$head}"), $family) ??
            $this->word(mb_strtolower($cells->note), $family);
        if ($found === null || ($family !== [] && !isset($family[$found[0]->value]))) {
            return [$points, []];
        }
        $points[$found[0]->value] = ($points[$found[0]->value] ?? 0) + self::NOTE;

        return [$points, [$found[0]->value => $found[1]]];
    }

    /**
     * A word that agrees with the letters goes before one that does not: `carbon film resistor` behind R is no film capacitor.
     *
     * @param array<string, true> $family
     * @return ?array{Kind, string} the kind a word names, and the word
     */
    private function word(string $text, array $family): ?array
    {
        foreach (trim($text) === '' ? [] : [true, false] as $inFamily) {
            foreach (KindWords::WORDS as [$pattern, $kind]) {
                if (isset($family[$kind->value]) === $inFamily && preg_match($pattern, $text, $found) === 1) {
                    return [$kind, trim($found[0])];
                }
            }
        }

        return match (true) {
            $family !== [] => null,
            preg_match(KindWords::CHIP_PACKAGE, $text, $found) === 1 => [Kind::Ic, $found[0]],
            preg_match(KindWords::THREAD, $text, $found) === 1 => [Kind::Screw, $found[0]],
            default => null,
        };
    }

    /**
     * A value in the unit of a kind speaks for it: a frequency for a crystal, a colour for an LED, ohms for a resistor.
     *
     * @param array<string, int> $points
     * @return array<string, int>
     */
    private function fitting(Line $line, array $points): array
    {
        $value = trim($line->cells->value);
        $units = [];
        foreach ($value === '' ? [] : Unit::cases() as $unit) {
            $units[$unit->value] = (new ValueReader())->read($value, $unit) instanceof ParsedValue;
        }
        $frequency = preg_match('~\d\s*[kM]?Hz~i', $value) === 1;
        $lit = preg_match(KindWords::COLOURS, mb_strtolower($value)) === 1;
        if ($frequency) {
            $points[Kind::Crystal->value] = ($points[Kind::Crystal->value] ?? 0) + self::LETTERS;
        }
        foreach ($points as $kind => $count) {
            $unit = $this->kinds->row(Kind::from($kind))->name->unit;
            $fits = match (true) {
                $frequency => false,
                $kind === Kind::Led->value => $lit,
                default => $unit !== null && ($units[$unit->value] ?? false),
            };
            $points[$kind] = $count + ($fits ? self::FITS : 0);
        }

        return $points;
    }

    /**
     * @param ?array{Kind, int} $inside
     * @param ?array{Kind, int} $outside
     * @param array<string, int> $points
     */
    private function winner(?array $inside, ?array $outside, array $points): Kind
    {
        return match (true) {
            $inside === null => $outside[0] ?? Kind::from((string) array_key_first($points)),
            $outside === null => $inside[0],
            default => $outside[1] > $inside[1] ? $outside[0] : $inside[0],
        };
    }

    /**
     * @param array<string, int> $points
     * @param array<string, true> $family
     */
    private function confidence(Kind $kind, array $points, array $family, bool $named): float
    {
        $mine = $points[$kind->value];
        $isInside = isset($family[$kind->value]);
        $against = self::best($isInside ? array_diff_key($points, $family) : array_intersect_key($points, $family));
        $margin = $mine - ($against[1] ?? 0);
        $tied = count(array_keys($points, $mine, true)) > 1;

        return match (true) {
            $family === [] => 0.95,
            !$isInside => $margin >= self::CLEAR ? 0.6 : 0.4,
            $against !== null && $margin <= 1 => 0.45,
            $named => 0.95,
            default => $tied ? 0.35 : 0.8,
        };
    }

    /**
     * @param array<string, int> $points
     * @return ?array{Kind, int} the kind with most points, the first of several
     */
    private static function best(array $points): ?array
    {
        if ($points === []) {
            return null;
        }
        $most = max($points);

        return [Kind::from((string) array_search($most, $points, true)), $most];
    }

    /**
     * The kinds that designator letters stand for, here or elsewhere, and their near relatives.
     *
     * @param list<Kind> $kinds
     * @return array<string, true> by kind value
     */
    private function family(array $kinds, string $letters): array
    {
        $all = [];
        foreach ($kinds as $kind) {
            $all[$kind->value] = true;
        }
        foreach ($kinds as $kind) {
            foreach ($this->kinds->relatives($kind) as $relative) {
                $all[$relative->value] = true;
            }
        }
        foreach (self::ELSEWHERE[strtoupper($letters)] ?? [] as $kind) {
            $all[$kind->value] = true;
        }

        return $all;
    }
}
