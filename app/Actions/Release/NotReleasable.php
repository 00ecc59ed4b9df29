<?php

declare(strict_types=1);

namespace App\Actions\Release;

use App\Support\Refusal;

/** A revision that cannot be released yet; the message says what stands in the way. */
final class NotReleasable extends Refusal
{
    /** @param list<array{station: string, message: string}> $matters */
    public static function blocked(array $matters): self
    {
        $first = $matters[0] ?? ['station' => 'parts', 'message' => ''];
        $rest = count($matters) > 1 ? ' and ' . (count($matters) - 1) . ' more' : '';

        return new self(
            "This revision cannot be released yet. Settle first, at {$first['station']}: {$first['message']}{$rest}",
        );
    }

    public static function choices(int $count, int $most): self
    {
        return new self(
            "The options of this kit make {$count} different kits; at most {$most} can be released as one revision. Take choices out under Facts, Kit, or split the kit.",
        );
    }

    public static function drafted(string $revision): self
    {
        return new self("Revision {$revision} has moved on since you looked at it. Look again, then release it.");
    }
}
