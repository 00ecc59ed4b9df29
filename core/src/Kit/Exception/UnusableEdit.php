<?php

declare(strict_types=1);

namespace Chiralex\Kit\Exception;

use Chiralex\ChiralexException;
use Chiralex\Quantity\Exception\InvalidQuantity;
use RuntimeException;

/** An edit that names nothing in the kit, or says of it what cannot be; the message tells what could be named. */
final class UnusableEdit extends RuntimeException implements ChiralexException
{
    private const LONGEST = 290;

    private function __construct(string $message)
    {
        parent::__construct(mb_strimwidth($message, 0, self::LONGEST, '...'));
    }

    /**
     * @param string $what `fact of a part`, `board`
     * @param list<string> $known what could be named
     */
    public static function unknown(string $what, string $name, array $known): self
    {
        return new self(
            sprintf(
                'There is no %s "%s" here; %s.',
                $what,
                mb_strimwidth($name, 0, 60, '...'),
                $known === [] ? 'there is none yet' : 'there is ' . implode(', ', $known),
            ),
        );
    }

    /** @param string $wanted `a number`, `one of green, blue` */
    public static function value(string $what, string $wanted): self
    {
        return new self("{$what} must be {$wanted}.");
    }

    /** An edit after which the kit would be none: told without the name of its file, which nobody who edits in the rooms has opened. */
    public static function kit(UnusableKit $fault): self
    {
        $told = (string) preg_replace('~^kit\.json: ~', '', $fault->getMessage());

        return new self(mb_strtoupper(mb_substr($told, 0, 1)) . mb_substr($told, 1));
    }

    public static function saidNowhere(): self
    {
        return new self('That rule is said nowhere any more; reload the page.');
    }

    public static function length(InvalidQuantity $why): self
    {
        return new self($why->getMessage());
    }

    public static function row(string $row, string $file, int $last): self
    {
        $there = $last < 1 ? 'it has none' : "its rows end at {$last}";

        return new self("{$file} has no row {$row} any more; {$there}. Reload the page.");
    }

    /** @param list<string> $headers */
    public static function column(string $field, string $file, array $headers): self
    {
        return new self(
            sprintf(
                '%s has no column for %s (its columns: %s); add one to the file and drop it again.',
                $file,
                $field,
                implode(', ', $headers),
            ),
        );
    }

    public static function noName(string $what, int $longest): self
    {
        return new self("Give the {$what} a name of at most {$longest} characters.");
    }

    public static function nameTaken(string $what, string $name): self
    {
        return new self("There is already a {$what} \"{$name}\"; give this one another name.");
    }

    public static function severalOfOneName(string $what, string $name): self
    {
        return new self(
            "Several {$what}s are called \"{$name}\", so it is not clear which is meant; rename one first.",
        );
    }

    public static function noDesignator(string $text): self
    {
        return new self("\"{$text}\" is no designator; write designators and ranges, like R1, R3-R5, C2.");
    }
}
