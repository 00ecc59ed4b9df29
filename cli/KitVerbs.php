<?php

declare(strict_types=1);

namespace ChiralexCli;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Board\Assembly;
use Chiralex\Board\Lying;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Side;
use Chiralex\Build\BuildCycle;
use Chiralex\Build\KitCallouts;
use Chiralex\Build\Planner;
use Chiralex\ChiralexException;
use Chiralex\Kit\Exception\UnusableKit;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\School;
use Chiralex\Kit\Sorting;
use Chiralex\Reason\Matter;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;
use Chiralex\Review\NotBegun;
use Chiralex\Review\Reviewer;
use Chiralex\Review\SafetyMatters;
use Chiralex\Review\Subject;
use ChiralexAdapters\KitArchive;
use ChiralexAdapters\KitFiles;
use ChiralexAdapters\UnusableFile;
use ChiralexAdapters\UnusableProgram;
use ChiralexRender\Document\BagsDocument;
use ChiralexRender\Document\BenchDocument;
use ChiralexRender\Document\CheckDocument;
use ChiralexRender\Document\DataPackage;
use ChiralexRender\Document\LieDocument;
use ChiralexRender\Document\MarksDocument;
use ChiralexRender\Document\OrderDocument;
use ChiralexRender\Document\PartsDocument;
use ChiralexRender\Document\SafetyDocument;
use ChiralexRender\Words;

/** The verbs that read a kit folder. */
final readonly class KitVerbs
{
    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function parts(array $arguments): Outcome
    {
        [$kit] = $this->kit('parts', $arguments, [], 'chiralex parts FOLDER|BOM [--option NAME=VALUE]');

        return new Outcome(
            (new PartsDocument(Words::english()))->of($kit),
            $kit->findings->list->hasErrors() || self::hasErrors($kit),
        );
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function check(array $arguments): Outcome
    {
        [$kit] = $this->kit('check', $arguments, [], 'chiralex check FOLDER [--option NAME=VALUE]');
        $matters = (new Reviewer())->matters($kit, (new Planner())->plan($kit));
        $blocks = array_filter($matters, static fn(Matter $matter): bool => $matter->severity->stopsRelease()) !== [];

        $document = (new CheckDocument(Words::english()))->of($matters, NotBegun::stations($kit));

        return new Outcome($document, $blocks || self::hasErrors($kit));
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function lie(array $arguments): Outcome
    {
        $usage = 'chiralex lie FOLDER [--board NAME] [--down top|bottom] [--fitted R1,R2]';
        [$kit, $read] = $this->kit('lie', $arguments, ['board', 'down', 'fitted'], $usage);
        $down =
            Side::tryFrom($read->flag('down') ?? 'top') ??
            throw UsageError::badValue('--down', (string) $read->flag('down'), 'top or bottom');
        $name = $read->flag('board') ?? $kit->boards[0]->name;
        $board =
            $kit->board($name) ??
            throw UnusableKit::unknownBoard(
                $name,
                implode(', ', array_map(static fn($each): string => $each->name, $kit->boards)),
            );
        $assembly = Assembly::around($board, $kit->boards);
        $here = array_filter($kit->bodies(), static fn(PlacedBody $body): bool => $assembly->has($body->face->board));
        $named = $read->flag('fitted');
        $fitted =
            $named === null
                ? array_filter($here, static fn(PlacedBody $body): bool => $body->face->side === $down)
                : $this->named($named, $here);
        $lie = (new Lying())->lie($assembly, $down, array_values($fitted));

        return new Outcome((new LieDocument())->of($lie, $down, array_values($fitted)));
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function order(array $arguments): Outcome
    {
        $usage = 'chiralex order FOLDER [--school lowest-first|kind-by-kind|block-by-block] [--group N]';
        [$kit, $read] = $this->kit('order', $arguments, ['school', 'group'], $usage);
        $school = $read->flag('school');
        if ($school !== null && School::tryFrom($school) === null) {
            throw UsageError::badValue('--school', $school, 'lowest-first, kind-by-kind or block-by-block');
        }
        $group = $read->flag('group');
        if ($group !== null && preg_match('~^[1-9]\d{0,3}$~', $group) !== 1) {
            throw UsageError::badValue('--group', $group, 'a whole number from 1');
        }
        $order = (new Planner())->plan(
            $kit->withSettings(
                $kit->choices->settings->with(
                    $school === null ? null : School::from($school),
                    $group === null ? null : (int) $group,
                ),
            ),
        );
        $document = new OrderDocument(Words::english());

        return $order instanceof BuildCycle
            ? new Outcome($document->cycle($order, $kit), true)
            : new Outcome($document->of($order, $kit), $order->score->violations > 0 || self::hasErrors($kit));
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function marks(array $arguments): Outcome
    {
        [$kit] = $this->kit('marks', $arguments, [], 'chiralex marks FOLDER [--option NAME=VALUE]');
        $order = (new Planner())->plan($kit);
        $callouts = (new KitCallouts())->callouts($kit, $order instanceof BuildCycle ? null : $order);
        $unmarked = array_filter($callouts, static fn($callout): bool => $callout->signs->check === null) !== [];

        return new Outcome(
            (new MarksDocument(Words::forBuilder($kit)))->of(
                $callouts,
                $kit,
                $order instanceof BuildCycle ? null : $order,
            ),
            $unmarked || $order instanceof BuildCycle || self::hasErrors($kit),
        );
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function bags(array $arguments): Outcome
    {
        [$kit, $read] = $this->kit(
            'bags',
            $arguments,
            ['school'],
            'chiralex bags FOLDER [--school by-kind|by-step|by-side|parts-and-hardware|by-cost]',
        );
        $named = $read->flag('school');
        $school =
            $named === null
                ? null
                : Sorting::tryFrom($named) ??
                    throw UsageError::badValue(
                        '--school',
                        $named,
                        'by-kind, by-step, by-side, parts-and-hardware or by-cost',
                    );
        $order = (new Planner())->plan($kit);
        $plan = (new BagPlanner())->plan($kit, $order instanceof BuildCycle ? null : $order, $school);

        return new Outcome(
            (new BagsDocument(Words::forBuilder($kit)))->of($plan, $kit->logs->first),
            $plan->conflicts !== [] || self::hasErrors($kit),
        );
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function bench(array $arguments): Outcome
    {
        [$kit] = $this->kit('bench', $arguments, [], 'chiralex bench FOLDER');
        $order = (new Planner())->plan($kit);
        $document = (new BenchDocument(Words::english()))->of($kit, $order instanceof BuildCycle ? null : $order);

        return new Outcome(
            $document,
            array_filter($document['tests'], static fn(array $test): bool => $test['fault'] !== '') !== [] ||
                self::hasErrors($kit),
        );
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function safety(array $arguments): Outcome
    {
        [$kit] = $this->kit('safety', $arguments, [], 'chiralex safety FOLDER');
        $blocks =
            array_filter(
                (new SafetyMatters())->matters(new Subject($kit, (new Planner())->plan($kit))),
                static fn(Matter $matter): bool => $matter->severity->stopsRelease(),
            ) !== [];

        return new Outcome((new SafetyDocument(Words::forBuilder($kit)))->of($kit), $blocks || self::hasErrors($kit));
    }

    /**
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws UnusableProgram when Chromium is missing
     * @throws ChiralexException
     */
    public function sheet(array $arguments): Outcome
    {
        $usage = 'chiralex sheet FOLDER --kind mat|drilling|callouts|safety|overlay -o FILE.pdf';
        [$kit, $read] = $this->kit('sheet', $arguments, ['kind', 'o'], $usage);
        $kind = $read->flag('kind') ?? throw UsageError::missing('--kind', $usage);
        $file = $read->flag('o') ?? throw UsageError::missing('-o', $usage);
        $order = (new Planner())->plan($kit);
        if ($order instanceof BuildCycle) {
            return new Outcome((new OrderDocument(Words::english()))->cycle($order, $kit), true);
        }
        $bytes =
            (new ManualFile())->sheet($kit, $order, $kind) ??
            throw UsageError::badValue('--kind', $kind, 'mat, drilling, callouts, safety or overlay');
        if (@file_put_contents($file, $bytes) === false) {
            throw UnusableFile::unwritable($file);
        }

        return new Outcome(['file' => $file, 'kind' => $kind, 'bytes' => strlen($bytes)], self::hasErrors($kit));
    }

    /**
     * The kit folder as a ZIP with its description.
     *
     * @param list<string> $arguments
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    public function package(array $arguments): Outcome
    {
        $usage = 'chiralex package FOLDER -o FILE.zip';
        $read = Arguments::parse($arguments, ['option', 'o'], $usage);
        $file = $read->flag('o') ?? throw UsageError::missing('-o', $usage);
        $files = (new KitFiles())->fromPath($read->only('package'));
        $kit = (new KitReader())->read($files, $read->options());
        $package = (new DataPackage())->of($kit, $files);
        if (
            @file_put_contents(
                $file,
                (new KitArchive())->described($files, $package, "{$kit->head->name} {$kit->head->revision}"),
            ) === false
        ) {
            throw UnusableFile::unwritable($file);
        }

        return new Outcome($package, self::hasErrors($kit));
    }

    /**
     * @param list<string> $arguments
     * @param list<string> $flags
     * @return array{Kit, Arguments}
     * @throws UsageError
     * @throws UnusableFile
     * @throws ChiralexException
     */
    private function kit(string $verb, array $arguments, array $flags, string $usage): array
    {
        $read = Arguments::parse($arguments, ['option', ...$flags], $usage);
        $files = (new KitFiles())->fromPath($read->only($verb));

        return [(new KitReader())->read($files, $read->options()), $read];
    }

    /**
     * @param array<string, PlacedBody> $here
     * @return list<PlacedBody>
     * @throws UsageError when a designator has no place there
     */
    private function named(string $list, array $here): array
    {
        $bodies = [];
        foreach (preg_split('~[\s,;]+~', $list, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $designator) {
            $bodies[$designator] = $here[$designator] ?? throw UsageError::unknownPart($designator);
        }

        return array_values($bodies);
    }

    public static function hasErrors(Kit $kit): bool
    {
        return array_filter(
            $kit->findings->problems,
            static fn(Problem $problem): bool => $problem->severity === ProblemSeverity::Error,
        ) !== [];
    }
}
