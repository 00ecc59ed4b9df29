<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\ChiralexException;
use Chiralex\Fault\FaultStudy;
use Chiralex\Fault\KitReport;
use Chiralex\Fault\ReportFile;
use Chiralex\Fault\ShippedFile;
use Chiralex\Fault\ShippedKit;
use Chiralex\Kit\KitReader;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Table\CsvReader;
use Chiralex\Table\Exception\UnreadableTable;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use ChiralexRender\Document\FaultStudyDocument;
use ChiralexRender\Words;
use DateTimeImmutable;

/** The verb `faults`, and the files of what was shipped and reported. */
final readonly class FaultVerbs
{
    /**
     * How many kits were reported, and whether a revision, a lot, a run or an option stands out.
     *
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function faults(array $arguments): Outcome
    {
        $read = Arguments::parse($arguments, ['option', 'at'], 'chiralex faults FOLDER [--at DATE]');
        $said = $read->flag('at');
        if ($said !== null && !self::isDay($said)) {
            throw UsageError::badValue('--at', $said, 'a day, like 2026-09-15');
        }
        $files = (new KitFiles())->fromPath($read->only('faults'));
        // The kit itself has to be one; what is wrong with its parts is no matter here.
        (new KitReader())->read($files, $read->options());
        [$shipped, $lost] = self::shipped($files);
        [$reports, $unread] = self::reports($files);
        $problems = [...$lost, ...$unread];

        return new Outcome(
            (new FaultStudyDocument(Words::english()))->of(
                FaultStudy::of($shipped, $reports, new DateTimeImmutable($said ?? 'today')),
                $problems,
            ),
            array_filter(
                $problems,
                static fn(Problem $problem): bool => $problem->severity === ProblemSeverity::Error,
            ) !== [],
        );
    }

    /**
     * @param array<string, string> $files name to bytes
     * @return array{list<ShippedKit>, list<Problem>} nothing where the folder has no such file
     * @throws UnreadableTable
     */
    public static function shipped(array $files): array
    {
        return isset($files['shipped.csv'])
            ? (new ShippedFile())->read((new CsvReader())->read($files['shipped.csv'], 'shipped.csv'))
            : [[], []];
    }

    /**
     * @param array<string, string> $files name to bytes
     * @return array{list<KitReport>, list<Problem>} nothing where the folder has no such file
     * @throws UnreadableTable
     */
    public static function reports(array $files): array
    {
        return isset($files['reports.csv'])
            ? (new ReportFile())->read((new CsvReader())->read($files['reports.csv'], 'reports.csv'))
            : [[], []];
    }

    private static function isDay(string $text): bool
    {
        return preg_match('~^(\d{4})-(\d{2})-(\d{2})$~D', $text, $found) === 1 &&
            checkdate((int) $found[2], (int) $found[3], (int) $found[1]);
    }
}
