<?php

declare(strict_types=1);

namespace Chiralex\Board\Files;

/** What a file was taken for, and by what it was known. */
final readonly class FileFate
{
    /** @param string $how `attribute`, `name`, `content`, `maker`, or `unknown`: then the role is a guess, and nothing is made of it */
    public function __construct(public FileRole $role, public string $how) {}

    public function isKnown(): bool
    {
        return $this->how !== 'unknown';
    }
}
