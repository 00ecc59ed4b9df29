<?php

declare(strict_types=1);

namespace Chiralex\Part;

use Chiralex\Part\Data\KindTable;

/** Looks up rows of the kind table. */
final readonly class Kinds
{
    /** @param array<string, KindRow> $rows */
    private function __construct(private array $rows) {}

    public static function standard(): self
    {
        // The table is constant; it is put together once.
        /** @var ?self $standard */
        static $standard = null;

        return $standard ??= new self(KindTable::rows());
    }

    public static function of(Kind $kind): KindRow
    {
        return self::standard()->row($kind);
    }

    public function row(Kind $kind): KindRow
    {
        return $this->rows[$kind->value] ?? $this->rows[Kind::Unknown->value];
    }

    /** @return list<Kind> the kinds that share designator letters with this one, itself among them; none where it shares them with nobody */
    public function relatives(Kind $kind): array
    {
        $letters = $this->row($kind)->name->letters;
        $kinds = [];
        foreach ($letters === null ? [] : $this->rows as $row) {
            if ($row->name->letters === $letters) {
                $kinds[] = $row->kind;
            }
        }

        return $kinds;
    }

    /** @return list<Kind> kinds whose rows name exactly these designator letters, in table order */
    public function forPrefix(string $letters): array
    {
        $letters = strtoupper($letters);
        $kinds = [];
        foreach ($this->rows as $row) {
            if (in_array($letters, $row->name->prefixes, true)) {
                $kinds[] = $row->kind;
            }
        }

        return $kinds;
    }
}
