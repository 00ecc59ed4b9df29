<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** What is done with a kind: where it is kept, how it is fitted, what it is good for. */
final readonly class KindUse
{
    /**
     * @param string $tip code of the technique for fitting it, empty where there is none
     * @param list<Role> $roles
     * @param ?PanelHole $hole null where it sits in no panel
     */
    public function __construct(
        public Drawer $drawer,
        public string $tip = '',
        public array $roles = [],
        public ?PanelHole $hole = null,
    ) {}
}
