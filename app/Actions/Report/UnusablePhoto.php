<?php

declare(strict_types=1);

namespace App\Actions\Report;

use RuntimeException;

/** A photo that cannot be taken; the message says what to do. */
final class UnusablePhoto extends RuntimeException
{
    public static function noPicture(): self
    {
        return new self('The photo is no JPEG, PNG or WebP picture; take another one, or send the report without it. Your text is kept.');
    }

    public static function tooManyPixels(): self
    {
        return new self('The photo has more than 60 megapixels; choose a smaller size in your camera, or send the report without it. Your text is kept.');
    }
}
