<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Board\BoardShape;
use Chiralex\Board\BoardStuff;
use Chiralex\Board\Joined;
use Chiralex\Board\Point;
use Chiralex\Board\Polygon;
use Chiralex\Board\Shift;
use Chiralex\Kit\Exception\UnusableKit;

/** The section `board` or `boards` of kit.json. */
final readonly class BoardSection
{
    /** @param int $reading of the kit, for boards that name none */
    public function __construct(private Json $json, private int $reading) {}

    /**
     * @return non-empty-list<BoardShape>
     * @throws UnusableKit when an outline has fewer than three corners, or two boards one name
     */
    public function shapes(): array
    {
        $boards = [];
        foreach ($this->objects() as $index => $board) {
            $joined = $board->object('joined');
            $at = $joined->numbers('at');
            $boards[] = new BoardShape(
                $board->text('name', $index === 0 ? 'main' : "board {$index}"),
                $this->outline($board),
                new BoardStuff(
                    $board->number('thickness') ?? BoardStuff::THICKNESS,
                    $board->flag('plated', true),
                    $board->text('mask'),
                    $board->text('silk'),
                ),
                $board->integer('reading', $this->reading),
                $board->textMap('squarePad'),
                new Joined($joined->has('to') ? $joined->text('to') : null, new Point($at[0] ?? 0.0, $at[1] ?? 0.0)),
                $board->has('outline'),
                $board->text('zeroOrientation', 'A'),
            );
        }
        $names = array_map(static fn(BoardShape $board): string => $board->name, $boards);
        if (count(array_unique($names)) < count($names)) {
            throw UnusableKit::wrongType('boards', 'a list of boards with different names');
        }
        foreach ($boards as $board) {
            if ($board->joined->to === $board->name) {
                throw UnusableKit::hangsOnItself($board->name);
            }
            if ($board->joined->to !== null && !in_array($board->joined->to, $names, true)) {
                throw UnusableKit::unknownBoard($board->joined->to, implode(', ', $names));
            }
        }

        return $boards === [] ? [new BoardShape('main', new Polygon([]), outlineGiven: false)] : $boards;
    }

    /** True where the maker says that the kit has no board: an empty list. */
    public function saidNone(): bool
    {
        return $this->json->has('boards') && $this->json->objects('boards') === [];
    }

    /** @return list<string> boards whose placement file gives bottom rotations as seen from below */
    public function turned(): array
    {
        $turned = [];
        foreach ($this->objects() as $index => $board) {
            if ($board->text('bottomRotation') === 'bottom-view') {
                $turned[] = $board->text('name', $index === 0 ? 'main' : "board {$index}");
            }
        }

        return $turned;
    }

    /** @return array<string, Shift> how the places of a board's file are brought over its outline, by board */
    public function shifts(): array
    {
        $shifts = [];
        foreach ($this->objects() as $index => $board) {
            if ($board->has('places')) {
                $places = $board->object('places');
                $move = $places->numbers('move');
                $shifts[$board->text('name', $index === 0 ? 'main' : "board {$index}")] = new Shift(
                    new Point($move[0] ?? 0.0, $move[1] ?? 0.0),
                    $places->number('turn') ?? 0.0,
                );
            }
        }

        return $shifts;
    }

    /** @return list<Json> */
    private function objects(): array
    {
        return $this->json->has('boards')
            ? $this->json->objects('boards')
            : ($this->json->has('board')
                ? [$this->json->object('board')]
                : []);
    }

    /** @throws UnusableKit when an outline has fewer than three corners */
    private function outline(Json $board): Polygon
    {
        $corners = array_values(
            array_map(
                static fn(array $xy): Point => new Point($xy[0] ?? 0.0, $xy[1] ?? 0.0),
                $board->numberLists('outline'),
            ),
        );
        if ($board->has('outline') && count($corners) < 3) {
            throw UnusableKit::shortOutline(count($corners));
        }

        return new Polygon($corners);
    }
}
