<?php

declare(strict_types=1);

namespace App\Queries\Export;

use App\Actions\Kit\Documents;
use App\Actions\Release\PublicToken;
use App\Models\Release;
use App\Models\Revision;
use App\Queries\Kit\CircuitView;
use App\Queries\Report\KitFaq;
use App\Queries\Shop\Printed;
use Chiralex\ChiralexException;
use ChiralexAdapters\PrintFonts;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Manual\HtmlManual;

/**
 * The manual of a revision as one page, with the published questions and the code of the builder's page once it is released.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 */
final readonly class ManualPage
{
    public function __construct(
        private Documents $documents,
        private PublicToken $tokens,
        private KitFaq $faq,
        private Printed $printed,
        private CircuitView $circuit,
    ) {}

    /**
     * @return ?ManualShape null while the steps wait for each other
     * @throws ChiralexException when the files cannot be read
     */
    public function document(Revision $revision, string $options): ?array
    {
        /** @var ManualShape|array{} $document */
        $document = $this->documents->get($revision, 'manual', $options);

        return $document === [] ? null : $document;
    }

    /**
     * @param ManualShape $document
     * @param bool $booklet set for pages of half the size, to be folded
     * @throws ChiralexException when the files cannot be read
     * @throws UnusableProgram when no QR code can be made
     */
    public function html(Revision $revision, array $document, string $options, bool $booklet = false): string
    {
        /** @var array{steps: array<int, string>, callouts: array<string, string>, cover?: list<string>} $pictures */
        $pictures = $this->documents->get($revision, 'pictures', $options);
        $release = Release::query()->where('revision_id', $revision->id)->first();
        $html = (new HtmlManual())->of(
            $document,
            $pictures + ['circuit' => $this->circuit->pages($revision)],
            $this->faq->published($revision),
            PrintFonts::css(base_path('node_modules')),
            $release === null ? null : $this->printed->code($this->tokens->forRelease($release)),
            $booklet,
        );

        return $this->printed->sender()->atHead($html);
    }
}
