<?php

declare(strict_types=1);

namespace Chiralex\Fault\Internal;

use Chiralex\Board\PlacedBody;
use Chiralex\Bom\Designators;
use Chiralex\Fault\Cause;
use Chiralex\Fault\Data\Odds;
use Chiralex\Kit\KitPart;
use Chiralex\Part\LeadStyle;
use Chiralex\Part\Role;
use Chiralex\Polarity\Callout;

/** What may be wrong with a single part. */
final readonly class PartSuspects
{
    /** Another hole of the same span this near may be taken, millimetres. */
    private const NEAR = 15.0;
    private const FITS = 0.4;

    public function __construct(private Bench $bench) {}

    /** @return list<Draft> */
    public function all(): array
    {
        return [...$this->reversed(), ...$this->holes(), ...$this->each(), ...$this->wrongLines()];
    }

    /** @return list<Draft> */
    private function reversed(): array
    {
        $ways = [];
        foreach ($this->bench->callouts as $callout) {
            if ($callout->pointing->direction !== null) {
                $ways[$callout->kind->value][$callout->pointing->direction] = true;
            }
        }
        $drafts = [];
        foreach ($this->bench->callouts as $callout) {
            $part = $this->bench->kit->part($callout->designator);
            if ($part !== null && !$part->row->is(Role::HoldsBattery)) {
                $drafts[] = new Draft(
                    "{$callout->designator} reversed",
                    Cause::Reversed,
                    [$callout->designator],
                    Odds::reversed($callout->kind) *
                        self::raised($callout, count($ways[$callout->kind->value] ?? []) > 1),
                    $this->bench->step($callout->designator),
                );
            }
        }

        return $drafts;
    }

    private static function raised(Callout $callout, bool $facesSeveralWays): float
    {
        return ($callout->print->mark === null ? Odds::NO_MARK : 1.0) *
            ($callout->signs->check === null ? Odds::CLIPPED : 1.0) *
            ($facesSeveralWays ? Odds::FACINGS : 1.0);
    }

    /** @return list<Draft> parts on two wires in a hole beside theirs */
    private function holes(): array
    {
        $spans = [];
        foreach ($this->bench->parts as $name => $part) {
            $style = $part->shape->outline->leads->style;
            if (
                $part->isSoldered() &&
                ($style === LeadStyle::AxialWire || $style === LeadStyle::RadialWire) &&
                count($part->shape->outline->pins) === 2
            ) {
                $spans[(string) $name] = $part->place->body;
            }
        }
        $drafts = [];
        foreach ($spans as $name => $body) {
            $drafts[] = new Draft(
                "{$name} in the neighbouring hole",
                Cause::WrongHole,
                [$name],
                Odds::WRONG_HOLE * ($body !== null && self::hasNeighbour($body, $spans) ? Odds::NEAR_HOLE : 1.0),
                $this->bench->step($name),
            );
        }

        return $drafts;
    }

    /** @param array<string, ?PlacedBody> $spans */
    private static function hasNeighbour(PlacedBody $body, array $spans): bool
    {
        foreach ($spans as $other) {
            if (
                $other !== null &&
                $other !== $body &&
                $other->face->key() === $body->face->key() &&
                $other->centre->distanceTo($body->centre) <= self::NEAR &&
                abs(self::span($other) - self::span($body)) <= self::FITS
            ) {
                return true;
            }
        }

        return false;
    }

    private static function span(PlacedBody $body): float
    {
        [$one, $other] = array_slice(array_values($body->pins), 0, 2) + [$body->centre, $body->centre];

        return $one->distanceTo($other);
    }

    /** @return list<Draft> left out, faulty, badly seated, at an end */
    private function each(): array
    {
        $drafts = [];
        foreach ($this->bench->parts as $designator => $part) {
            $name = (string) $designator;
            $step = $this->bench->step($name);
            if (!self::isOfCircuit($part)) {
                continue;
            }
            $drafts[] = new Draft("{$name} left out", Cause::LeftOut, [$name], Odds::LEFT_OUT, $step);
            $drafts[] = new Draft("{$name} faulty", Cause::Faulty, [$name], Odds::faulty($part->kind()), $step);
            if ($part->place->socket !== null) {
                $drafts[] = new Draft("{$name} badly seated", Cause::BadlySeated, [$name], Odds::BADLY_SEATED, $step);
            }
            if ($part->row->is(Role::Adjusts)) {
                $drafts[] = new Draft("{$name} at its end", Cause::EndStop, [$name], Odds::END_STOP, $step);
            }
        }

        return $drafts;
    }

    /** Screws, wire and the box do nothing in a circuit. */
    public static function isOfCircuit(KitPart $part): bool
    {
        return Designators::isNamed($part->designator) &&
            ($part->isSoldered() || $part->place->socket !== null || $part->place->inCase) &&
            !$part->row->is(Role::Fastener) &&
            !$part->row->is(Role::BoxWork);
    }

    /** @return list<Draft> a whole line that is another part than the list says: one lot, one bag */
    private function wrongLines(): array
    {
        $lines = [];
        foreach ($this->bench->parts as $name => $part) {
            if (self::isOfCircuit($part)) {
                $lines[$part->line->row][] = (string) $name;
            }
        }

        return array_values(
            array_map(
                fn(array $names): Draft => new Draft(
                    implode(' ', $names) . ' wrong part',
                    Cause::WrongPart,
                    $names,
                    Odds::WRONG_PART,
                    $this->bench->step($names[0]),
                ),
                $lines,
            ),
        );
    }
}
