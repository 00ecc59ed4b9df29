<?php

declare(strict_types=1);

namespace App\Devices\Feed;

use App\Support\DiskFull;

/**
 * A folder that stands in for a shop outside and for a carrier: tables that lie in `in` are orders, what is done with each is told beside
 * it in `read` or `refused`, and for each parcel a table and its slip come to lie in `out`.
 */
final readonly class FeedFolder
{
    /** Seconds; a file that was written to since may not be whole. */
    private const RESTING = 5;
    private const MOST = 500;

    public function __construct(private string $folder) {}

    /** @return list<string> names of the files that lie still in `in`, by name */
    public function waiting(): array
    {
        $files = array_filter(
            glob("{$this->at('in')}/*") ?: [],
            static fn(string $path): bool => is_file($path) &&
                !is_link($path) &&
                time() - (int) filemtime($path) >= self::RESTING,
        );
        sort($files);

        return array_slice(array_map(basename(...), $files), 0, self::MOST);
    }

    /**
     * @param int<0, max> $most
     * @return string the bytes, at most one more than asked for
     */
    public function bytes(string $name, int $most): string
    {
        return (string) file_get_contents("{$this->at('in')}/{$name}", false, null, 0, $most + 1);
    }

    /** Lays a file aside with words beside it. */
    public function lay(string $name, bool $isRead, string $says): void
    {
        $to = $this->at($isRead ? 'read' : 'refused');
        $kept = now()->format('Ymd-His-v') . " {$name}";
        $this->write("{$to}/{$kept}.txt", "{$says}\n");
        // Another worker may have been first.
        @rename("{$this->at('in')}/{$name}", "{$to}/{$kept}");
        $this->makeRoom($to);
    }

    public function put(string $name, string $bytes): void
    {
        $plain = trim((string) preg_replace('~[^\w.-]+~u', '-', $name), '.-');
        $this->write("{$this->at('out')}/" . mb_substr($plain, 0, 100), $bytes);
        $this->makeRoom($this->at('out'));
    }

    private function at(string $part): string
    {
        $folder = "{$this->folder}/{$part}";
        if (!is_dir($folder)) {
            @mkdir($folder, 0o770, true);
        }

        return $folder;
    }

    /** Whole or not at all: a reader never finds half a file. */
    private function write(string $path, string $bytes): void
    {
        $half = dirname($path) . '/.' . basename($path) . '.half';
        if (@file_put_contents($half, $bytes) !== strlen($bytes) || !@rename($half, $path)) {
            @unlink($half);
            throw DiskFull::at(dirname($path));
        }
    }

    /** The oldest make room for the newest. */
    private function makeRoom(string $folder): void
    {
        $files = array_filter(glob("{$folder}/*") ?: [], is_file(...));
        usort($files, static fn(string $a, string $b): int => [filemtime($a), $a] <=> [filemtime($b), $b]);
        array_map(unlink(...), array_slice($files, 0, max(0, count($files) - 2 * self::MOST)));
    }
}
