<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\BoardShape;
use Chiralex\Board\Files\BoardFacts;
use Chiralex\Board\Files\ReadFile;
use Chiralex\Board\Layer\LayerObject;
use Chiralex\Board\Legend\PlacePrint;
use Chiralex\Board\Net\Nets;
use Chiralex\Board\Net\PinSpots;
use Chiralex\Board\Polygon;
use Chiralex\Board\Shift;
use Chiralex\Kit\Internal\BoardFiles;

/** What the files of the boards say: outlines, holes, what the legend prints at each place, and the nets. */
final readonly class BoardReading
{
    /**
     * @param array<string, BoardFacts> $boards by name
     * @param array<string, PlacePrint> $prints by designator, of parts whose side has a legend
     * @param list<ReadFile> $files what is told of each
     * @param array<string, list<LayerObject>> $legends by board and side, `main top`
     * @param array<string, Shift> $shifts how the places of a board were brought over its outline, as the maker says
     */
    public function __construct(
        public array $boards,
        public array $prints,
        public Nets $nets,
        public array $files = [],
        public array $legends = [],
        public array $shifts = [],
        public PinSpots $spots = new PinSpots(),
    ) {}

    /**
     * What the files say where no kit can be read beside them: of one board, and of no places.
     *
     * @param array<string, string> $files name to bytes
     */
    public static function alone(array $files): self
    {
        return BoardFiles::read($files, [])->reading(
            [new BoardShape('main', new Polygon([]), outlineGiven: false)],
            [],
        );
    }

    public static function none(): self
    {
        return new self([], [], Nets::of([]));
    }
}
