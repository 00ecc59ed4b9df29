<?php

declare(strict_types=1);

namespace App\Actions\Report;

use RuntimeException;

/** Re-encodes a photo without anything but its picture: no place, no camera, no hidden file. */
final readonly class Photo
{
    private const LONGEST = 2000;
    private const MEGAPIXELS = 60;
    private const TYPES = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /**
     * @return string a JPEG of at most 2000 pixels on its longer side
     * @throws UnusablePhoto when it is no picture, or a gigantic one
     */
    public function cleaned(string $bytes): string
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || !in_array($size[2], self::TYPES, true)) {
            throw UnusablePhoto::noPicture();
        }
        if ($size[0] * $size[1] > self::MEGAPIXELS * 1_000_000) {
            throw UnusablePhoto::tooManyPixels();
        }
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            throw UnusablePhoto::noPicture();
        }
        $scale = min(1.0, self::LONGEST / max($size[0], $size[1]));
        $small = imagescale($image, max(1, (int) round($size[0] * $scale)), max(1, (int) round($size[1] * $scale)));
        ob_start();
        $done = $small !== false && imagejpeg($small, null, 82);
        $jpeg = (string) ob_get_clean();

        return $done ? $jpeg : throw new RuntimeException('The photo could not be written; look at the memory of the server.');
    }
}
