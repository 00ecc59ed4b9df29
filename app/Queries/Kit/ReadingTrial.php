<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Models\Revision;
use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Readings;
use Chiralex\ChiralexException;
use Chiralex\Kit\Meter;
use Chiralex\Kit\Test;
use ChiralexRender\Document\BenchDocument;
use ChiralexRender\Words;

/** What a test would expect, worked out while it is being written; nothing is saved. */
final readonly class ReadingTrial
{
    public function __construct(private KitFolder $folder) {}

    /**
     * @param ?string $adjusts designator
     * @return array<string, mixed> the row of the bench document
     * @throws ChiralexException when the files cannot be read
     */
    public function of(Revision $revision, string $expect, string $accuracy, ?string $adjusts, string $options): array
    {
        $test = new Test('', null, 'on', new Meter('', $accuracy), [], $expect, $adjusts, '');

        return (new BenchDocument(Words::english()))->row(
            BenchBook::checked(new Readings($this->folder->kit($revision, $options)), $test),
        );
    }
}
