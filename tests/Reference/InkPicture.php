<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Board\Layer\Layer;
use Chiralex\Board\Layer\LayerInk;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Layer\Patch;
use GdImage;
use RuntimeException;

/** A square of a layer as a picture of ink at 2,540 dots an inch, a hundred to the millimetre; one byte a dot, rows from below. */
final readonly class InkPicture
{
    public const DOTS_PER_MM = 100;
    /** Dots at the edge of a square that are not compared. */
    private const RIM = 4;

    private function __construct(public string $dots, public int $width) {}

    /**
     * @param array{float, float} $corner lower left, millimetres
     * @param int $mm side of the square
     */
    public static function ofLayer(Layer $layer, array $corner, int $mm): self
    {
        $side = $mm * self::DOTS_PER_MM;
        $picture = self::blank($side);
        foreach ($layer->objects as $object) {
            if (!self::isNear($object, $corner, $mm)) {
                continue;
            }
            $patches = (new LayerInk())->of($object);
            $own = array_filter($patches, static fn(Patch $patch): bool => $patch->isDark !== $object->isDark) !== [];
            $sheet = $own ? self::blank($side) : $picture;
            foreach ($patches as $patch) {
                self::fill($sheet, $patch, $corner, $side, $patch->isDark ? 1 : 0);
            }
            if ($own) {
                imagecolortransparent($sheet, 0);
                imagecopy($picture, $sheet, 0, 0, 0, 0, $side, $side);
            }
        }

        return self::of($picture, $side);
    }

    /**
     * What gerbv makes of it.
     *
     * @param array{float, float} $corner
     */
    public static function ofGerbv(string $file, array $corner, int $mm): self
    {
        $picture = (string) tempnam(sys_get_temp_dir(), 'ink');
        exec(
            sprintf(
                "gerbv -x png -o %s -D 2540 -B 0 -O '%.6f;%.6f' -W %.6fx%.6f -f '#ffffffff' -b '#000000' %s 2>&1",
                escapeshellarg($picture),
                $corner[0] / 25.4,
                $corner[1] / 25.4,
                $mm / 25.4,
                $mm / 25.4,
                escapeshellarg($file),
            ),
        );
        $true = imagecreatefrompng($picture);
        unlink($picture);
        if ($true === false) {
            throw new RuntimeException("{$file} is no picture");
        }
        $side = imagesx($true);
        $picture = self::blank($side);
        imagecopy($picture, $true, 0, 0, 0, 0, $side, imagesy($true));

        return self::of($picture, $side);
    }

    /** Dots of ink. */
    public function ink(): int
    {
        return substr_count($this->dots, "\1");
    }

    /** Dots of ink further than so many dots from any of the other; the rim, which the other sees cut off, aside. */
    public function beyond(self $other, int $dots): int
    {
        $wide = self::spread(self::spread($other->dots, 1, $dots), $this->width, $dots);
        $inside =
            str_repeat("\0", self::RIM) . str_repeat("\1", $this->width - 2 * self::RIM) . str_repeat("\0", self::RIM);
        $rim = str_repeat("\0", $this->width * self::RIM);
        $middle = $rim . str_repeat($inside, $this->width - 2 * self::RIM) . $rim;

        return substr_count($this->dots & ~$wide & $middle, "\1");
    }

    private static function spread(string $dots, int $step, int $times): string
    {
        $length = strlen($dots);
        $wide = $dots;
        for ($i = 1; $i <= $times; ++$i) {
            $gap = str_repeat("\0", $i * $step);
            $wide |= $gap . substr($dots, 0, $length - $i * $step);
            $wide |= substr($dots, $i * $step) . $gap;
        }

        return $wide;
    }

    private static function blank(int $side): GdImage
    {
        $picture = imagecreate(max(1, $side), max(1, $side));
        if ($picture === false) {
            throw new RuntimeException('no picture');
        }
        imagecolorallocate($picture, 0, 0, 0);
        imagecolorallocate($picture, 255, 255, 255);

        return $picture;
    }

    private static function of(GdImage $picture, int $side): self
    {
        ob_start();
        imagebmp($picture, null, false);
        $bytes = (string) ob_get_clean();

        return new self(substr($bytes, -$side * $side), $side);
    }

    /** @param array{float, float} $corner */
    private static function isNear(LayerObject $object, array $corner, int $mm): bool
    {
        $reach = $object->width;
        foreach ($object->patches as $patch) {
            foreach (array_merge(...$patch->contours) as $point) {
                $reach = max($reach, abs($point->x), abs($point->y));
            }
        }
        [$xs, $ys] = [array_column($object->points, 'x'), array_column($object->points, 'y')];

        return max($xs) >= $corner[0] - $reach &&
            min($xs) <= $corner[0] + $mm + $reach &&
            max($ys) >= $corner[1] - $reach &&
            min($ys) <= $corner[1] + $mm + $reach;
    }

    /** @param array{float, float} $corner */
    private static function fill(GdImage $picture, Patch $patch, array $corner, int $side, int $colour): void
    {
        // One line there and back joins a hole to its contour, so that both are one polygon.
        $path = [];
        $home = $patch->contours[0][0] ?? null;
        foreach ($patch->contours as $contour) {
            array_push($path, ...$contour, ...array_slice($contour, 0, 1), ...$home === null ? [] : [$home]);
        }
        $at = [];
        foreach ($path as $point) {
            $at[] = (int) floor(($point->x - $corner[0]) * self::DOTS_PER_MM);
            $at[] = (int) floor($side - ($point->y - $corner[1]) * self::DOTS_PER_MM);
        }
        if (count($at) >= 6) {
            imagefilledpolygon($picture, $at, $colour);
        }
    }
}
