<?php

declare(strict_types=1);

namespace App\Actions\Kit;

/** Dropped files read as a kit folder, with what was said before of their columns and parts. */
final readonly class PreparedKit
{
    /**
     * @param array<string, string> $files name in the kit folder to bytes
     * @param array<string, string> $labels name in the kit folder to the name it was dropped under
     */
    public function __construct(
        public string $name,
        public string $revision,
        public array $files,
        public array $labels,
    ) {}
}
