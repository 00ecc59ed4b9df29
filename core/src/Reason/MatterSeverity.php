<?php

declare(strict_types=1);

namespace Chiralex\Reason;

/** How much a matter to settle weighs: a block stops the release of a revision. */
enum MatterSeverity: string
{
    case Block = 'block';
    case Warn = 'warn';
    case Note = 'note';

    public function stopsRelease(): bool
    {
        return $this === self::Block;
    }

    public function rank(): int
    {
        return match ($this) {
            self::Block => 0,
            self::Warn => 1,
            self::Note => 2,
        };
    }
}
