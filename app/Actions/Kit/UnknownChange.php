<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use RuntimeException;

/** A change that names nothing in the draft. */
final class UnknownChange extends RuntimeException
{
    public static function type(string $type): self
    {
        return new self("There is no change of type \"{$type}\"; reload the page.");
    }

    public static function row(string $row, string $file): self
    {
        return new self("{$file} has no row {$row} any more; reload the page.");
    }

    public static function column(string $field, string $file): self
    {
        return new self("{$file} has no column for {$field}; add one to the file and drop it again.");
    }

    public static function pilot(string $field): self
    {
        return new self("The log of the pilot build cannot take that {$field}; shorten or correct it.");
    }

    public static function test(string $name): self
    {
        return new self("There is no test \"{$name}\" any more; reload the page.");
    }

    public static function block(): self
    {
        return new self('Give the block a name of at most 60 characters and its parts.');
    }

    public static function noDesignator(string $text): self
    {
        return new self("\"{$text}\" is no designator; write designators and ranges, like R1, R3-R5, C2.");
    }

    public static function hazard(string $name): self
    {
        return new self("There is no question of safety \"{$name}\"; reload the page.");
    }

    public static function testTwice(string $name): self
    {
        return new self(
            "Several tests are called \"{$name}\"; give each its own name in kit.json and drop the file again.",
        );
    }

    public static function testNamed(string $name): self
    {
        return new self(
            $name === '' ? 'Give the test a name.' : "There is already a test \"{$name}\"; give this one another name.",
        );
    }

    public static function released(string $revision): self
    {
        return new self(
            "Revision {$revision} is released and does not change any more; begin a new revision on the Shelf.",
        );
    }

    public static function nothingToUndo(): self
    {
        return new self('There is nothing to undo in this draft.');
    }
}
