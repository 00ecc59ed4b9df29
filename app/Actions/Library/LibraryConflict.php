<?php

declare(strict_types=1);

namespace App\Actions\Library;

use App\Models\LibraryPart;
use App\Support\Refusal;

/** A part of the library that cannot be saved as it stands. */
final class LibraryConflict extends Refusal
{
    public static function written(?LibraryPart $now): self
    {
        return new self(
            'Somebody else wrote this part since you opened it' .
                ($now === null ? '' : " (it is \"{$now->title}\" now)") .
                '. Your words are kept: look at both, then save again.',
        );
    }

    public static function draftMoved(): self
    {
        return new self('Somebody changed a draft in the same moment; give it again.');
    }

    public static function number(string $number, string $title): self
    {
        return new self("Part number {$number} belongs to \"{$title}\" already; choose another.");
    }

    protected function status(): int
    {
        return 409;
    }
}
