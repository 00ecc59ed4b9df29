<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Support\Refusal;
use ChiralexRender\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A photo that cannot be taken; the message says what to do, and it can be said in the reader's language. */
final class UnusablePhoto extends Refusal
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

    /** In the language of the page that sent it. */
    public function render(Request $request): JsonResponse
    {
        $language = $request->input('lang');

        return new JsonResponse(
            ['message' => $this->told(Words::in(is_string($language) ? $language : 'en'))],
            $this->status(),
        );
    }
}
