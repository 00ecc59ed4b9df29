<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** How the kit is meant to be built. */
final readonly class BenchSettings
{
    public function __construct(
        public Alloy $alloy = Alloy::Leaded,
        public Workholding $workholding = Workholding::Table,
        public SolderFrom $solderFrom = SolderFrom::Back,
    ) {}
}
