<?php

declare(strict_types=1);

namespace Chiralex\Bom;

/** Cells of a row as they were typed. */
final readonly class LineCells
{
    /** @param string $kind the kind as somebody wrote it */
    public function __construct(
        public string $value = '',
        public string $package = '',
        public string $description = '',
        public string $tolerance = '',
        public string $kind = '',
        public string $note = '',
        public string $legend = '',
    ) {}
}
