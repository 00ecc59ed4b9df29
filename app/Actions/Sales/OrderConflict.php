<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Models\Article;
use App\Support\Refusal;

/** An order that cannot become what somebody wants of it. */
final class OrderConflict extends Refusal
{
    public static function changed(string $number): self
    {
        return new self("Somebody else changed order {$number} since you saw it; look again, then change it.");
    }

    public static function nothing(string $number): self
    {
        return new self("Order {$number} is so already; nothing was changed. What has left is noted under Came back.");
    }

    public static function shipped(string $number, int $article, int $shipped): self
    {
        $title = Article::query()->findOrFail($article)->title();

        return new self(
            "{$shipped} of {$title} have left with order {$number}; what came back is noted under Came back.",
        );
    }

    public static function notShipped(string $number, string $what): self
    {
        return new self("{$what} did not leave with order {$number}, or came back already; look again.");
    }

    public static function wholePack(string $serial, int $kits): self
    {
        return new self("Kit {$serial} left in a class pack of {$kits}, which comes back whole; mark all its kits.");
    }

    public static function closed(string $number): self
    {
        return new self("Order {$number} has left or was cancelled; reload the page, its turn counts no more.");
    }

    protected function status(): int
    {
        return 409;
    }
}
