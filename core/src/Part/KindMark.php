<?php

declare(strict_types=1);

namespace Chiralex\Part;

/** The direction that parts of a kind have, and how it shows. */
final readonly class KindMark
{
    /**
     * @param Mark $fit mark to fit by
     * @param Mark $check mark to check by afterwards
     * @param string $terminal what the check mark stands for
     * @param Consequence $consequence of the wrong way round
     */
    public function __construct(
        public Mark $fit,
        public Mark $check,
        public string $terminal,
        public Consequence $consequence,
    ) {}
}
