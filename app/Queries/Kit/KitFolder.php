<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Models\Revision;
use App\Support\FileStore;
use Chiralex\ChiralexException;
use Chiralex\Kit\Folder;
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

    public function of(Revision $revision): Folder
    {
        return new Folder($this->files($revision));
    }

    /**
     * @param string $options what is chosen, as `box=drilled;power=jack`
     * @throws ChiralexException when the files cannot be read, or the kit has no such option
     */
    public function kit(Revision $revision, string $options = ''): Kit
    {
        return (new KitReader())->read($this->files($revision), OptionChoice::parse($options));
    }
}
