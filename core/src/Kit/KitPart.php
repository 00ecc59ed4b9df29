<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Board\PlacedBody;
use Chiralex\Board\Placement;
use Chiralex\Bom\Line;
use Chiralex\Bom\Provision;
use Chiralex\Bom\Recognition;
use Chiralex\Part\Consequence;
use Chiralex\Part\Hold;
use Chiralex\Part\Kind;
use Chiralex\Part\KindRow;
use Chiralex\Part\Outline;
use Chiralex\Part\Sensitivity;
use Chiralex\Reason\Origin;

/** One part of a kit, with everything the parts list, the kit file and the tables say of it. */
final readonly class KitPart
{
    /**
     * @param float $height seated height in millimetres
     * @param ?Hold $hold only where the maker says so
     * @param ?PolarityFact $polarity only where the maker says so
     * @param list<string> $replace parts to replace together when it was reversed
     * @param list<string> $lookAlikes designators the maker names as look-alikes
     * @param ?string $legend what the board prints at its place: designator, value, both, outline, nothing
     * @param ?string $socket the socket an IC goes into
     * @param string $prints the very text the board prints for its value, where it is known
     * @param string $fileValue the value a component layer names, where it does
     * @param list<string> $ownPins pin names the maker gave, empty where the package's are used
     * @param list<string> $allowed values the maker allows in its place
     * @param list<string> $forbidden values the maker forbids in its place
     * @param string $spread how its values lie within its tolerance: even, bell, hollow
     */
    public function __construct(
        public string $designator,
        public Line $line,
        public Recognition $recognition,
        public KindRow $row,
        public Outline $outline,
        public float $height,
        public Origin $heightOrigin,
        public Provision $supply,
        public Sensitivity $sensitivity,
        public ?Hold $hold,
        public bool $polarised,
        public ?PolarityFact $polarity,
        public Consequence $consequence,
        public array $replace,
        public array $lookAlikes,
        public ?string $legend,
        public string $usedAt,
        public ?float $grams,
        public ?Placement $placement,
        public ?PlacedBody $body,
        public ?string $socket = null,
        public string $prints = '',
        public string $fileValue = '',
        public array $ownPins = [],
        public array $allowed = [],
        public array $forbidden = [],
        public string $spread = 'even',
    ) {}

    public function kind(): Kind
    {
        return $this->recognition->kind;
    }

    /** The value in normal form: the plain number, or the text in lower case without spaces. */
    public function valueKey(): string
    {
        return $this->recognition->value?->value->plain() ??
            mb_strtolower((string) preg_replace('~\s+~u', '', $this->line->value));
    }

    /** True when the builder solders it to a board. */
    public function isSoldered(): bool
    {
        // Hardware stays hardware, though a board file may place it.
        return $this->supply->isBuilt() &&
            $this->socket === null &&
            ($this->row->onBoard || ($this->placement !== null && $this->row->body->outline !== 'none'));
    }
}
