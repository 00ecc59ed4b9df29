<?php

declare(strict_types=1);

namespace Tests\Reference;

use Chiralex\Board\Layer\Layer;
use Chiralex\Board\Layer\LayerInk;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Layer\LayerReader;
use FilesystemIterator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * The ink of layers against gerbv 2.9.6 (Debian) on its own example files and on ours, at 2,540 dots an inch: no dot of either
 * lies more than two dots from ink of the other. Looked at: the square of ten millimetres with most of each file in it.
 */
final class LayersAgainstGerbvTest extends TestCase
{
    private const EXAMPLES = '/usr/share/doc/gerbv/examples';
    /** No layer; a pen of no width, which draws nothing and is a hair line in gerbv; a box that gives one size, square here and nothing there. */
    private const ASIDE = ['uwe/mail.txt', 'uwe/example.gbr', 'ekf2/stp0.grb'];
    private const SQUARE = 10;
    private const NEAR = 2;
    /** Dots that may lie further off: corners of chords meet the grid of dots differently. */
    private const STRAY = 20;

    /** @return iterable<string, array{string}> */
    public static function layers(): iterable
    {
        $folders = [self::EXAMPLES, __DIR__ . '/layers', dirname(__DIR__) . '/boards'];
        foreach ($folders as $folder) {
            $files = new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS),
            );
            foreach ($files as $file) {
                assert($file instanceof SplFileInfo);
                $bytes = (string) file_get_contents($file->getPathname());
                if (in_array(basename($file->getPath()) . '/' . $file->getBasename(), self::ASIDE, true)) {
                    continue;
                }
                if (LayerReader::isLayer($bytes) && !str_contains($bytes, '%AB')) {
                    yield substr($file->getPathname(), strlen(dirname($folder)) + 1) => [$file->getPathname()];
                }
            }
        }
    }

    #[DataProvider('layers')]
    public function test_the_ink_of_a_layer_is_where_gerbv_has_it(string $file): void
    {
        $layer = self::withPen((new LayerReader())->read((string) file_get_contents($file), basename($file)));
        $corner = self::fullest($layer);
        $ours = InkPicture::ofLayer($layer, $corner, self::SQUARE);
        $theirs = InkPicture::ofGerbv($file, $corner, self::SQUARE);

        self::assertGreaterThan(0, $theirs->ink());
        self::assertLessThanOrEqual(self::STRAY, $ours->beyond($theirs, self::NEAR), 'ours beyond theirs');
        self::assertLessThanOrEqual(self::STRAY, $theirs->beyond($ours, self::NEAR), 'theirs beyond ours');
    }

    public function test_the_examples_of_gerbv_are_there(): void
    {
        self::assertGreaterThan(55, iterator_count(self::layers()));
    }

    /** Blocks, mirrored, turned and scaled apertures are newer than gerbv: it reads the same picture written out by hand. */
    public function test_blocks_and_turned_apertures_ink_what_they_do_written_out(): void
    {
        $layer = (new LayerReader())->read((string) file_get_contents(__DIR__ . '/layers/blocks.gbx'), 'blocks.gbx');
        $ours = InkPicture::ofLayer($layer, [-1.0, -1.0], 20);
        $theirs = InkPicture::ofGerbv(__DIR__ . '/layers/blocks-written-out.gbr', [-1.0, -1.0], 20);

        self::assertGreaterThan(100_000, $theirs->ink());
        self::assertLessThanOrEqual(self::STRAY, $ours->beyond($theirs, self::NEAR));
        self::assertLessThanOrEqual(self::STRAY, $theirs->beyond($ours, self::NEAR));
    }

    /** A pen of no width draws nothing; gerbv shows a hair line for it. */
    private static function withPen(Layer $layer): Layer
    {
        return new Layer(
            $layer->file,
            $layer->function,
            array_values(
                array_filter(
                    $layer->objects,
                    static fn(LayerObject $each): bool => $each->shape === 'region' ||
                        $each->width > 0.0 ||
                        $each->patches !== [],
                ),
            ),
        );
    }

    /** @return array{float, float} lower left of the square in which most of the layer begins */
    private static function fullest(Layer $layer): array
    {
        // Beyond the ink of a negative image, which gerbv goes on with, nothing is compared.
        if (isset($layer->objects[1]) && !$layer->objects[1]->isDark && $layer->objects[0]->shape === 'region') {
            [$low, , $high] = $layer->objects[0]->points;

            return [($low->x + $high->x - self::SQUARE) / 2, ($low->y + $high->y - self::SQUARE) / 2];
        }
        $count = [];
        foreach ($layer->objects as $object) {
            foreach ((new LayerInk())->of($object) as $patch) {
                $at = $patch->contours[0][0] ?? $object->points[0];
                $cell = floor($at->x / self::SQUARE) . ' ' . floor($at->y / self::SQUARE);
                $count[$cell] = ($count[$cell] ?? 0) + 1;
            }
        }
        arsort($count);
        [$x, $y] = array_map(intval(...), explode(' ', (string) array_key_first($count)));

        return [(float) ($x * self::SQUARE), (float) ($y * self::SQUARE)];
    }
}
