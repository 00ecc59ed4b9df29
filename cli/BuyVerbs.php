<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\ChiralexException;
use Chiralex\Fault\Cause;
use Chiralex\Fault\JudgedCause;
use Chiralex\Kit\KitReader;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Supply\Buying\BuyingPlanner;
use Chiralex\Supply\Buying\KitLines;
use Chiralex\Supply\Buying\Market;
use Chiralex\Supply\Buying\MarketFiles;
use Chiralex\Supply\Buying\Rate;
use Chiralex\Supply\Buying\SparesPlan;
use Chiralex\Supply\Buying\SparesPlanner;
use Chiralex\Supply\Buying\Tariff;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use ChiralexRender\Document\BuyingDocument;
use ChiralexRender\Words;

/** The verbs `buy` and `spares`. */
final readonly class BuyVerbs
{
    private const KITS = '~^[1-9]\d{0,4}$~D';
    private const TARGET = '~^0?\.\d{1,9}$~D';
    private const USUAL_TARGET = '0.95';
    private const BUY = 'chiralex buy FOLDER [--kits N] --currency EUR [--rate USD=0.92 ...] [--spares] [--shelf]';
    private const SPARES = 'chiralex spares FOLDER [--target 0.95] --currency EUR [--rate USD=0.92 ...]';

    /**
     * @param 'buy'|'spares' $verb
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function run(string $verb, array $arguments): Outcome
    {
        return $verb === 'buy' ? $this->buy($arguments) : $this->spares($arguments);
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    private function buy(array $arguments): Outcome
    {
        $read = Arguments::parse($arguments, ['option', 'kits', 'currency', 'rate'], self::BUY, ['spares', 'shelf']);
        $kits = $read->flag('kits') ?? '1';
        if (preg_match(self::KITS, $kits) !== 1) {
            throw UsageError::badValue('--kits', $kits, 'a whole number of kits, 1 to 99999');
        }
        $files = (new KitFiles())->fromPath($read->only('buy'));
        $kit = (new KitReader())->read($files, $read->options());
        $lines = KitLines::of($kit);
        $reading = new MarketFiles($lines->names());
        $problems = [];
        [$market, $tariffs] = $this->market($files, $reading, $read, $problems);
        $spares = [];
        if ($read->flag('spares') !== null) {
            $plan = $this->planned($files, $lines, $market, $tariffs, self::USUAL_TARGET);
            foreach ($plan->lines as $at => $line) {
                $spares[$line->row] = $plan->spares[$at];
            }
        }
        $shelf =
            $read->flag('shelf') !== null && isset($files['shelf.csv'])
                ? $reading->shelf((new CsvReader())->read($files['shelf.csv'], 'shelf.csv'), $problems)
                : [];
        $plan = (new BuyingPlanner())->plan($market, $lines->demands((int) $kits, $tariffs, $shelf, $spares));

        return new Outcome(
            (new BuyingDocument(Words::english()))->plan($plan, (int) $kits, $problems),
            $plan->noOffer !== [] || self::blocks($problems) || KitVerbs::hasErrors($kit),
        );
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    private function spares(array $arguments): Outcome
    {
        $read = Arguments::parse($arguments, ['option', 'target', 'currency', 'rate'], self::SPARES);
        $target = $read->flag('target') ?? self::USUAL_TARGET;
        if (preg_match(self::TARGET, $target) !== 1 || (float) $target <= 0.0) {
            throw UsageError::badValue('--target', $target, 'a share between 0 and 1, like 0.95');
        }
        $files = (new KitFiles())->fromPath($read->only('spares'));
        $kit = (new KitReader())->read($files, $read->options());
        $lines = KitLines::of($kit);
        $reading = new MarketFiles($lines->names());
        $problems = [];
        [$market, $tariffs] = $this->market($files, $reading, $read, $problems);
        foreach (array_keys($lines->lines) as $row) {
            if (($tariffs[$row] ?? []) === []) {
                $problems[] = new Problem(
                    ProblemSeverity::Warning,
                    'buy.no-offer',
                    ['text' => implode(', ', $lines->designators($row))],
                    'bom.csv',
                    $row,
                );
            }
        }

        return new Outcome(
            (new BuyingDocument(Words::english()))->spares(
                $this->planned($files, $lines, $market, $tariffs, $target),
                $market->currency,
                $target,
                $problems,
            ),
            self::blocks($problems) || KitVerbs::hasErrors($kit),
        );
    }

    /**
     * @param array<string, string> $files
     * @param list<Problem> $problems what cannot be used is told here
     * @return array{Market, array<int, list<Tariff>>}
     * @throws UsageError
     * @throws ChiralexException when a file is none, or a currency has no rate
     */
    private function market(array $files, MarketFiles $reading, Arguments $read, array &$problems): array
    {
        $currency = strtoupper($read->flag('currency') ?? 'EUR');
        if (preg_match('~^[A-Z]{3}$~D', $currency) !== 1) {
            throw UsageError::badValue('--currency', $currency, 'three letters, like EUR');
        }
        $rates = [];
        foreach ($read->all('rate') as $pair) {
            [$name, $value] = [...explode('=', $pair, 2), ''];
            $rate = preg_match('~^[A-Za-z]{3}$~D', $name) === 1 ? Rate::parse($value) : null;
            $rates[strtoupper($name)] =
                $rate ?? throw UsageError::badValue('--rate', $pair, 'CURRENCY=NUMBER, like USD=0.92');
        }
        $isListed = isset($files['suppliers.csv']);
        $suppliers = $isListed
            ? $reading->suppliers((new CsvReader())->read($files['suppliers.csv'], 'suppliers.csv'), $problems)
            : [];
        [$all, $tariffs] = isset($files['offers.csv'])
            ? $reading->offers(
                (new CsvReader())->read($files['offers.csv'], 'offers.csv'),
                $suppliers,
                $isListed,
                $problems,
            )
            : [$suppliers, []];

        return MarketFiles::asked($currency, $all, $rates, $tariffs);
    }

    /**
     * @param array<string, string> $files
     * @param array<int, list<Tariff>> $tariffs
     * @throws UnreadableTable
     */
    private function planned(array $files, KitLines $lines, Market $market, array $tariffs, string $target): SparesPlan
    {
        [$shipped] = FaultVerbs::shipped($files);
        [$reports] = FaultVerbs::reports($files);
        $serials = array_flip(array_column($shipped, 'serial'));
        $lost = [];
        foreach ($reports as $report) {
            foreach (isset($serials[$report->serial]) ? $report->causes : [] as $name) {
                $cause = JudgedCause::read($name);
                if ($cause !== null && in_array($cause->cause, [Cause::Missing, Cause::Faulty], true)) {
                    $lost[$cause->part][$report->serial] = true;
                }
            }
        }

        return SparesPlanner::plan(
            $lines->spareLines($market, $tariffs, array_map(count(...), $lost), count($shipped)),
            (float) $target,
        );
    }

    /** @param list<Problem> $problems */
    private static function blocks(array $problems): bool
    {
        foreach ($problems as $problem) {
            if ($problem->severity === ProblemSeverity::Error) {
                return true;
            }
        }

        return false;
    }
}
