<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Board\Layer\LayerComponent;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Placement;
use Chiralex\Board\Point;
use Chiralex\Bom\Designators;
use Chiralex\Bom\Line;
use Chiralex\Bom\PartsList;
use Chiralex\Bom\Provision;
use Chiralex\Bom\Recognition;
use Chiralex\Bom\Recognizer;
use Chiralex\Kit\KitPart;
use Chiralex\Kit\PartDirection;
use Chiralex\Kit\PartNotes;
use Chiralex\Kit\PartPlace;
use Chiralex\Kit\PartShape;
use Chiralex\Kit\PolarityFact;
use Chiralex\Part\BodyShape;
use Chiralex\Part\Consequence;
use Chiralex\Part\Hold;
use Chiralex\Part\Kind;
use Chiralex\Part\KindRow;
use Chiralex\Part\Kinds;
use Chiralex\Part\Mark;
use Chiralex\Part\Outline;
use Chiralex\Part\Sensitivity;
use Chiralex\Quantity\ValueDoubt;
use Chiralex\Quantity\ValueFault;
use Chiralex\Reason\Origin;
use Chiralex\Reason\Problem;
use Chiralex\Reason\ProblemSeverity;

/** Brings together what parts list, kit file, placements and tables say of each part. */
final readonly class PartResolver
{
    /** Height of an IC seated in its socket, from memory. */
    private const IN_SOCKET = 8.0;

    /**
     * @param list<string> $leftOut designators of options not chosen
     * @param array<int, float> $weighed grams a piece, by the row of the line
     * @param array<string, LayerComponent> $layers what component layers say, by designator
     * @param list<string> $levelB boards whose placement file counts rotations from zero orientation B
     */
    public function __construct(
        private Recognizer $recognizer,
        private array $leftOut,
        private array $weighed,
        private array $layers = [],
        private array $levelB = [],
    ) {}

    /**
     * @param array<string, Json> $answers what the kit file says, by designator
     * @param array<string, Placement> $placements
     * @return array<string, Recognition> by designator; designators of one line without answers of their own share one
     */
    public function recognitions(PartsList $list, array $answers, array $placements): array
    {
        $recognitions = $known = [];
        foreach ($list->lines as $line) {
            $key = implode("\0", [
                Designators::prefix($line->designators[0] ?? ''),
                $line->cells->value,
                $line->cells->package,
                $line->cells->description,
                $line->cells->kind,
            ]);
            foreach ($line->designators as $designator) {
                $placed = isset($placements[$designator]);
                $answer = $answers[$designator] ?? null;
                if ($answer !== null && ($answer->has('kind') || $answer->has('package'))) {
                    $recognitions[$designator] = $this->recognizer->recognise(
                        $line,
                        Kind::tryFrom($answer->text('kind')),
                        $answer->has('package') ? $answer->text('package') : null,
                        $placed,
                    );
                    continue;
                }
                $named = $line->cells->package === '' ? $this->layers[$designator]->package ?? '' : '';
                if ($named !== '') {
                    $recognitions[$designator] = $this->recognizer->recognise($line, null, $named, $placed);
                    continue;
                }
                $shared = $key . ($placed ? "\0placed" : '');
                $recognitions[$designator] = $known[$shared] ??= $this->recognizer->recognise($line, placed: $placed);
            }
        }

        return $recognitions;
    }

    /**
     * @param array<string, Json> $answers
     * @param array<string, Recognition> $recognitions
     * @param array<string, Placement> $placements
     * @param array<string, string> $sockets IC to socket
     * @return array<string, KitPart>
     */
    public function parts(
        PartsList $list,
        array $answers,
        array $recognitions,
        array $placements,
        array $sockets,
        CaseParts $case,
    ): array {
        $parts = [];
        foreach ($list->lines as $line) {
            foreach ($line->designators as $designator) {
                $socket = $sockets[$designator] ?? null;
                $own = $placements[$designator] ?? null;
                $place = $own ?? ($socket === null ? null : ($placements[$socket] ?? null)?->of($designator));
                $parts[$designator] = $this->part(
                    $designator,
                    $line,
                    $recognitions[$designator],
                    $answers[$designator] ?? new Json([]),
                    $place,
                    $socket,
                    $case->holds($designator),
                );
            }
        }

        return $parts;
    }

    /**
     * Values that could not be read, or only under an assumption.
     *
     * @param array<string, Recognition> $recognitions
     * @return list<Problem>
     */
    public function problems(PartsList $list, array $recognitions): array
    {
        $header = isset($list->columns['value']) ? $list->headers[$list->columns['value']] ?? null : null;
        $problems = $spelt = [];
        foreach ($list->lines as $line) {
            $recognition = $recognitions[$line->designators[0] ?? ''] ?? null;
            if ($recognition === null || !$line->supply->isOnBoard()) {
                continue;
            }
            if ($recognition->fault instanceof ValueFault && !$recognition->needsAnswer()) {
                $problems[] = new Problem(
                    ProblemSeverity::Warning,
                    $recognition->fault->code,
                    [
                        'text' => $line->cells->value,
                        'position' => $recognition->fault->position + 1,
                        'found' => $recognition->fault->found,
                        'designators' => $line->designators,
                    ],
                    $list->file,
                    $line->row,
                    $header,
                );
            }
            $doubt = $recognition->value?->doubt;
            if ($recognition->value !== null && $doubt !== null) {
                $problems[] = new Problem(
                    $doubt === ValueDoubt::CodeIsPreferred ? ProblemSeverity::Warning : ProblemSeverity::Note,
                    $doubt->value,
                    [
                        'text' => $line->cells->value,
                        'read' => $recognition->value->value->display(),
                        'designators' => $line->designators,
                    ],
                    $list->file,
                    $line->row,
                    $header,
                );
            }
            if ($recognition->value !== null) {
                $key =
                    $recognition->kind->value .
                    ' ' .
                    $recognition->value->value->plain() .
                    ' ' .
                    $line->cells->package .
                    ' ' .
                    ($recognition->value->tolerance ?? $line->cells->tolerance);
                $earlier = $spelt[$key] ?? null;
                if ($earlier !== null && $earlier->cells->value !== $line->cells->value) {
                    $problems[] = new Problem(
                        ProblemSeverity::Note,
                        'bom.two-spellings',
                        ['text' => $line->cells->value, 'other' => $earlier->cells->value, 'earlier' => $earlier->row],
                        $list->file,
                        $line->row,
                        $header,
                    );
                }
                $spelt[$key] ??= $line;
            }
        }

        return $problems;
    }

    private function part(
        string $designator,
        Line $line,
        Recognition $recognition,
        Json $answer,
        ?Placement $placement,
        ?string $socket,
        bool $inCase,
    ): KitPart {
        $row = Kinds::standard()->row($recognition->kind);
        $layer = $this->layers[$designator] ?? null;
        [$height, $origin] = $this->height($line, $recognition, $answer, $socket, $layer);
        [$outline, $shift] = $this->outline($recognition->outline, $answer, $layer);
        $outline = $outline->withHeight($height);
        $supply = in_array($designator, $this->leftOut, true)
            ? Provision::Alternative
            : Provision::tryFrom($answer->text('supply')) ?? $line->supply;
        $grams = $answer->number('mass') ?? ($this->weighed[$line->row] ?? null);
        $at = $answer->has('origin') ? $answer->numbers('origin') : $shift;
        $turned =
            $placement !== null && $this->countsFromB($placement, $answer, $layer)
                ? $placement->fromLevelB()
                : $placement;
        $body =
            $turned === null
                ? null
                : PlacedBody::place(
                    $turned,
                    $outline,
                    $height,
                    $answer->has('pins')
                        ? $this->pins($answer)
                        : ($layer === null || $layer->pins === []
                            ? null
                            : $layer->ownPins()),
                    new Point($at[0] ?? 0.0, $at[1] ?? 0.0),
                    $grams,
                    $socket === null,
                );

        return new KitPart(
            $designator,
            $line,
            $recognition,
            $supply,
            new PartShape(
                $outline,
                $height,
                $origin,
                $grams,
                $answer->has('pins') ? array_map(strval(...), array_keys($this->pins($answer))) : [],
                Hold::tryFrom($answer->text('hold')),
                Sensitivity::tryFrom($answer->text('sensitivity')) ?? $row->body->sensitivity,
            ),
            $this->direction($row, $outline, $line, $answer),
            new PartPlace($placement, $body, $socket, $inCase),
            $this->notes($line, $answer, $layer),
        );
    }

    private function direction(KindRow $row, Outline $outline, Line $line, Json $answer): PartDirection
    {
        $text = mb_strtolower("{$line->cells->value} {$line->cells->description} {$line->cells->package}");
        $nonPolar =
            ($row->kind === Kind::Electrolytic && preg_match('~bipolar|non-?polar|\bnp\b~', $text) === 1) ||
            ($row->kind === Kind::Photo && $outline->name === 'ldr-5mm');
        $polarity = $answer->has('polarity') ? $this->polarity($answer->object('polarity')) : null;
        $reversed = $answer->object('reversed');

        return new PartDirection(
            $polarity !== null || ($row->isPolarised() && !$nonPolar && !$answer->names('polarity')),
            $polarity,
            Consequence::tryFrom($reversed->text('consequence')),
            $reversed->texts('replace'),
        );
    }

    private function notes(Line $line, Json $answer, ?LayerComponent $layer): PartNotes
    {
        return new PartNotes(
            $answer->texts('lookAlike'),
            $answer->has('legend')
                ? $answer->text('legend')
                : ($line->cells->legend === ''
                    ? null
                    : $line->cells->legend),
            $answer->text('usedAt'),
            $answer->text('prints'),
            $layer->value ?? '',
            $answer->object('substitutes')->texts('allowed'),
            $answer->object('substitutes')->texts('forbidden'),
            $answer->text('spread', 'even'),
        );
    }

    /** Pins, body and shift that the maker or a layer gives stand as the file stands; the package table is level A. */
    private function countsFromB(Placement $placement, Json $answer, ?LayerComponent $layer): bool
    {
        return in_array($placement->board, $this->levelB, true) &&
            $layer === null &&
            !$answer->has('pins') &&
            !$answer->has('body') &&
            !$answer->has('origin');
    }

    /** @return array{float, Origin} */
    private function height(
        Line $line,
        Recognition $recognition,
        Json $answer,
        ?string $socket,
        ?LayerComponent $layer,
    ): array {
        $typed = $answer->number('height');

        return match (true) {
            $typed !== null => [$typed, Origin::Typed],
            $line->height !== null => [$line->height, Origin::PartsList],
            $layer?->height !== null => [$layer->height, Origin::PlacementFile],
            $socket !== null => [self::IN_SOCKET, Origin::TypicalForKind],
            default => [$recognition->outline->height, $recognition->outlineOrigin],
        };
    }

    /**
     * What the maker typed goes before what the component layer draws; a layer's box replaces boxes only, for it shows a can as a square.
     *
     * @return array{Outline, array{float, float}} the outline, and where its centre lies from the placement point at rotation 0
     */
    private function outline(Outline $outline, Json $answer, ?LayerComponent $layer): array
    {
        $body = $answer->numbers('body');
        $box = $layer?->box();
        $shift = [0.0, 0.0];
        if (count($body) === 2) {
            $outline = $outline->withBox($body[0], $body[1]);
        } elseif ($box !== null && $outline->shape === BodyShape::Box && $box['along'] > 0.0 && $box['across'] > 0.0) {
            $outline = $outline->withBox($box['along'], $box['across'], 'component layer');
            $shift = $box['origin'];
        }
        if ($answer->has('pins')) {
            $outline = $outline->withPins($this->pins($answer));
        } elseif ($layer !== null && $layer->pins !== []) {
            $outline = $outline->withPins($layer->ownPins());
        }
        $lead = $answer->number('leadLength');

        return [$lead === null ? $outline : $outline->withLeadLength($lead), $shift];
    }

    /** @return array<array-key, array{float, float}> */
    private function pins(Json $answer): array
    {
        $pins = [];
        foreach ($answer->numberLists('pins') as $name => $xy) {
            $pins[(string) $name] = [$xy[0] ?? 0.0, $xy[1] ?? 0.0];
        }

        return $pins;
    }

    private function polarity(Json $said): PolarityFact
    {
        return new PolarityFact(
            Mark::tryFrom($said->text('mark')),
            $said->text('terminal'),
            $said->has('pin') ? $said->text('pin') : null,
            $said->number('at'),
        );
    }
}
