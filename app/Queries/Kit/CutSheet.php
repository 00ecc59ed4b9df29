<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Models\Revision;
use Chiralex\Bagging\Cutting\CuttingPlanner;
use Chiralex\ChiralexException;
use ChiralexRender\Document\CutDocument;
use ChiralexRender\Words;

/** How bars and reels are cut for a number of kits. */
final readonly class CutSheet
{
    public function __construct(private KitFolder $folder) {}

    /**
     * @return array<string, mixed>
     * @throws ChiralexException when the files cannot be read
     */
    public function of(Revision $revision, int $kits, string $options): array
    {
        return (new CutDocument(Words::english()))->of(
            (new CuttingPlanner())->plan($this->folder->kit($revision, $options), $kits),
        );
    }
}
