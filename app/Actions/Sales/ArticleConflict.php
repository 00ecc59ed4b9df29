<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Support\Refusal;

/** An article that somebody else changed meanwhile. */
final class ArticleConflict extends Refusal
{
    public static function changed(string $article): self
    {
        return new self("Somebody else changed \"{$article}\" since you saw it; look again, then change it.");
    }

    public static function isKit(string $article): self
    {
        return new self("{$article} is a kit; it is sold as long as it stands on the Shelf. Put the kit aside there.");
    }

    public static function onHand(string $article): self
    {
        return new self("Some of \"{$article}\" are still on hand; ship them or take them apart first.");
    }

    public static function priced(): self
    {
        return new self(
            'Somebody else changed the costs of this kit since you saw them; look again, then change them.',
        );
    }

    protected function status(): int
    {
        return 409;
    }
}
