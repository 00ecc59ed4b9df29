<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Bagging\Cutting\CuttingPlanner;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Bagging\Weighing\ScaleProof;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\Sorting;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use ChiralexRender\Document\CutDocument;
use ChiralexRender\Document\ScaleDocument;
use ChiralexRender\Words;

/** The verbs of packing, which read a kit folder: `cut`, `scale`. */
final readonly class PackVerbs
{
    private const KITS = '~^[1-9]\d{0,4}$~D';
    private const NUMBER = '~^\d{0,6}(?:\.\d{1,9})?$~D';
    private const SCHOOLS = 'by-kind, by-step, by-side, parts-and-hardware or by-cost';

    /**
     * @param 'cut'|'scale' $verb
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function run(string $verb, array $arguments): Outcome
    {
        return $verb === 'cut' ? $this->cut($arguments) : $this->scale($arguments);
    }

    /**
     * How bars and reels are cut for N kits.
     *
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    private function cut(array $arguments): Outcome
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

    /**
     * What weighing the bags proves.
     *
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    private function scale(array $arguments): Outcome
    {
        $usage =
            'chiralex scale FOLDER [--alarm 0.01] [--power 0.99] [--division 0.01] [--repeatability 0.01] [--school S]';
        $read = Arguments::parse(
            $arguments,
            ['option', 'alarm', 'power', 'division', 'repeatability', 'school'],
            $usage,
        );
        $scale = new Scale(
            self::number($read, 'division', 0.01, INF),
            self::number($read, 'repeatability', 0.01, INF),
            self::number($read, 'alarm', 0.01, 1.0),
            self::number($read, 'power', 0.99, 1.0),
        );
        $named = $read->flag('school');
        $school =
            $named === null
                ? null
                : Sorting::tryFrom($named) ?? throw UsageError::badValue('--school', $named, self::SCHOOLS);
        $kit = (new KitReader())->read((new KitFiles())->fromPath($read->only('scale')), $read->options());
        $order = (new Planner())->plan($kit);
        $plan = (new BagPlanner())->plan($kit, $order instanceof BuildCycle ? null : $order, $school);

        return new Outcome(
            (new ScaleDocument(Words::english(), $scale))->of(ScaleProof::of($kit, $plan, $scale), $kit),
            KitVerbs::hasErrors($kit),
        );
    }

    /** @throws UsageError when it is no number above 0 and below the limit */
    private static function number(Arguments $read, string $flag, float $default, float $below): float
    {
        $text = $read->flag($flag);
        if ($text === null) {
            return $default;
        }
        if (preg_match(self::NUMBER, $text) !== 1 || (float) $text <= 0.0 || (float) $text >= $below) {
            throw UsageError::badValue(
                "--{$flag}",
                $text,
                $below === INF ? 'grams above 0' : 'a share between 0 and 1',
            );
        }

        return (float) $text;
    }
}
