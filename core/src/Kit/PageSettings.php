<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** How the kit is printed. */
final readonly class PageSettings
{
    public function __construct(
        public LengthUnit $units = LengthUnit::Millimetre,
        public PaperSize $paper = PaperSize::A4,
        public string $language = 'en',
        public bool $colour = true,
    ) {}
}
