<?php

declare(strict_types=1);

namespace Chiralex\Build;

use Chiralex\Kit\Kit;

/** A kind of fixed rule of the build order. */
interface RuleSource
{
    /** @return list<Rule> */
    public function rules(Kit $kit, TaskBook $book): array;
}
