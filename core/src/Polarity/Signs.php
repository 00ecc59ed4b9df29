<?php

declare(strict_types=1);

namespace Chiralex\Polarity;

use Chiralex\Part\Mark;

/** The marks of a part that tell its direction. */
final readonly class Signs
{
    /**
     * @param ?Mark $fit mark to fit by
     * @param ?Mark $check mark that stays, to check by; null when the part shows none
     * @param string $terminal what the check mark stands for
     */
    public function __construct(public ?Mark $fit, public ?Mark $check, public string $terminal) {}
}
