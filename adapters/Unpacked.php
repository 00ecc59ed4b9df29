<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use ZipArchive;

/** One file of an archive, unpacked up to a limit: the size that an archive declares may be a lie, so what comes out is counted. */
final readonly class Unpacked
{
    private const PIECE = 65_536;

    /**
     * @param int $limit bytes
     * @return ?string null where more comes out; empty where it is absent or damaged
     */
    public static function bytes(ZipArchive $zip, string $path, int $limit): ?string
    {
        $stream = @$zip->getStream($path);
        if ($stream === false) {
            return '';
        }
        $bytes = '';
        while (!feof($stream)) {
            $piece = @fread($stream, self::PIECE);
            if ($piece === false) {
                return '';
            }
            $bytes .= $piece;
            if (strlen($bytes) > $limit) {
                return null;
            }
        }
        fclose($stream);

        return $bytes;
    }
}
