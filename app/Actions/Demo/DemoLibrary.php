<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Library\Fingerprint;
use App\Actions\Library\KnownParts;
use App\Actions\Library\PartLibrary;
use App\Models\LibraryPart;
use App\Models\Revision;
use App\Queries\Kit\KitFolder;

/** What the demo's maker knows of some parts; invented. */
final readonly class DemoLibrary
{
    public function __construct(private KitFolder $folder) {}

    /** @param Revision $revision whose designators the file names */
    public function load(Revision $revision, string $file): void
    {
        $kit = $this->folder->kit($revision);
        /** @var list<array{of: string, number: string, facts: array<string, mixed>, origins: array<string, string>, note: string}> $parts */
        $parts = json_decode((string) file_get_contents($file), true, 16, JSON_THROW_ON_ERROR);
        foreach ($parts as $each) {
            $part = $kit->part($each['of']);
            if ($part !== null) {
                LibraryPart::query()->firstOrCreate(
                    ['fingerprint' => Fingerprint::of($part)],
                    [
                        'title' => PartLibrary::title($part),
                        'number' => $each['number'],
                        'facts' => $each['facts'],
                        'origins' => $each['origins'],
                        'note' => $each['note'],
                        'version' => 1,
                    ],
                );
                KnownParts::ensure(Fingerprint::of($part), PartLibrary::title($part), $part->kind()->value);
            }
        }
    }
}
