<?php

declare(strict_types=1);

namespace Chiralex\Part;

use Chiralex\Quantity\Unit;

/** What is true of a kind until a part says otherwise; one row feeds every module. */
final readonly class KindRow
{
    /**
     * @param bool $onBoard soldered to a board as a rule; false for hardware and off-board items
     * @param string $source where the row's facts come from
     * @param ?KindMark $mark null: the kind has no direction
     * @param ?BoardMark $board what a board usually prints for its direction
     */
    private function __construct(
        public Kind $kind,
        public bool $onBoard,
        public string $source,
        public KindName $name,
        public KindBody $body,
        public KindUse $use,
        public ?KindMark $mark = null,
        public ?BoardMark $board = null,
    ) {}

    /** @param list<string> $prefixes */
    public static function soldered(Kind $kind, array $prefixes, string $source): self
    {
        return self::plain($kind, true, $source, $prefixes);
    }

    /** @param list<string> $prefixes */
    public static function loose(Kind $kind, array $prefixes, string $source): self
    {
        return self::plain($kind, false, $source, $prefixes);
    }

    /** @param float $leads thickness of its leads, millimetres */
    public function body(
        string $outline,
        Hold $hangsAs,
        Sensitivity $sensitivity,
        float $grams,
        BodyLook $look = BodyLook::Plain,
        float $leads = KindBody::LEAD,
    ): self {
        return $this->with(body: new KindBody($outline, $hangsAs, $sensitivity, $grams, $look, $leads));
    }

    public function marked(Mark $fit, Mark $check, string $terminal, Consequence $consequence): self
    {
        return $this->with(mark: new KindMark($fit, $check, $terminal, $consequence));
    }

    /** @param string $print what boards print, and which mark of the part goes to it */
    public function printed(string $print, Mark $meets, string $source): self
    {
        return $this->with(board: new BoardMark($print, $meets, $source));
    }

    public function valued(Unit $unit): self
    {
        return $this->with(name: new KindName($this->name->prefixes, $this->name->letters, $unit));
    }

    public function lettered(LetterFamily $letters): self
    {
        return $this->with(name: new KindName($this->name->prefixes, $letters, $this->name->unit));
    }

    public function kept(Drawer $drawer, string $tip = '', Role ...$roles): self
    {
        return $this->with(use: new KindUse($drawer, $tip, array_values($roles), $this->use->hole));
    }

    public function drilled(float $diameter, string $stack): self
    {
        $hole = new PanelHole($diameter, $stack);

        return $this->with(use: new KindUse($this->use->drawer, $this->use->tip, $this->use->roles, $hole));
    }

    public function isPolarised(): bool
    {
        return $this->mark !== null;
    }

    public function is(Role $role): bool
    {
        return in_array($role, $this->use->roles, true);
    }

    /** @param list<string> $prefixes */
    private static function plain(Kind $kind, bool $onBoard, string $source, array $prefixes): self
    {
        return new self(
            $kind,
            $onBoard,
            $source,
            new KindName($prefixes),
            new KindBody('none', Hold::NoneNeeded, Sensitivity::None, 0.0),
            new KindUse(Drawer::Connectors),
        );
    }

    private function with(
        ?KindName $name = null,
        ?KindBody $body = null,
        ?KindUse $use = null,
        ?KindMark $mark = null,
        ?BoardMark $board = null,
    ): self {
        return new self(
            $this->kind,
            $this->onBoard,
            $this->source,
            $name ?? $this->name,
            $body ?? $this->body,
            $use ?? $this->use,
            $mark ?? $this->mark,
            $board ?? $this->board,
        );
    }
}
