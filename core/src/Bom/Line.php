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
     * @param string $value the value cell as typed
     * @param string $package the package cell as typed
     * @param string $kindText the kind cell as typed
     */
    public function __construct(
        public int $row,
        public array $designators,
        public int $quantity,
        public ?float $length,
        public string $value,
        public string $package,
        public string $description,
        public string $tolerance,
        public string $kindText,
        public Provision $supply,
        public ?float $height = null,
        public string $note = '',
        public string $legend = '',
    ) {}
}
