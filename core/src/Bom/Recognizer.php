<?php

declare(strict_types=1);

namespace Chiralex\Bom;

use Chiralex\Bom\Internal\BodyReader;
use Chiralex\Bom\Internal\KindJudge;
use Chiralex\Part\Kind;
use Chiralex\Part\Kinds;
use Chiralex\Part\Outlines;
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
        if ($read instanceof ParsedValue && $kind === Kind::Trimmer && $value !== trim($line->cells->value)) {
            $reasons[] = new Reason(
                'value.trimmer-code',
                ['text' => $line->cells->value, 'read' => $read->value->display()],
                Origin::CommonPractice,
            );
        }
        $package ??= $line->cells->package;
        [$outline, $origin] = (new BodyReader($this->kinds, $this->outlines))->body($line, $package, $kind);

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
        $text = trim((string) preg_replace('~^(?:RES|CAP|IND)\s+~i', '', trim($line->cells->value)));

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
        [$kind, $confidence, $candidates, $reasons] = (new KindJudge($this->kinds))->judge($line);
        if (
            $letters === 'M' &&
            preg_match(self::NO_KIND, mb_strtolower("{$line->cells->value} {$line->cells->description}")) === 1
        ) {
            return [Kind::Unknown, 0.0, [], [new Reason('kind.unknown', ['letters' => $letters])]];
        }
        // Nothing names the type of a capacitor: its size and value tell.
        if ($kind === Kind::Ceramic && count($reasons) === 1 && $confidence >= Recognition::SURE) {
            return $this->capacitor($line, $reasons[0]);
        }

        return [$kind, $confidence, $candidates, $reasons];
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
}
