<?php

declare(strict_types=1);

namespace App\Actions\Report;

use GdImage;
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
        // Turned when it is small: the large one alone fills the memory.
        $upright = $small === false ? false : self::upright($small, $bytes, $size[2]);
        ob_start();
        $done = $upright !== false && imagejpeg($upright, null, 82);
        $jpeg = (string) ob_get_clean();

        return $done
            ? $jpeg
            : throw new RuntimeException('The photo could not be written; look at the memory of the server.');
    }

    /** As the camera was held: what the file says of that is lost with the rest of its words, so the picture is turned. */
    private static function upright(GdImage $image, string $bytes, int $type): GdImage
    {
        $said =
            $type === IMAGETYPE_JPEG
                ? @exif_read_data('data://image/jpeg;base64,' . base64_encode($bytes), 'IFD0')
                : false;
        $way = is_array($said) && is_int($said['Orientation'] ?? null) ? $said['Orientation'] : 1;
        if (in_array($way, [2, 4, 5, 7], true)) {
            imageflip($image, $way === 4 ? IMG_FLIP_VERTICAL : IMG_FLIP_HORIZONTAL);
        }
        $turned = match ($way) {
            3 => imagerotate($image, 180, 0),
            5, 8 => imagerotate($image, 90, 0),
            6, 7 => imagerotate($image, -90, 0),
            default => $image,
        };

        return $turned === false ? $image : $turned;
    }
}
