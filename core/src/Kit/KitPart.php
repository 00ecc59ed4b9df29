<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Bom\Line;
use Chiralex\Bom\Provision;
use Chiralex\Bom\Recognition;
use Chiralex\Marking\Spellings;
use Chiralex\Part\Contacts;
use Chiralex\Part\Kind;
use Chiralex\Part\KindRow;
use Chiralex\Part\Kinds;
use Chiralex\Quantity\Rating;
use Chiralex\Quantity\RatingUnit;
use Chiralex\Quantity\ToleranceLetter;
use Chiralex\Quantity\ValueReader;

/** One part of a kit, with everything the parts list, the kit file and the tables say of it. */
final readonly class KitPart
{
    public KindRow $row;

    public function __construct(
        public string $designator,
        public Line $line,
        public Recognition $recognition,
        public Provision $supply,
        public PartShape $shape,
        public PartDirection $direction,
        public PartPlace $place,
        public PartNotes $notes,
    ) {
        $this->row = Kinds::of($recognition->kind);
    }

    public function kind(): Kind
    {
        return $this->recognition->kind;
    }

    /** The value in normal form: the plain number, or the text in lower case without spaces. */
    public function valueKey(): string
    {
        return $this->recognition->value?->value->plain() ??
            mb_strtolower((string) preg_replace('~\s+~u', '', $this->line->cells->value));
    }

    /** @return list<string> ways in which a board may print its value, without blanks */
    public function spellings(): array
    {
        $value = $this->recognition->value?->value;
        $written = (string) preg_replace('~\s+~u', '', $this->line->cells->value);

        return array_values(
            array_unique(
                array_filter(
                    [$written, ...$value === null ? [] : Spellings::of($value)],
                    static fn(string $text): bool => mb_strlen($text) >= 2,
                ),
            ),
        );
    }

    /** The tolerance, wherever the row says it: in the value, in its own column, in description or package; null where nowhere. */
    public function tolerance(): ?string
    {
        $cells = $this->line->cells;
        $value = $this->recognition->value;
        $column = trim($cells->tolerance);
        $letter =
            $value !== null && preg_match('~^[A-Z]$~i', $column) === 1
                ? ToleranceLetter::meaning($column, $value->value)
                : null;

        return $value->tolerance ??
            ($letter ??
                (ValueReader::tolerance($column) ??
                    (ValueReader::tolerance(preg_match('~\d$~', $column) === 1 ? "{$column} %" : '') ??
                        (ValueReader::tolerance($cells->value) ??
                            (ValueReader::tolerance($cells->description) ??
                                ValueReader::tolerance($cells->package))))));
    }

    /** The volts it stands, wherever the row says them; by their peak where they alternate; null where nowhere. */
    public function ratedVolts(): ?float
    {
        $cells = $this->line->cells;
        foreach ([$cells->value, $cells->description, $cells->package, $cells->note] as $text) {
            if (preg_match('~(\d+(?:[.,]\d+)?)\s*V\s*(?:AC\b|\~)~iu', $text, $found) === 1) {
                return round((float) str_replace(',', '.', $found[1]) * M_SQRT2, 1);
            }
            $rating = Rating::find($text, RatingUnit::Volt)?->toFloat();
            if ($rating !== null) {
                return $rating;
            }
        }

        return null;
    }

    /** @return list<string> the designators that its row names, `for U1`; whether the kit has them is another question */
    public function namesInRow(): array
    {
        $cells = $this->line->cells;
        preg_match_all('~\b\p{L}{1,4}\d+[A-Za-z]?\b~u', "{$cells->value} {$cells->description} {$cells->note}", $found);

        return array_values(array_unique(array_diff($found[0], [$this->designator])));
    }

    /** Pins that are there: those given, those its contacts have, those of its outline; one at least. */
    public function joints(): int
    {
        $cells = $this->line->cells;
        $said =
            $this->shape->ownPins === []
                ? Contacts::pins($this->kind(), "{$cells->value} {$cells->package} {$cells->description}")
                : null;

        return max(1, $said ?? 0, count($this->shape->outline->pins));
    }

    /** True when the builder solders it to a board. */
    public function isSoldered(): bool
    {
        // Hardware stays hardware, though a board file may place it.
        return $this->supply->isBuilt() &&
            $this->place->socket === null &&
            !$this->place->inCase &&
            ($this->row->onBoard || ($this->place->placement !== null && $this->row->body->outline !== 'none'));
    }
}
