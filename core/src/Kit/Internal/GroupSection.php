<?php

declare(strict_types=1);

namespace Chiralex\Kit\Internal;

use Chiralex\Kit\Assembly;
use Chiralex\Kit\Before;
use Chiralex\Kit\Cover;
use Chiralex\Kit\Cure;
use Chiralex\Kit\Fixing;
use Chiralex\Kit\Groups;
use Chiralex\Kit\Panel;
use Chiralex\Kit\Selected;
use Chiralex\Kit\SnapOff;

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
                $before[] = new Before($chain[$i], $chain[$i + 1]);
            }
        }
        $blocks = [];
        foreach ($g->object('block')->keys() as $name) {
            $blocks[$name] = $g->object('block')->texts($name);
        }

        return new Groups(
            $sockets,
            array_map(
                static fn(Json $each): Panel => new Panel(
                    $each->text('by'),
                    $each->texts('parts'),
                    $each->texts('plasticLast'),
                ),
                $g->objects('panels'),
            ),
            $blocks,
            array_map(
                static fn(Json $each): Cure => new Cure(
                    $each->text('name'),
                    $each->texts('of'),
                    $each->text('when', 'before-fitting') === 'before-fitting',
                    $each->number('hours') ?? 0.0,
                    $each->texts('blocks'),
                ),
                $g->objects('cures'),
            ),
            array_map(
                static fn(Json $each): Selected => new Selected($each->texts('parts'), $each->text('maxDifference')),
                $g->objects('selected'),
            ),
            new Assembly(
                $before,
                $g->textLists('subassembly'),
                array_map(
                    static fn(Json $each): Fixing => new Fixing($each->text('by'), $each->texts('holds')),
                    $g->objects('fixings'),
                ),
                array_map(
                    static fn(Json $each): Cover => new Cover($each->text('by'), $each->texts('over')),
                    $g->objects('covers'),
                ),
                array_map(
                    static fn(Json $each): SnapOff => new SnapOff($each->text('board'), $each->texts('before')),
                    $g->objects('snapOff'),
                ),
            ),
            $this->mates(),
        );
    }

    /** @return list<array{string, string}> each pair once */
    private function mates(): array
    {
        $mates = [];
        foreach ($this->json->textLists('mates') as $pair) {
            if (count($pair) === 2 && $pair[0] !== $pair[1]) {
                sort($pair, SORT_NATURAL);
                $mates[implode("\0", $pair)] = [$pair[0], $pair[1]];
            }
        }

        return array_values($mates);
    }
}
