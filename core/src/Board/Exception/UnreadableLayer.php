<?php

declare(strict_types=1);

namespace Chiralex\Board\Exception;

use Chiralex\ChiralexException;
use RuntimeException;

/** A layer file that cannot be followed; the line says where. */
final class UnreadableLayer extends RuntimeException implements ChiralexException
{
    private function __construct(string $message, public readonly string $reason, public readonly int $sourceLine)
    {
        parent::__construct($message);
    }

    public static function noFormat(string $file, int $line): self
    {
        return new self(
            "{$file}, line {$line}: coordinates come before the format; export the layer again.",
            'layer.no-format',
            $line,
        );
    }

    public static function operation(string $file, int $line, string $text): self
    {
        return new self(
            sprintf(
                '%s, line %d: "%s" is no operation; export the layer again.',
                $file,
                $line,
                mb_strimwidth($text, 0, 40, '...'),
            ),
            'layer.operation',
            $line,
        );
    }

    /** @param int $limit millimetres */
    public static function tooFar(string $file, int $line, int $limit): self
    {
        return new self(
            "{$file}, line {$line}: a place lies {$limit} mm or more from the origin, the limit; are unit and format right? Export the layer again.",
            'layer.too-far',
            $line,
        );
    }

    public static function tooLarge(string $file, int $most): self
    {
        return new self(
            "{$file} holds more than {$most} objects; drop the component and profile layers only.",
            'layer.too-large',
            0,
        );
    }
}
