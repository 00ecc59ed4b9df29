<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\Groups;

/** The section `groups` of kit.json: what belongs together. */
final readonly class GroupSection
{
    public function __construct(private Json $json) {}

    public function groups(): Groups
    {
        $g = $this->json;
        $sockets = [];
        foreach ($g->textLists('sockets') as $pair) {
            if (count($pair) === 2) {
                $sockets[$pair[1]] = $pair[0];
            }
        }
        $before = [];
        foreach ($g->textLists('before') as $chain) {
            for ($i = 0; $i + 1 < count($chain); ++$i) {
                $before[] = [$chain[$i], $chain[$i + 1]];
            }
        }
        $blocks = [];
        foreach ($g->object('block')->keys() as $name) {
            $blocks[$name] = $g->object('block')->texts($name);
        }

        return new Groups(
            $sockets,
            $before,
            $g->textLists('subassembly'),
            array_map(
                static fn(Json $each): array => ['by' => $each->text('by'), 'holds' => $each->texts('holds')],
                $g->objects('fixings'),
            ),
            array_map(
                static fn(Json $each): array => [
                    'by' => $each->text('by'),
                    'parts' => $each->texts('parts'),
                    'plasticLast' => $each->texts('plasticLast'),
                ],
                $g->objects('panels'),
            ),
            $blocks,
            array_map(
                static fn(Json $each): array => ['by' => $each->text('by'), 'over' => $each->texts('over')],
                $g->objects('covers'),
            ),
            array_map(
                static fn(Json $each): array => [
                    'name' => $each->text('name'),
                    'of' => $each->texts('of'),
                    'beforeFitting' => $each->text('when', 'before-fitting') === 'before-fitting',
                    'hours' => $each->number('hours') ?? 0.0,
                    'blocks' => $each->texts('blocks'),
                ],
                $g->objects('cures'),
            ),
            array_map(
                static fn(Json $each): array => ['board' => $each->text('board'), 'before' => $each->texts('before')],
                $g->objects('snapOff'),
            ),
            array_map(
                static fn(Json $each): array => [
                    'parts' => $each->texts('parts'),
                    'maxDifference' => $each->text('maxDifference'),
                ],
                $g->objects('selected'),
            ),
        );
    }
}
