<?php

declare(strict_types=1);

namespace Chiralex\Kit;

/** A test that has to pass before what it protects is fitted. */
final readonly class Gate
{
    /**
     * @param list<string> $needs designators, or names of wires
     * @param list<string> $protects
     * @param string $expect a range or a formula
     * @param list<TemporaryFit> $temporary
     */
    public function __construct(
        public string $name,
        public array $needs,
        public array $protects,
        public string $expect,
        public bool $early,
        public array $temporary,
    ) {}
}
