<?php

declare(strict_types=1);

namespace App\Support;

/**
 * Files by the SHA-256 of their bytes, outside the web root; written once, never changed. What is discarded waits in a bin, so that
 * somebody who keeps the same bytes in that moment loses nothing.
 */
final readonly class FileStore
{
    private const BIN = 'discarded';

    public function __construct(private string $folder) {}

    /** @return string the SHA-256 under which the bytes are kept */
    public function put(string $bytes): string
    {
        $hash = hash('sha256', $bytes);
        $path = $this->path($hash);
        if (is_file($path) || $this->takenBack($hash)) {
            return $hash;
        }
        if (!is_dir(dirname($path))) {
            @mkdir(dirname($path), 0o770, true);
        }
        $temporary = $path . '.' . bin2hex(random_bytes(6));
        if (@file_put_contents($temporary, $bytes) !== strlen($bytes) || !rename($temporary, $path)) {
            @unlink($temporary);
            throw DiskFull::at($this->folder);
        }

        return $hash;
    }

    /**
     * @param array<string, string> $files name to bytes
     * @return array<string, string> name to hash
     */
    public function putAll(array $files): array
    {
        return array_map($this->put(...), $files);
    }

    /** @throws LostFile when it is not there */
    public function get(string $hash): string
    {
        $known = preg_match('~^[0-9a-f]{64}$~', $hash) === 1;
        $bytes = $known ? @file_get_contents($this->path($hash)) : false;
        if ($bytes === false && $known && $this->takenBack($hash)) {
            $bytes = @file_get_contents($this->path($hash));
        }

        return $bytes === false ? throw LostFile::named($hash) : $bytes;
    }

    /** Takes a file out of the store; whoever asks for it before the bin is emptied still gets it. */
    public function discard(string $hash): void
    {
        if (is_file($this->path($hash))) {
            @mkdir("{$this->folder}/" . self::BIN, 0o770, true);
            @rename($this->path($hash), "{$this->folder}/" . self::BIN . "/{$hash}");
            @touch("{$this->folder}/" . self::BIN . "/{$hash}");
        }
    }

    /** @param int $age seconds since it was discarded */
    public function emptyBin(int $age): int
    {
        $gone = 0;
        foreach (glob("{$this->folder}/" . self::BIN . '/*') ?: [] as $path) {
            if ((int) @filemtime($path) <= time() - $age && @unlink($path)) {
                ++$gone;
            }
        }

        return $gone;
    }

    private function takenBack(string $hash): bool
    {
        return @rename("{$this->folder}/" . self::BIN . "/{$hash}", $this->path($hash));
    }

    private function path(string $hash): string
    {
        return "{$this->folder}/" . substr($hash, 0, 2) . "/{$hash}";
    }
}
