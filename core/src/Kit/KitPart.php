<?php

declare(strict_types=1);

namespace Chiralex\Kit;

use Chiralex\Bom\Line;
use Chiralex\Bom\Provision;
use Chiralex\Bom\Recognition;
use Chiralex\Part\Kind;
use Chiralex\Part\KindRow;
use Chiralex\Part\Kinds;

/** One part of a kit, with everything the parts list, the kit file and the tables say of it. */
final readonly class KitPart
{
    public KindRow $row;

    public function __construct(
        public string $designator,
        public Line $line,
        public Recognition $recognition,
        public Provision $supply,
        public PartShape $shape,
        public PartDirection $direction,
        public PartPlace $place,
        public PartNotes $notes,
    ) {
        $this->row = Kinds::of($recognition->kind);
    }

    public function kind(): Kind
    {
        return $this->recognition->kind;
    }

    /** The value in normal form: the plain number, or the text in lower case without spaces. */
    public function valueKey(): string
    {
        return $this->recognition->value?->value->plain() ??
            mb_strtolower((string) preg_replace('~\s+~u', '', $this->line->cells->value));
    }

    /** True when the builder solders it to a board. */
    public function isSoldered(): bool
    {
        // Hardware stays hardware, though a board file may place it.
        return $this->supply->isBuilt() &&
            $this->place->socket === null &&
            !$this->place->inCase &&
            ($this->row->onBoard || ($this->place->placement !== null && $this->row->body->outline !== 'none'));
    }
}
