<?php

declare(strict_types=1);

namespace App\Actions\Report;

use ChiralexRender\Words;
use RuntimeException;

/** A photo that cannot be taken; the message says what to do, and it can be said in the reader's language. */
final class UnusablePhoto extends RuntimeException
{
    private function __construct(private readonly string $sentence)
    {
        parent::__construct($this->told(Words::english()));
    }

    public static function noPicture(): self
    {
        return new self('public.photo-none');
    }

    public static function tooManyPixels(): self
    {
        return new self('public.photo-pixels');
    }

    public function told(Words $words): string
    {
        return $words->sentence($this->sentence);
    }
}
