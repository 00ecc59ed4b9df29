<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

use Chiralex\Board\Exception\UnreadableLayer;
use Chiralex\Board\Layer\Internal\Operations;
use Chiralex\Board\Layer\Internal\Pen;
use Chiralex\Board\Layer\Internal\Settings;
use Chiralex\Board\Layer\Internal\Word;
use Chiralex\Limits;

/**
 * Reads a layer file with attributes, as the Gerber layer format specification has it: units, formats, apertures, flashes,
 * draws, arcs, regions, file, aperture and object attributes. What only paints (polarity, step and repeat, macros) is passed over.
 */
final readonly class LayerReader
{
    /** True for bytes that look like a layer file. */
    public static function isLayer(string $bytes): bool
    {
        $head = substr($bytes, 0, 20_000);

        return preg_match('~%FS[LT][AI]X\d\dY\d\d\*~', $head) === 1;
    }

    /** @throws UnreadableLayer when an operation cannot be followed */
    public function read(string $bytes, string $file): Layer
    {
        $pen = new Pen();
        $objects = [];
        $words = $block = 0;
        $isWhole = false;
        $operations = new Operations($file);
        foreach (Word::split($bytes) as $word) {
            if ($word->text === 'M02' || $word->text === 'M00') {
                $isWhole = true;
                break;
            }
            [$pen, $object] = $word->extended
                ? [(new Settings())->take($pen, $word->text), null]
                : $operations->take($pen, $word->text, $word->line);
            // What defines an aperture block is drawn nowhere until the block is flashed.
            $block += $word->extended && str_starts_with($word->text, 'AB') ? ($word->text === 'AB' ? -1 : 1) : 0;
            if ($object !== null && $block <= 0) {
                $objects[] = $object;
            }
            if (
                count($objects) > Limits::LAYER_OBJECTS ||
                ++$words > Limits::LAYER_WORDS ||
                count($pen->contour ?? []) > Limits::LAYER_CONTOUR
            ) {
                throw UnreadableLayer::tooLarge($file, Limits::LAYER_OBJECTS);
            }
        }

        return new Layer($file, $pen->attributes->file['.FileFunction'] ?? [], $objects, $isWhole);
    }
}
