<?php

declare(strict_types=1);

namespace Chiralex\Review;

use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Marking\CodeDecoding;
use Chiralex\Marking\Codes;
use Chiralex\Marking\Exception\NoDecoding;
use Chiralex\Quantity\ParsedValue;
use Chiralex\Quantity\ValueReader;
use Chiralex\Reason\Matter;
use Chiralex\Reason\MatterSeverity;
use Chiralex\Reason\Station;

/** What the board prints, and what its file names, against what the parts list says: a builder believes the board. */
final readonly class PrintMatters implements MatterSource
{
    public function matters(Subject $subject): array
    {
        $matters = [];
        foreach ($subject->kit->parts as $part) {
            if (!$part->supply->isOnBoard()) {
                continue;
            }
            $printed = $subject->kit->printedValue($part);
            $printed = $printed === '' ? $this->another($part, $subject->kit) : $printed;
            if ($printed !== '') {
                array_push($matters, ...$this->compared($part, $printed));
            }
            if ($part->notes->fileValue !== '' && !$this->agrees($part, $part->notes->fileValue)) {
                $matters[] = new Matter(
                    MatterSeverity::Warn,
                    Station::Board,
                    'board.file-value',
                    [
                        'designator' => $part->designator,
                        'file' => $part->notes->fileValue,
                        'list' => $part->line->cells->value,
                    ],
                    [$part->designator],
                );
            }
        }

        return $matters;
    }

    private function agrees(KitPart $part, string $text): bool
    {
        $value = $part->recognition->value?->value;
        $read = $value === null ? null : (new ValueReader())->read($text, $value->unit);

        return $read instanceof ParsedValue
            ? $read->value->equals($value)
            : str_starts_with(self::plain($part->line->cells->value), self::plain($text)) ||
                    str_starts_with(self::plain($text), self::plain($part->line->cells->value));
    }

    /** A word of the legend beside a part that reads as a value of its unit, though not as its own. */
    private function another(KitPart $part, Kit $kit): string
    {
        $unit = $part->recognition->value?->value->unit;
        if ($unit === null) {
            return '';
        }
        foreach ($kit->findings->drawn->prints[$part->designator]->others ?? [] as $word) {
            $looks = preg_match('~^\d+(\.\d+)?[RKMNUP]\d*[FH]?$|^[1-9]\d{2,3}$~', $word) === 1;
            if ($looks && (new ValueReader())->read($word, $unit) instanceof ParsedValue) {
                return $word;
            }
        }

        return '';
    }

    /** @return list<Matter> */
    private function compared(KitPart $part, string $prints): array
    {
        $value = $part->recognition->value?->value;
        $args = [
            'designator' => $part->designator,
            'prints' => $prints,
            'value' => $value?->display() ?? $part->line->cells->value,
        ];
        if ($value === null) {
            $same = self::plain($prints) === self::plain($part->line->cells->value);

            return $same
                ? []
                : [
                    new Matter(MatterSeverity::Warn, Station::Board, 'board.prints-another', $args, [
                        $part->designator,
                    ]),
                ];
        }
        $typed = (new ValueReader())->read($prints, $value->unit);
        $printed = $typed instanceof ParsedValue ? [$typed->value] : [];
        try {
            $printed = [
                ...$printed,
                ...array_map(
                    static fn(CodeDecoding $reading) => $reading->value,
                    (new Codes())->read($prints, $value->unit),
                ),
            ];
        } catch (NoDecoding) {
            // What is printed is no code; the typed reading stands alone.
        }
        foreach ($printed as $each) {
            if ($each->equals($value)) {
                return [];
            }
        }
        if ($printed === [] || $printed[0]->amount->isZero()) {
            return [
                new Matter(MatterSeverity::Warn, Station::Board, 'board.prints-another', $args, [$part->designator]),
            ];
        }
        $percent = round((100 * $value->amount->toFloat()) / $printed[0]->amount->toFloat(), 1);

        return [
            new Matter(
                MatterSeverity::Warn,
                Station::Board,
                'board.prints-value',
                $args + ['read' => $printed[0]->display(), 'percent' => $percent],
                [$part->designator],
            ),
        ];
    }

    private static function plain(string $text): string
    {
        return mb_strtolower((string) preg_replace('~[\s-]+~u', '', $text));
    }
}
