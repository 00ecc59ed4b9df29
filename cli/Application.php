<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\ChiralexException;
use ChiralexAdapters\UnusableFile;
use ChiralexAdapters\UnusableProgram;
use Throwable;

/**
 * The command line: exit 0 done, 1 done and something blocks, 2 unusable input with one line on standard error.
 */
final readonly class Application
{
    private const LINE = 290;
    private const JSON =
        JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR;
    /** Bytes. */
    private const READABLE = 1_000_000;

    /** @param list<string> $arguments behind the program's name */
    public function run(array $arguments): int
    {
        try {
            $outcome = $this->outcome($arguments);
        } catch (UsageError | UnusableFile | UnusableProgram | ChiralexException $fault) {
            return $this->refuse($fault->getMessage());
        } catch (Throwable $fault) {
            return $this->refuse(
                'a fault of the program, not of your files: ' .
                    $fault->getMessage() .
                    ' (' .
                    basename($fault->getFile()) .
                    ' line ' .
                    $fault->getLine() .
                    '). Report it with the files that show it.',
            );
        }
        $json = json_encode($outcome->document, self::JSON);
        // What a person may still read is set out in lines.
        fwrite(
            STDOUT,
            (strlen($json) > self::READABLE ? $json : json_encode($outcome->document, self::JSON | JSON_PRETTY_PRINT)) .
                "\n",
        );

        return $outcome->blocks ? 1 : 0;
    }

    private function refuse(string $why): int
    {
        $line = preg_replace('~\s+~', ' ', mb_scrub($why));
        fwrite(STDERR, 'chiralex: ' . mb_strcut((string) $line, 0, self::LINE - 12) . "\n");

        return 2;
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws UnusableProgram
     * @throws ChiralexException
     */
    private function outcome(array $arguments): Outcome
    {
        $verb = array_shift($arguments) ?? '';
        $markings = new MarkingVerbs();

        return match ($verb) {
            'decode' => $markings->decode($arguments),
            'bands' => $markings->bands($arguments),
            'encode' => $markings->encode($arguments),
            'sample' => (new SampleVerb())->run($arguments),
            'cut', 'scale' => (new PackVerbs())->run($verb, $arguments),
            'buy', 'spares' => (new BuyVerbs())->run($verb, $arguments),
            'faults' => (new FaultVerbs())->faults($arguments),
            'diagnose' => (new DiagnoseVerb())->run($arguments),
            default => $this->ofKit($verb, $arguments),
        };
    }

    /**
     * The verbs that take a kit folder.
     *
     * @param list<string> $arguments
     * @throws UsageError when there is no such verb
     */
    private function ofKit(string $verb, array $arguments): Outcome
    {
        $kits = new KitVerbs();

        return match ($verb) {
            'parts' => $kits->parts($arguments),
            'check' => $kits->check($arguments),
            'board' => (new BoardVerb())->board($arguments),
            'lie' => $kits->lie($arguments),
            'order' => $kits->order($arguments),
            'marks' => $kits->marks($arguments),
            'bags' => $kits->bags($arguments),
            'bench' => $kits->bench($arguments),
            'safety' => $kits->safety($arguments),
            'manual' => (new ManualVerb())->run($arguments),
            'sheet' => $kits->sheet($arguments),
            'package' => $kits->package($arguments),
            'page' => (new PageVerb())->page($arguments),
            default => throw UsageError::unknownVerb(
                $verb,
                'decode, bands, encode, parts, check, board, lie, order, marks, bags, cut, scale, buy, spares, faults, diagnose, bench, safety, manual, sheet, package, page, sample',
            ),
        };
    }
}
