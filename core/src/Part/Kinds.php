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
        return new self(KindTable::rows());
    }

    public function row(Kind $kind): KindRow
    {
        return $this->rows[$kind->value] ?? $this->rows[Kind::Unknown->value];
    }

    /** @return list<Kind> kinds whose rows name exactly these designator letters, in table order */
    public function forPrefix(string $letters): array
    {
        $letters = strtoupper($letters);
        $kinds = [];
        foreach ($this->rows as $row) {
            if (in_array($letters, $row->prefixes, true)) {
                $kinds[] = $row->kind;
            }
        }

        return $kinds;
    }
}
