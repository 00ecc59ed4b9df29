<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RuntimeException;

/** Something that cannot be done as asked; the message says what, where and what to do, and is all that the caller gets. */
abstract class Refusal extends RuntimeException
{
    /** No fault of the program: nothing goes into its log. */
    public function report(): void {}

    public function render(Request $request): JsonResponse
    {
        return new JsonResponse(['message' => $this->getMessage()] + $this->more($request), $this->status());
    }

    protected function status(): int
    {
        return 422;
    }

    /** @return array<string, mixed> what the answer holds beside the message */
    protected function more(Request $request): array
    {
        return [];
    }
}
