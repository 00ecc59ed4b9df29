<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;
use Chiralex\Kit\KitReader;
use Chiralex\Manual\ManualPlanner;
use ChiralexAdapters\BuiltPage;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Document\ManualDocument;
use ChiralexRender\Document\OrderDocument;
use ChiralexRender\Document\PackPictures;
use ChiralexRender\Document\PartsDocument;
use ChiralexRender\Document\TroubleDocument;
use ChiralexRender\Page\ContentsParts;
use ChiralexRender\Page\FolderPage;
use ChiralexRender\Svg\BoardDocument;
use ChiralexRender\Words;

/** `page`: the builder's page as a folder. */
final readonly class PageVerb
{
    private const USAGE = 'chiralex page FOLDER -o DIR --mail ADDRESS';
    private const MAIL = '~^[^\s@<>"]+@[^\s@<>"]+$~';
    /** What tells a folder of ours from somebody's own. */
    private const OURS = 'later.js';

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile when the folder cannot be read, or the other not be written
     * @throws UnusableProgram when the page was not built yet
     * @throws ChiralexException
     */
    public function page(array $arguments): Outcome
    {
        $read = Arguments::parse($arguments, ['option', 'o', 'mail'], self::USAGE);
        $folder = rtrim($read->flag('o') ?? throw UsageError::missing('-o', self::USAGE), '/');
        $mail = $read->flag('mail');
        if ($mail !== null && (preg_match(self::MAIL, $mail) !== 1 || strlen($mail) > 190)) {
            throw UsageError::badValue('--mail', $mail, 'a mail address');
        }
        $kit = (new KitReader())->read((new KitFiles())->fromPath($read->only('page')), $read->options());
        $order = (new Planner())->plan($kit);
        if ($order instanceof BuildCycle) {
            return new Outcome((new OrderDocument(Words::english()))->cycle($order, $kit), true);
        }
        $built = BuiltPage::in(dirname(__DIR__));
        $manual = (new ManualDocument(Words::forBuilder($kit)))->of(
            (new ManualPlanner())->manual($kit, $order, (new BagPlanner())->plan($kit, $order)),
        );
        $files = (new FolderPage($built->script, $built->sheet))->of(
            $manual,
            (new BoardDocument())->of($kit),
            [],
            (new TroubleDocument(Words::forBuilder($kit)))->of($kit, $order),
            (new ContentsParts())->of(
                $manual,
                (new PackPictures())->of($kit),
                (new PartsDocument(Words::english()))->of($kit),
            ),
            (string) (new ManualFile())->bytes($kit, $order, 'html'),
            $mail,
        );
        $this->write($folder, $files);

        return new Outcome(
            [
                'folder' => $folder,
                'files' => array_keys($files),
                'bytes' => array_sum(array_map(strlen(...), $files)),
                'steps' => count($order->steps),
                'mail' => $mail,
            ],
            false,
        );
    }

    /**
     * @param array<string, string> $files
     * @throws UnusableFile
     */
    private function write(string $folder, array $files): void
    {
        $there = is_dir($folder) ? array_diff((array) scandir($folder), ['.', '..']) : [];
        if (is_file($folder) || ($there !== [] && !in_array(self::OURS, $there, true))) {
            throw UnusableFile::occupied($folder);
        }
        if (!is_dir($folder) && !@mkdir($folder, 0o755, true)) {
            throw UnusableFile::unwritable($folder);
        }
        foreach ($files as $name => $bytes) {
            if (@file_put_contents("{$folder}/{$name}", $bytes) !== strlen($bytes)) {
                throw UnusableFile::unwritable("{$folder}/{$name}");
            }
        }
    }
}
