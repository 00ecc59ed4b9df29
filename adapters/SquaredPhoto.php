<?php

declare(strict_types=1);

namespace ChiralexAdapters;

use Chiralex\Board\FourCorners;
use Chiralex\Board\Homography;
use Chiralex\Board\Point;

/** A photograph of a board, taken from anywhere, as if it were taken from straight above: its edges are the board's. */
final readonly class SquaredPhoto
{
    /** Pixels of the longer side. */
    private const LONGEST = 900;

    /**
     * @param string $bytes a JPEG
     * @param FourCorners $corners in shares of its width and height
     * @param float $ratio how many times as wide as high the board is
     * @return ?string a JPEG; null where the corners span nothing or the bytes are no picture
     */
    public static function of(string $bytes, FourCorners $corners, float $ratio): ?string
    {
        $image = @imagecreatefromstring($bytes);
        if ($image === false) {
            return null;
        }
        [$wide, $high] = [imagesx($image), imagesy($image)];
        $width = max(1, (int) round($ratio >= 1.0 ? self::LONGEST : self::LONGEST * $ratio));
        $height = max(1, (int) round($ratio >= 1.0 ? self::LONGEST / $ratio : self::LONGEST));
        $corner = static fn(Point $at): Point => new Point($at->x * $wide, $at->y * $high);
        $turn = Homography::between(
            [
                new Point(0.0, 0.0),
                new Point((float) $width, 0.0),
                new Point((float) $width, (float) $height),
                new Point(0.0, (float) $height),
            ],
            array_map($corner, $corners->corners),
        );
        if ($turn === null) {
            return null;
        }
        $squared = imagecreatetruecolor($width, $height);
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                $from = $turn->point(new Point($x + 0.5, $y + 0.5));
                imagesetpixel(
                    $squared,
                    $x,
                    $y,
                    (int) imagecolorat(
                        $image,
                        min($wide - 1, max(0, (int) $from->x)),
                        min($high - 1, max(0, (int) $from->y)),
                    ),
                );
            }
        }
        ob_start();
        imagejpeg($squared, null, 80);

        return (string) ob_get_clean();
    }
}
