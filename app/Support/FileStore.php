<?php

declare(strict_types=1);

namespace App\Support;

use RuntimeException;

/** Files by the SHA-256 of their bytes, outside the web root; written once, never changed. */
final readonly class FileStore
{
    public function __construct(private string $folder) {}

    /** @return string the SHA-256 under which the bytes are kept */
    public function put(string $bytes): string
    {
        $hash = hash('sha256', $bytes);
        $path = $this->path($hash);
        if (is_file($path)) {
            return $hash;
        }
        if (!is_dir(dirname($path))) {
            @mkdir(dirname($path), 0o770, true);
        }
        $temporary = $path . '.' . bin2hex(random_bytes(6));
        if (file_put_contents($temporary, $bytes) !== strlen($bytes) || !rename($temporary, $path)) {
            throw new RuntimeException("The file store at {$this->folder} cannot be written; check disk space and owner.");
        }

        return $hash;
    }

    public function get(string $hash): string
    {
        $bytes = preg_match('~^[0-9a-f]{64}$~', $hash) === 1 ? @file_get_contents($this->path($hash)) : false;
        if ($bytes === false) {
            throw new RuntimeException("The file store lacks {$hash}; restore it from a backup.");
        }

        return $bytes;
    }

    private function path(string $hash): string
    {
        return "{$this->folder}/" . substr($hash, 0, 2) . "/{$hash}";
    }
}
