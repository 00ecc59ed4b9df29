<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\Bagging\Cutting\CuttingPlanner;
use Chiralex\ChiralexException;
use Chiralex\Kit\KitReader;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use ChiralexRender\Document\CutDocument;
use ChiralexRender\Words;

/** The verbs of packing, which read a kit folder: `cut`. */
final readonly class PackVerbs
{
    private const KITS = '~^[1-9]\d{0,4}$~D';

    /**
     * How bars and reels are cut for N kits.
     *
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function cut(array $arguments): Outcome
    {
        $read = Arguments::parse(
            $arguments,
            ['option', 'kits'],
            'chiralex cut FOLDER [--kits N] [--option NAME=VALUE]',
        );
        $kits = $read->flag('kits') ?? '1';
        if (preg_match(self::KITS, $kits) !== 1) {
            throw UsageError::badValue('--kits', $kits, 'a whole number of kits, 1 to 99999');
        }
        $kit = (new KitReader())->read((new KitFiles())->fromPath($read->only('cut')), $read->options());
        $plan = (new CuttingPlanner())->plan($kit, (int) $kits);

        return new Outcome(
            (new CutDocument(Words::english()))->of($plan),
            $plan->faults !== [] || KitVerbs::hasErrors($kit),
        );
    }
}
