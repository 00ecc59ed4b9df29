<?php

declare(strict_types=1);

namespace Chiralex\Bom;

/** One row of a parts list, as it was written. */
final readonly class Line
{
    /**
     * @param int $row record number in the file, the header being row 1
     * @param list<string> $designators `~<row>` where the row names none
     * @param ?float $length millimetres where the quantity is a length
     */
    public function __construct(
        public int $row,
        public array $designators,
        public int $quantity,
        public ?float $length,
        public LineCells $cells,
        public Provision $supply,
        public ?float $height = null,
    ) {}

    /** @return list<string> what other files may call it: its designators, `~row`, its value */
    public function names(): array
    {
        return array_values(
            array_unique([
                ...$this->designators,
                "~{$this->row}",
                ...$this->cells->value === '' ? [] : [$this->cells->value],
            ]),
        );
    }
}
