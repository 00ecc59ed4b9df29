<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Board\Side;
use Chiralex\Build\BuildOrder;
use Chiralex\Build\LookAlikes;
use Chiralex\Kit\Kit;
use Chiralex\Kit\Wire;
use Chiralex\Part\Mark;
use Chiralex\Polarity\Callout;
use ChiralexRender\Svg\CalloutPicture;
use ChiralexRender\Text\PartMarking;
use ChiralexRender\Words;

/**
 * The document of `marks`: a callout for each part and wire with a direction.
 *
 * @phpstan-type Picture array{board: string, side: string, crop: array{float, float, float, float}, arrow: ?array{float, float, float, float}}
 * @phpstan-type CalloutShape array{designator: string, kind: string, fitMark: ?string, partMark: ?string, terminal: string, boardMark: ?string, bearing: ?float, direction: ?string, landmark: ?string, consequence: string, replaceTogether: list<string>, text: string, lead: string, ownWords: bool, step: ?int, alike: list<string>, picture: ?Picture, second: ?Picture, exchange?: bool, why?: list<string>}
 */
final readonly class MarksDocument
{
    /** Look-alikes named with a callout. */
    private const NAMED = 8;
    /** The edge that lies in the direction itself needs no name. */
    private const EDGES = ['up' => 'top edge', 'right' => 'right edge', 'down' => 'bottom edge', 'left' => 'left edge'];

    public function __construct(private Words $words) {}

    /**
     * @param list<Callout> $callouts
     * @return array{callouts: list<CalloutShape>}
     */
    public function of(array $callouts, Kit $kit, ?BuildOrder $order): array
    {
        $steps =
            $order === null
                ? []
                : array_map(static fn(int $index): int => $order->steps[$index]->number, $order->stepOf());
        $alike = LookAlikes::of($kit);

        return [
            'callouts' => [
                ...array_map(fn(Callout $callout): array => $this->callout($callout, $kit, $steps, $alike), $callouts),
                ...array_map(fn(Wire $wire): array => $this->wire($wire, $kit, $steps), $kit->work->wires),
                ...(new ConnectorDocument($this->words))->callouts(
                    $kit,
                    $steps,
                    array_map(static fn(Callout $callout): string => $callout->designator, $callouts),
                ),
            ],
        ];
    }

    /**
     * @param array<string, int> $steps
     * @return CalloutShape
     */
    private function callout(Callout $callout, Kit $kit, array $steps, LookAlikes $alike): array
    {
        return [
            'designator' => $callout->designator,
            'kind' => $callout->kind->value,
            'fitMark' => $callout->signs->fit?->value,
            'partMark' => $callout->signs->check?->value,
            'terminal' => $callout->signs->terminal,
            'boardMark' => $callout->print->mark->print ?? ($callout->print->isRead ? 'none' : null),
            'bearing' => $callout->pointing->bearing === null ? null : round($callout->pointing->bearing, 3),
            'direction' => $callout->pointing->direction,
            'landmark' => $callout->pointing->landmark,
            'consequence' => $callout->reversal->consequence->value,
            'replaceTogether' => $callout->reversal->replace,
            'text' => $kit->choices->words["callout.{$callout->designator}.text"] ?? $this->text($callout, $kit),
            'lead' => $this->lead($callout, $kit),
            'ownWords' => isset($kit->choices->words["callout.{$callout->designator}.text"]),
            'step' => $steps[$callout->designator] ?? null,
            'alike' => array_slice($alike->to($callout->designator), 0, self::NAMED),
            'picture' => (new CalloutPicture($kit))->of($callout->designator),
            'second' => null,
            'why' => $this->why($callout->designator, $kit),
        ];
    }

    /** @return list<string> what of it the nets say */
    private function why(string $designator, Kit $kit): array
    {
        $circuit = $kit->nature->circuit;
        $coil = $circuit->clamps[$designator] ?? null;
        if ($coil === null || !$circuit->isFromNets('clamps', $designator)) {
            return [];
        }
        $nets = array_values(array_unique($kit->findings->drawn->nets->ofPart($designator)));
        $driver = $circuit->drivers[$coil] ?? null;

        return [
            $this->words->sentence('callout.why-clamp', ['coil' => $coil, 'nets' => $nets]),
            ...$driver === null
                ? []
                : [$this->words->sentence('callout.why-driver', ['coil' => $coil, 'driver' => $driver])],
        ];
    }

    private function lead(Callout $callout, Kit $kit): string
    {
        if ($callout->signs->check === null) {
            return $this->words->sentence('callout.no-mark', ['designator' => $callout->designator]);
        }
        $board = $callout->print->mark;
        $args = [
            'mark' => $this->mark($callout->signs->check, $callout->designator, $kit),
            'board' => $board === null ? '' : $this->boardSign($callout->print->isRead, $board->print),
        ];
        if ($callout->pointing->direction !== null) {
            $args += [
                'direction' => $this->words->direction($callout->pointing->direction),
                'landmark' => $this->landmark(
                    (string) $callout->pointing->landmark,
                    $callout->pointing->direction,
                    $kit,
                ),
            ];
        }
        $meets = $board !== null && $board->meets === $callout->signs->check;
        // Without a legend, what boards usually print is said as usual.
        $usual = $callout->print->isRead ? '' : '-usual';
        $said = [
            self::capital(
                $this->words->sentence(
                    match (true) {
                        $callout->pointing->direction === null => 'callout.mark',
                        $meets => "callout.mark-at{$usual}",
                        default => 'callout.mark-towards',
                    },
                    $args,
                ),
            ),
            $this->terminal($callout),
            $callout->signs->fit !== null && $callout->signs->fit !== $callout->signs->check
                ? $this->words->sentence('callout.fit-check', [
                    'fit' => $this->words->mark($callout->signs->fit->value),
                    'check' => $args['mark'],
                ])
                : '',
            $this->atBoard($callout, $meets, $usual, $args),
        ];

        return implode(' ', array_diff($said, ['']));
    }

    private function boardSign(bool $isRead, string $print): string
    {
        return $this->words->sentence(
            $isRead && $print === 'minus' ? 'callout.board.seen-minus' : "callout.board.{$print}",
        );
    }

    /**
     * Where on the board the mark goes, unless the direction said it; that the board prints nothing.
     *
     * @param array<string, string> $args
     */
    private function atBoard(Callout $callout, bool $meets, string $usual, array $args): string
    {
        $board = $callout->print->mark;
        $hasDirection = $callout->pointing->direction !== null;

        return match (true) {
            $board === null => $hasDirection ? $this->words->sentence('callout.no-board') : '',
            $meets && $hasDirection => '',
            default => self::capital(
                $this->words->sentence(
                    "callout.meets{$usual}",
                    ['mark' => $this->words->mark($board->meets->value)] + $args,
                ),
            ),
        };
    }

    /** What the mark stands for, and what the square pad stands for. */
    private function terminal(Callout $callout): string
    {
        $pad = $callout->print->squarePad === null ? '' : $this->words->terminal($callout->print->squarePad);
        $stands = $this->words->terminal($callout->signs->terminal);
        $known = $stands !== $callout->signs->terminal || $callout->signs->terminal === 'pin 1';
        $own = $known
            ? $this->words->sentence($pad === $stands ? 'callout.terminal-square' : 'callout.terminal', [
                'terminal' => $stands,
            ])
            : '';

        return trim(
            $own .
                ($pad === '' || ($known && $pad === $stands)
                    ? ''
                    : ' ' . $this->words->sentence('callout.square', ['terminal' => $pad])),
        );
    }

    /** A glass body shows a dark band, a moulded one a light band. */
    private function mark(Mark $mark, string $designator, Kit $kit): string
    {
        $part = $kit->part($designator);

        return $this->words->mark($mark !== Mark::Band || $part === null ? $mark->value : PartMarking::band($part));
    }

    private function landmark(string $landmark, string $direction, Kit $kit): string
    {
        $part = $kit->part($landmark);

        if ($part === null) {
            return $this->words->sentence(
                (self::EDGES[$direction] ?? null) === $landmark ? 'callout.edge.own' : "callout.edge.{$landmark}",
            );
        }
        $kind = $this->words->kind($part->kind());

        // `LED4` names its kind itself.
        return $this->words->sentence(
            str_starts_with($landmark, mb_strtoupper($kind)) ? 'callout.landmark-bare' : 'callout.landmark',
            ['kind' => $kind, 'designator' => $landmark],
        );
    }

    private function text(Callout $callout, Kit $kit): string
    {
        if ($callout->signs->check === null) {
            return $this->lead($callout, $kit);
        }
        $together =
            $callout->reversal->replace === []
                ? ''
                : ' ' . $this->words->sentence('callout.together', ['parts' => $callout->reversal->replace]);

        return "{$this->lead(
            $callout,
            $kit,
        )} {$this->words->consequence($callout->reversal->consequence->value)}{$together}";
    }

    /**
     * @param array<string, int> $steps
     * @return CalloutShape
     */
    private function wire(Wire $wire, Kit $kit, array $steps): array
    {
        $face = Side::tryFrom($wire->face ?? 'top') ?? Side::Top;
        $picture = new CalloutPicture($kit);
        $ends = [$picture->terminal($wire->from, $face), $picture->terminal($wire->to, $face)];

        return [
            'designator' => $wire->name,
            'kind' => 'wire',
            'fitMark' => 'colour',
            'partMark' => 'colour',
            'terminal' => "{$wire->from} to {$wire->to}",
            'boardMark' => null,
            'bearing' => null,
            'direction' => null,
            'landmark' => null,
            'consequence' => 'itself-damaged',
            'replaceTogether' => [],
            'lead' => $this->wireText($wire, $kit),
            'ownWords' => isset($kit->choices->words["callout.{$wire->name}.text"]),
            'step' => $steps[$wire->name] ?? null,
            'alike' => [],
            'picture' => $ends[0] ?? $ends[1],
            'second' => $ends[0] === null ? null : $ends[1],
            'text' => $kit->choices->words["callout.{$wire->name}.text"] ?? $this->wireText($wire, $kit),
        ];
    }

    private function wireText(Wire $wire, Kit $kit): string
    {
        $mm = fn(float $length): string => $this->words->lengths->of(
            rtrim(rtrim(number_format($length, 1, '.', ''), '0'), '.'),
            $this->words->point(),
        );
        $args = ['colour' => $this->words->colour($wire->colour), 'from' => $wire->from, 'to' => $wire->to];
        $said = [
            self::capital(
                trim(
                    $wire->length === null
                        ? $this->words->sentence('callout.wire', $args)
                        : $this->words->sentence('callout.wire-length', $args + ['length' => $mm($wire->length)]),
                ),
            ),
            $wire->stripped === []
                ? ''
                : $this->words->sentence('callout.strip', [
                    'lengths' => implode(
                        " {$this->words->sentence('callout.and')} ",
                        array_map($mm, array_values(array_unique($wire->stripped))),
                    ),
                ]),
            $wire->face === null
                ? ''
                : $this->words->sentence(($kit->nature->boardless ? 'callout.case.' : 'callout.face.') . $wire->face),
            $wire->relief === '' ? '' : $this->words->sentence('callout.relief', ['relief' => $wire->relief]),
        ];

        return implode(' ', array_diff($said, ['']));
    }

    private static function capital(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)) . mb_substr($text, 1);
    }
}
