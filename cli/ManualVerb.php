<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\Build\BuildCycle;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\RoleList;
use ChiralexAdapters\Circuit\CircuitDrawings;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\QrCode;
use ChiralexAdapters\UnusableFile;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Document\OrderDocument;
use ChiralexRender\Print\PageCode;
use ChiralexRender\Words;

/** The verb `manual`: the build manual of a kit folder as a file, as a booklet to fold too. */
final readonly class ManualVerb
{
    private const USAGE = 'chiralex manual FOLDER --format html|md|pdf|txt -o FILE [--booklet] [--address URL]';

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws UnusableProgram when a PDF is asked for and Chromium is missing
     * @throws ChiralexException
     */
    public function run(array $arguments): Outcome
    {
        $read = Arguments::parse($arguments, ['option', 'format', 'o', 'address'], self::USAGE, ['booklet']);
        $files = (new KitFiles())->fromPath($read->only('manual'));
        $kit = (new KitReader())->read($files, $read->options());
        $format = $read->flag('format') ?? 'html';
        $booklet = $read->flag('booklet') !== null;
        if ($booklet && $format !== 'pdf') {
            throw UsageError::badValue('--booklet', "--format {$format}", '--format pdf: only paper is folded');
        }
        $file = $read->flag('o') ?? throw UsageError::missing('-o', self::USAGE);
        $code = $this->code($read->flag('address'));
        $order = (new Planner())->plan($kit);
        if ($order instanceof BuildCycle) {
            return new Outcome((new OrderDocument(Words::english()))->cycle($order, $kit), true);
        }
        $made = new ManualFile($this->circuit($files, $kit), $code);
        $bytes = $booklet
            ? $made->booklet($kit, $order)
            : $made->bytes($kit, $order, $format) ??
                throw UsageError::badValue('--format', $format, 'html, md, pdf or txt');
        if (@file_put_contents($file, $bytes) === false) {
            throw UnusableFile::unwritable($file);
        }

        return new Outcome(
            ['file' => $file, 'format' => $format, 'bytes' => strlen($bytes), 'steps' => count($order->steps)],
            KitVerbs::hasErrors($kit),
        );
    }

    /**
     * The code of the builder's page for the first page of the manual.
     *
     * @throws UsageError
     * @throws UnusableProgram
     */
    private function code(?string $address): ?PageCode
    {
        if ($address === null) {
            return null;
        }
        if (preg_match('~^https?://[^\s"<>]{3,180}$~', $address) !== 1) {
            throw UsageError::badValue('--address', $address, 'an address that begins with http:// or https://');
        }

        return new PageCode(QrCode::svg($address), (string) preg_replace('~^https?://~', '', $address));
    }

    /**
     * @param array<string, string> $files
     * @return list<string> pages of the circuit drawings, as SVG
     */
    private function circuit(array $files, Kit $kit): array
    {
        $drawings = (new CircuitDrawings())->of(
            $files,
            RoleList::of($files['kit.json'] ?? null),
            array_map(strval(...), array_keys($kit->parts)),
        );

        return array_merge(...array_column($drawings, 'pages'));
    }
}
