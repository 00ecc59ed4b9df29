<?php

declare(strict_types=1);

namespace App\Actions\Kit;

use App\Models\Shop;
use Chiralex\ChiralexException;
use Chiralex\Kit\KitReader;
use ChiralexRender\KitDocuments;
use Closure;
use Illuminate\Support\Facades\Log;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/**
 * Works documents out in a process of its own, with limits of time and memory: what breaks them breaks that process and no other.
 * Tests that are not about limits work them out in their own process.
 */
final readonly class Workshop
{
    public const SECONDS = 60;
    public const MEGABYTES = 384;

    /**
     * @param array<string, string> $files name to bytes
     * @param array<string, string> $labels names to call files by in messages
     * @param list<string> $names of documents
     * @param ?Closure(int): bool $progress told the percentage done; false stops the work
     * @return array<string, string> name to the document as JSON
     * @throws TooHeavy when it breaks a limit, or was stopped
     * @throws RefusedKit when the files make no kit
     */
    public function documents(array $files, array $labels, array $names, ?Closure $progress = null): array
    {
        return config()->boolean('app.confined')
            ? $this->apart($files, $labels, $names, $progress)
            : $this->here($files, $labels, $names);
    }

    /**
     * @param array<string, string> $files
     * @param array<string, string> $labels
     * @param list<string> $names
     * @return array<string, string>
     * @throws RefusedKit
     */
    private function here(array $files, array $labels, array $names): array
    {
        try {
            $documents = new KitDocuments((new KitReader())->read($files, [], $labels), Shop::bagCosts());
        } catch (ChiralexException $fault) {
            throw RefusedKit::because($fault->getMessage());
        }
        $json = [];
        foreach ($names as $name) {
            $json[$name] = self::json($documents->document($name));
        }

        return $json;
    }

    /**
     * @param array<string, string> $files
     * @param array<string, string> $labels
     * @param list<string> $names
     * @param ?Closure(int): bool $progress
     * @return array<string, string>
     * @throws TooHeavy
     * @throws RefusedKit
     */
    private function apart(array $files, array $labels, array $names, ?Closure $progress): array
    {
        $process = new Process(
            [
                PHP_BINARY,
                '-d',
                'memory_limit=' . self::MEGABYTES . 'M',
                '-d',
                'display_errors=stderr',
                base_path('bin/lib/work-out.php'),
            ],
            null,
            null,
            serialize([
                'files' => $files,
                'labels' => $labels,
                'names' => $names,
                'costs' => Shop::bagPrices(),
            ]),
            self::SECONDS,
        );
        $told = '';
        $stopped = false;
        try {
            $process->run(function (string $channel, string $bytes) use (
                $process,
                $progress,
                $names,
                &$told,
                &$stopped,
            ): void {
                if ($channel !== Process::OUT) {
                    return;
                }
                $told .= $bytes;
                if (
                    $progress !== null &&
                    !$stopped &&
                    !$progress(min(99, intdiv(100 * substr_count($told, "\n"), count($names))))
                ) {
                    $stopped = true;
                    $process->signal(SIGKILL);
                }
            });
        } catch (ProcessTimedOutException) {
            throw TooHeavy::time(self::SECONDS);
        }
        if ($stopped) {
            throw TooHeavy::stopped();
        }

        return $this->received($process, $told);
    }

    /**
     * @return array<string, string>
     * @throws TooHeavy
     * @throws RefusedKit
     */
    private function received(Process $process, string $told): array
    {
        $json = [];
        foreach (array_filter(explode("\n", $told), static fn(string $each): bool => $each !== '') as $line) {
            [$name, $document] = [...explode(' ', $line, 2), ''];
            if ($name === 'refused') {
                throw RefusedKit::because($document);
            }
            $json[$name] = $document;
        }
        if ($process->getExitCode() !== 0) {
            Log::warning('A kit could not be worked out.', [
                'exit' => $process->getExitCode(),
                'said' => mb_substr($process->getErrorOutput(), 0, 1000),
            ]);
            throw str_contains($process->getErrorOutput(), 'memory size')
                ? TooHeavy::memory(self::MEGABYTES)
                : TooHeavy::broke();
        }

        return $json;
    }

    /** @param array<string, mixed> $document */
    public static function json(array $document): string
    {
        return json_encode($document, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE);
    }
}
