<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Jobs\ComputeDocuments;
use App\Models\Revision;
use App\Models\RevisionFact;
use App\Models\Shop;
use App\Queries\Kit\KitFolder;
use App\Support\LostFile;
use Chiralex\ChiralexException;
use ChiralexRender\Document\OlderDocument;
use ChiralexRender\KitDocuments;
use Illuminate\Support\Facades\DB;

/** The documents of a revision, the same as the command line's, written by the same code. */
final readonly class Documents
{
    /** What a release keeps word for word. */
    public const FROZEN = [
        'parts',
        'check',
        'order',
        'marks',
        'bags',
        'bench',
        'manual',
        'boards',
        'shelf',
        'pictures',
        'safety',
    ];

    public function __construct(private KitFolder $folder, private Derived $derived, private Facts $facts) {}

    /**
     * @param string $options what is chosen, as `box=drilled;power=jack`
     * @return array<string, mixed>
     * @throws ChiralexException when the files cannot be read, or the kit has no such option
     * @throws RefusedKit when a file is lost, or working it out broke a limit
     */
    public function get(Revision $revision, string $name, string $options = ''): array
    {
        $kept = self::kept($name, $options);
        $frozen = in_array($name, self::FROZEN, true)
            ? DB::table('release_documents')
                ->join('releases', 'releases.id', '=', 'release_id')
                ->where('revision_id', $revision->id)
                ->where('name', $kept)
                ->value('document')
            : null;
        if (is_string($frozen)) {
            /** @var array<string, mixed> $kept */
            $kept = json_decode($frozen, true, 512, JSON_THROW_ON_ERROR);

            return OlderDocument::completed($kept);
        }

        return $this->derived->document($revision, $kept, fn(): array => $this->compute($revision, $name, $options));
    }

    /**
     * What broke a limit once is not tried again in a request: the draft has to change first.
     *
     * @return array<string, mixed>
     * @throws ChiralexException
     * @throws RefusedKit
     */
    private function compute(Revision $revision, string $name, string $options): array
    {
        $facts = RevisionFact::query()->find($revision->id);
        if ($facts?->blocked === true && Facts::areCurrent($facts, $revision)) {
            throw RefusedKit::because((string) $facts->fault);
        }
        try {
            $document = (new KitDocuments($this->folder->kit($revision, $options), Shop::bagCosts()))->document($name);
        } catch (LostFile $lost) {
            $this->facts->fault($revision, $lost->getMessage(), false);
            throw RefusedKit::because($lost->getMessage());
        }
        if ($facts?->fault !== null) {
            ComputeDocuments::dispatch($revision->id, $revision->sequence);
        }

        return $document;
    }

    /** The name a document is kept under. */
    public static function kept(string $name, string $options): string
    {
        return $options === '' ? $name : "{$name}@{$options}";
    }
}
