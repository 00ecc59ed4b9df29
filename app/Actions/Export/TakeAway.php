<?php

declare(strict_types=1);

namespace App\Actions\Export;

use App\Actions\Kit\Documents;
use App\Actions\Kit\KitFolder;
use App\Actions\Release\PublicToken;
use App\Actions\Report\KitFaq;
use App\Models\Release;
use App\Models\Revision;
use Chiralex\ChiralexException;
use Chiralex\Manual\DrillPlan;
use ChiralexAdapters\KitArchive;
use ChiralexAdapters\PrintFonts;
use ChiralexAdapters\QrCode;
use ChiralexAdapters\UnusableFile;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Document\DataPackage;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Manual\HtmlManual;
use ChiralexRender\Manual\TextManual;
use ChiralexRender\Svg\DrillSvg;

/**
 * Files a maker takes away, made while they wait: the manual as one HTML file, Markdown or text, a drilling template, the kit folder.
 *
 * @phpstan-import-type ManualShape from ManualDocument
 */
final readonly class TakeAway
{
    /** What there is, with its media type. */
    public const KINDS = ['manual.html' => 'text/html', 'manual.md' => 'text/markdown', 'manual.txt' => 'text/plain', 'drilling.svg' => 'image/svg+xml', 'folder.zip' => 'application/zip'];

    public function __construct(
        private Documents $documents,
        private KitFolder $folder,
        private KitFaq $faq,
        private PublicToken $tokens,
        private KitArchive $archive,
    ) {}

    /**
     * @param int $face which face of a drilling template
     * @return ?array{name: string, bytes: string, type: string} null where the kit has no such thing: nothing to drill, no order yet
     * @throws ChiralexException when the files cannot be read
     * @throws UnusableFile when the archive cannot be written
     * @throws UnusableProgram when no QR code can be made
     */
    public function of(Revision $revision, string $what, string $options, int $face): ?array
    {
        $base = "{$revision->kit->name} {$revision->name}";
        $bytes = match ($what) {
            'folder.zip' => $this->archive->zip($this->files($revision), strtolower((string) preg_replace('~[^A-Za-z0-9]+~', '-', $base))),
            'drilling.svg' => $this->drilling($revision, $options, $face),
            default => $this->manual($revision, $what, $options),
        };

        return $bytes === null ? null : ['name' => "{$base} {$what}", 'bytes' => $bytes, 'type' => self::KINDS[$what] ?? 'application/octet-stream'];
    }

    /**
     * @return array<string, string>
     * @throws ChiralexException
     */
    private function files(Revision $revision): array
    {
        $files = $this->folder->files($revision);
        unset($files['datapackage.json']);

        return $files + ['datapackage.json' => json_encode((new DataPackage())->of($this->folder->kit($revision), $files), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR) . "\n"];
    }

    /** @throws ChiralexException */
    private function drilling(Revision $revision, string $options, int $face): ?string
    {
        $faces = DrillPlan::of($this->folder->kit($revision, $options));

        return isset($faces[$face]) ? (new DrillSvg())->face($faces[$face]) . "\n" : null;
    }

    /** @throws UnusableProgram */
    private function manual(Revision $revision, string $what, string $options): ?string
    {
        /** @var ManualShape|array{} $document */
        $document = $this->documents->get($revision, 'manual', $options);
        if ($document === []) {
            return null;
        }
        $faq = $this->faq->published($revision);
        if ($what !== 'manual.html') {
            return ($what === 'manual.md' ? TextManual::markdown() : TextManual::plain())->of($document, $faq);
        }
        /** @var array{steps: array<int, string>, callouts: array<string, string>} $pictures */
        $pictures = $this->documents->get($revision, 'pictures', $options);
        $release = Release::query()->where('revision_id', $revision->id)->first();
        $address = $release === null ? null : PublicToken::address($this->tokens->forRelease($release));

        return (new HtmlManual())->of($document, $pictures, $faq, PrintFonts::css(base_path('node_modules')), $address === null ? null : ['address' => $address, 'svg' => QrCode::svg($address)]);
    }
}
