<?php

declare(strict_types=1);

namespace App\Queries\Export;

use App\Actions\Kit\Documents;
use App\Models\Revision;
use App\Models\Shop;
use App\Queries\Kit\KitFolder;
use App\Queries\Report\KitFaq;
use App\Support\FileStore;
use App\Support\LostFile;
use App\Support\Row;
use Chiralex\ChiralexException;
use Chiralex\Manual\DrillPlan;
use ChiralexAdapters\BuiltPage;
use ChiralexAdapters\KitArchive;
use ChiralexAdapters\UnusableFile;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Document\DataPackage;
use ChiralexRender\Manual\TextManual;
use ChiralexRender\Page\ContentsParts;
use ChiralexRender\Page\FolderPage;
use ChiralexRender\Svg\DrillSvg;
use Illuminate\Support\Facades\DB;

/**
 * Files a maker takes away, made while they wait: the manual as one HTML file, Markdown or text, a drilling template, the kit folder.
 */
final readonly class TakeAway
{
    /** What there is, with its media type. */
    public const KINDS = [
        'manual.html' => 'text/html',
        'manual.md' => 'text/markdown',
        'manual.txt' => 'text/plain',
        'drilling.svg' => 'image/svg+xml',
        'page.zip' => 'application/zip',
        'folder.zip' => 'application/zip',
        'files.zip' => 'application/zip',
    ];

    public function __construct(
        private ManualPage $page,
        private KitFolder $folder,
        private KitFaq $faq,
        private KitArchive $archive,
        private FileStore $store,
        private Documents $documents,
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
            'page.zip' => $this->pageFolder($revision, $options, $base),
            'folder.zip' => $this->kitFolder($revision, $base),
            'files.zip' => $this->files($revision, $base),
            'drilling.svg' => $this->drilling($revision, $options, $face),
            default => $this->manual($revision, $what, $options),
        };

        return $bytes === null
            ? null
            : [
                'name' => "{$base} {$what}",
                'bytes' => $bytes,
                'type' => self::KINDS[$what] ?? 'application/octet-stream',
            ];
    }

    /**
     * The builder's page for any web space, with the questions answered so far and the shop's mail.
     *
     * @throws ChiralexException
     * @throws UnusableFile
     * @throws UnusableProgram
     */
    private function pageFolder(Revision $revision, string $options, string $title): ?string
    {
        $manual = $this->page->document($revision, $options);
        if ($manual === null) {
            return null;
        }
        $built = BuiltPage::in(base_path());
        $mail = Shop::ours()->email;

        return $this->archive->zip(
            (new FolderPage($built->script, $built->sheet))->of(
                $manual,
                $this->documents->get($revision, 'boards', $options),
                $this->faq->published($revision),
                $this->documents->get($revision, 'trouble'),
                (new ContentsParts())->of(
                    $manual,
                    $this->documents->get($revision, 'pack-pictures', $options),
                    $this->documents->get($revision, 'parts', $options),
                ),
                $this->page->html($revision, $manual, $options),
                $mail === '' ? null : $mail,
            ),
            "{$title} page",
        );
    }

    /**
     * @throws ChiralexException
     * @throws UnusableFile
     */
    private function kitFolder(Revision $revision, string $title): string
    {
        $files = $this->folder->files($revision);

        return $this->archive->described(
            $files,
            (new DataPackage())->of($this->folder->kit($revision), $files),
            $title,
        );
    }

    /**
     * The files as they are and as they were dropped, without reading them: what cannot be shown can still be taken.
     *
     * @throws UnusableFile
     */
    private function files(Revision $revision, string $title): string
    {
        $files = [];
        $lost = [];
        $dropped = Row::all(
            DB::table('original_files')
                ->where('revision_id', $revision->id)
                ->orderBy('id')
                ->select(['name', 'sha256']),
        );
        $wanted = [
            ...array_map(
                static fn(string $name, string $hash): array => [$name, $hash],
                array_keys($revision->files),
                $revision->files,
            ),
            ...array_map(
                static fn(Row $row): array => ['as dropped ' . basename($row->text('name')), $row->text('sha256')],
                $dropped,
            ),
        ];
        foreach ($wanted as [$name, $hash]) {
            try {
                $files[$name] = $this->store->get($hash);
            } catch (LostFile $why) {
                $lost[] = "{$name}: {$why->getMessage()}";
            }
        }

        return $this->archive->zip(
            $lost === [] ? $files : $files + ['missing.txt' => implode("\n", $lost) . "\n"],
            $title,
        );
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
        $document = $this->page->document($revision, $options);

        return match (true) {
            $document === null => null,
            $what === 'manual.html' => $this->page->html($revision, $document, $options),
            default => ($what === 'manual.md' ? TextManual::markdown() : TextManual::plain())->of(
                $document,
                $this->faq->published($revision),
            ),
        };
    }
}
