<?php

declare(strict_types=1);

namespace App\Actions\Report;

use App\Support\FileStore;

/** Keeps a photo, cleaned of everything but its picture. */
final readonly class KeepPhoto
{
    public function __construct(private Photo $photo, private FileStore $store) {}

    /**
     * @return string the hash it is kept under
     * @throws UnusablePhoto
     */
    public function __invoke(string $bytes): string
    {
        return $this->store->put($this->photo->cleaned($bytes));
    }
}
