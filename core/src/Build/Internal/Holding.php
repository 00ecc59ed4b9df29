<?php

declare(strict_types=1);

namespace Chiralex\Build\Internal;

use Chiralex\Board\Assembly;
use Chiralex\Board\Lie;
use Chiralex\Board\Lying;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Side;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\SolderFrom;
use Chiralex\Kit\Workholding;
use Chiralex\Part\Hold;
use Chiralex\Part\LeadStyle;

/** How each part of a step is held, from the lie of the board with everything fitted by then. */
final readonly class Holding
{
    /** @param array<string, string> $jigged designators that a `panel` or a `plug` holds */
    public function __construct(private Kit $kit, private array $jigged) {}

    public static function of(Kit $kit): self
    {
        $jigged = array_fill_keys(Jigs::of($kit)->parts(), 'panel');
        foreach (Mates::of($kit) as $mate) {
            $jigged += array_fill_keys($mate->parts, 'plug');
        }

        return new self($kit, $jigged);
    }

    /** True where the part it is plugged into holds it, and no panel. */
    public function isPlugged(string $designator): bool
    {
        return ($this->jigged[$designator] ?? '') === 'plug';
    }

    /**
     * @param list<PlacedBody> $fitted on all boards, the parts of the step among them
     * @param list<string> $snapped boards already broken off
     */
    public function lie(string $board, Side $down, array $fitted, array $snapped = []): ?Lie
    {
        $shape = $this->kit->board($board);

        return $shape === null || !$this->kit->findings->hasPlacements
            ? null
            : (new Lying())->lie(Assembly::around($shape, $this->kit->boards, $snapped), $down, $fitted);
    }

    /**
     * The lie of the next step, from the state of the table at the step before where it is still about the same boards.
     *
     * @param ?array{string, TableState} $table board asked for last, and its state
     * @param list<PlacedBody> $new bodies fitted since
     * @param list<PlacedBody> $fitted all bodies
     * @param list<string> $snapped
     * @return array{?Lie, ?array{string, TableState}}
     */
    public function next(?array $table, string $board, Side $down, array $new, array $fitted, array $snapped): array
    {
        $shape = $this->kit->board($board);
        if ($shape === null || !$this->kit->findings->hasPlacements) {
            return [null, null];
        }
        $state =
            $table !== null && $table[0] === $board
                ? $table[1]->with($new)
                : TableState::of(Assembly::around($shape, $this->kit->boards, $snapped), $fitted);
        [$lie, $state] = $state->lie($down);

        return [$lie, [$board, $state]];
    }

    /** True when the hold does not depend on how the board lies. */
    public function isKnown(KitPart $part): bool
    {
        return $part->shape->hold !== null ||
            isset($this->jigged[$part->designator]) ||
            $part->shape->outline->leads->style !== LeadStyle::StiffPins ||
            $this->kit->choices->settings->bench->workholding !== Workholding::Table ||
            $this->solderedFromFront($part);
    }

    public function hold(KitPart $part, ?Lie $lie): Hold
    {
        if ($part->shape->hold !== null) {
            return $part->shape->hold;
        }
        if (isset($this->jigged[$part->designator])) {
            return Hold::Jig;
        }
        if ($this->solderedFromFront($part)) {
            return Hold::NoneNeeded;
        }
        if ($this->kit->choices->settings->bench->workholding === Workholding::Frame) {
            return Hold::Holder;
        }

        return match ($part->shape->outline->leads->style) {
            LeadStyle::AxialWire => Hold::Bend,
            LeadStyle::RadialWire => Hold::Splay,
            LeadStyle::SnapIn => Hold::OwnLock,
            LeadStyle::None => Hold::NoneNeeded,
            LeadStyle::StiffPins => $this->stiff($part, $lie),
        };
    }

    private function stiff(KitPart $part, ?Lie $lie): Hold
    {
        if ($this->kit->choices->settings->bench->workholding === Workholding::Holder) {
            return Hold::Tack;
        }
        if ($lie !== null && $part->place->body !== null && $lie->holdsFlush($part->place->body)) {
            return Hold::Table;
        }

        return match ($part->row->body->hangsAs) {
            Hold::Tape, Hold::Putty => $part->row->body->hangsAs,
            default => Hold::Tack,
        };
    }

    private function solderedFromFront(KitPart $part): bool
    {
        $board = $part->place->placement === null ? null : $this->kit->board($part->place->placement->board);

        return $this->kit->choices->settings->bench->solderFrom === SolderFrom::Front &&
            ($board === null || $board->stuff->plated);
    }
}
