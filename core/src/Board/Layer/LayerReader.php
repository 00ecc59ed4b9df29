<?php

declare(strict_types=1);

namespace Chiralex\Board\Layer;

use Chiralex\Board\Exception\UnreadableLayer;
use Chiralex\Board\Layer\Internal\ImageFrame;
use Chiralex\Board\Layer\Internal\OpenSheet;
use Chiralex\Board\Layer\Internal\Operations;
use Chiralex\Board\Layer\Internal\Pen;
use Chiralex\Board\Layer\Internal\Placing;
use Chiralex\Board\Layer\Internal\Settings;
use Chiralex\Board\Layer\Internal\Word;
use Chiralex\Limits;

/**
 * Reads a layer file, with attributes or without, as the Gerber layer format specification has it: units, formats, apertures,
 * macros, blocks, step and repeat, polarity, flashes, draws, arcs, regions, file, aperture and object attributes.
 */
final readonly class LayerReader
{
    /** Takes in another file, which is not at hand. */
    private const NOT_FOLLOWED = ['IF'];

    /** True for bytes that look like a layer file. */
    public static function isLayer(string $bytes): bool
    {
        $head = substr($bytes, 0, 20_000);

        return preg_match('~%\s*FS[LTD]?[AI](?:[NGDM]\d+)*X\d\dY\d\d\*~', $head) === 1;
    }

    /** @throws UnreadableLayer when an operation cannot be followed */
    public function read(string $bytes, string $file): Layer
    {
        $pen = new Pen();
        $words = 0;
        $frame = ImageFrame::plain();
        $objects = $open = $passed = [];
        $isWhole = false;
        $operations = new Operations($file);
        foreach (Word::split($bytes) as $word) {
            if ($word->text === 'M02' || $word->text === 'M00') {
                $isWhole = true;
                break;
            }
            if ($word->extended) {
                [$pen, $objects, $open] = $this->closed($pen, $objects, $open, $word->text, $file);
                $sheet = OpenSheet::of($pen, $word->text, count($objects));
                $open = $sheet === null ? $open : [...$open, $sheet];
                $pen =
                    $sheet?->block === null ? (new Settings())->take($pen, $word->text) : $pen->placing(new Placing());
                $frame = $frame->take($word->text, $pen->scale->unit ?? Settings::INCH);
                $command = substr($word->text, 0, 2);
                $passed += in_array($command, self::NOT_FOLLOWED, true) ? [$command => true] : [];
            } else {
                [$pen, $laid] = $operations->take($pen, $word->text, $word->line);
                array_push($objects, ...$laid);
            }
            if (
                count($objects) > Limits::LAYER_OBJECTS ||
                ++$words > Limits::LAYER_WORDS ||
                count($pen->contour ?? []) > Limits::LAYER_CONTOUR
            ) {
                throw UnreadableLayer::tooLarge($file, Limits::LAYER_OBJECTS);
            }
        }
        while ($open !== []) {
            [$pen, $objects, $open] = $this->closed($pen, $objects, $open, 'AB', $file);
        }

        return new Layer(
            $file,
            $pen->attributes->file['.FileFunction'] ?? [],
            $frame->over($objects),
            $isWhole,
            array_keys($passed),
            $pen->scale->unit === null,
        );
    }

    /**
     * Closes what a command closes: steps are repeated, a block becomes an aperture.
     *
     * @param list<LayerObject> $objects
     * @param list<OpenSheet> $open
     * @return array{Pen, list<LayerObject>, list<OpenSheet>}
     * @throws UnreadableLayer when so many are repeated that none can be a board's
     */
    private function closed(Pen $pen, array $objects, array $open, string $text, string $file): array
    {
        while (($last = $open[count($open) - 1] ?? null)?->endsAt($text) === true) {
            array_pop($open);
            $own = array_splice($objects, $last->start);
            if (count($own) * $last->columns * $last->rows > Limits::LAYER_OBJECTS) {
                throw UnreadableLayer::tooLarge($file, Limits::LAYER_OBJECTS);
            }
            if ($last->block !== null) {
                return [
                    $pen->defining($pen->tool->list->withBlock($last->block, $own))->placing($last->placing),
                    $objects,
                    $open,
                ];
            }
            array_push($objects, ...$last->repeated($own));
        }

        return [$pen, $objects, $open];
    }
}
