<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** What is drilled, cut and wound. */
final readonly class Workshop
{
    /** @param list<DrillFace> $drilling faces the maker says holes for */
    public function __construct(public array $drilling = [], public CutList $cutting = new CutList()) {}
}
