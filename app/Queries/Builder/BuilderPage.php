<?php

declare(strict_types=1);

namespace App\Queries\Builder;

use App\Actions\Builder\Ticks;
use App\Actions\Kit\Derived;
use App\Actions\Kit\Documents;
use App\Actions\Kit\RefusedKit;
use App\Models\Revision;
use App\Queries\Kit\Difference;
use App\Queries\Report\KitFaq;
use Chiralex\ChiralexException;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Manual\StructuredData;
use ChiralexRender\Page\ContentsParts;

/**
 * Everything the builder's page shows, in one answer, so that it goes on when the connection drops.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 */
final readonly class BuilderPage
{
    public function __construct(
        private Documents $documents,
        private KitFaq $faq,
        private Ticks $ticks,
        private Difference $differences,
        private Derived $derived,
    ) {}

    /**
     * The same for machines, as JSON that may stand inside a page.
     *
     * @throws ChiralexException when the files of the release cannot be read
     */
    public function structured(OpenedPage $page): string
    {
        $revision = $page->release->revision;
        /** @var ManualShape|array{} $manual */
        $manual = $this->documents->get($revision, 'manual', $page->unit->run->options ?? '');

        return $manual === []
            ? '{}'
            : json_encode(
                StructuredData::of($manual, $this->faq->published($revision, $page->unit->run->options ?? '')),
                JSON_HEX_TAG | JSON_HEX_AMP | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
            );
    }

    /**
     * @return array<string, mixed>
     * @throws ChiralexException when the files of the release cannot be read
     */
    public function of(OpenedPage $page): array
    {
        $revision = $page->release->revision;
        $options = $page->unit->run->options ?? '';
        $manual = $this->documents->get($revision, 'manual', $options);

        return [
            'serial' => $page->unit?->serial,
            'keeps' => $page->unit === null ? 'device' : 'server',
            'ticks' => $page->unit === null ? [] : $this->ticks->done($page->unit),
            'otherwise' => $page->unit === null ? null : $this->differences->forBuilder($revision),
            'manual' => $manual,
            'contents' => (object) $this->contents($revision, $options, $manual),
            'boards' => $this->documents->get($revision, 'boards', $options),
            'faq' => $this->faq->published($revision, $options),
            'trouble' => $this->trouble($revision),
        ];
    }

    /**
     * How parts look in the hand; nothing where a file of the kit is lost: the page itself is frozen and goes on.
     *
     * @param array<string, mixed> $manual
     * @return array<array-key, array<string, mixed>>
     */
    private function contents(Revision $revision, string $options, array $manual): array
    {
        try {
            return (new ContentsParts())->of(
                $manual,
                $this->documents->get($revision, 'pack-pictures', $options),
                $this->documents->get($revision, 'parts', $options),
            );
        } catch (ChiralexException | RefusedKit) {
            return [];
        }
    }

    /** The search for a fault, where it was worked out; null while it is not. */
    private function trouble(Revision $revision): mixed
    {
        $known = $this->derived->known($revision, 'trouble');

        return $known === null ? null : json_decode($known, false, 64, JSON_THROW_ON_ERROR);
    }
}
