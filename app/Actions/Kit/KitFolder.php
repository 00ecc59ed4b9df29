<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Revision;
use App\Support\FileStore;
use Chiralex\ChiralexException;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\OptionChoice;

/** The files of a revision, and the kit the core reads from them. */
final readonly class KitFolder
{
    public function __construct(private FileStore $store) {}

    /** @return array<string, string> name to bytes */
    public function files(Revision $revision): array
    {
        return array_map($this->store->get(...), $revision->files);
    }

    /**
     * @param string $options what is chosen, as `box=drilled;power=jack`
     * @throws ChiralexException when the files cannot be read, or the kit has no such option
     */
    public function kit(Revision $revision, string $options = ''): Kit
    {
        return (new KitReader())->read($this->files($revision), OptionChoice::parse($options));
    }

    /**
     * @param array<string, string> $files name to bytes
     * @return array<string, string> name to hash
     */
    public function store(array $files): array
    {
        return array_map($this->store->put(...), $files);
    }
}
