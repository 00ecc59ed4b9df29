<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Manual\BeforePower;
use Chiralex\Manual\Manual;
use Chiralex\Part\Mark;
use Chiralex\Polarity\Callout;
use ChiralexRender\Text\PartMarking;
use ChiralexRender\Words;

/**
 * What is ticked off before power: each direction as it must look after trimming, side by side of the boards.
 *
 * @phpstan-type PowerShape array{step: ?int, sides: list<array{key: string, board: string, side: string, ticks: list<array{designator: string, text: string}>}>}
 */
final readonly class PowerDocument
{
    public function __construct(private Words $words) {}

    /** @return PowerShape */
    public function of(Manual $manual): array
    {
        $before = new BeforePower($manual);
        $sides = [];
        foreach ($before->sides() as $key => $side) {
            $sides[] = [
                'key' => $key,
                'board' => $side['board'],
                'side' => $side['side'],
                'ticks' => array_map(
                    fn(Callout $callout): array => [
                        'designator' => $callout->designator,
                        'text' => $this->look($callout, $manual),
                    ],
                    $side['callouts'],
                ),
            ];
        }

        return ['step' => $before->step(), 'sides' => $sides];
    }

    private function look(Callout $callout, Manual $manual): string
    {
        $check = $callout->signs->check;
        $part = $manual->kit->part($callout->designator);
        if ($check === null || $callout->pointing->direction === null) {
            return $this->words->sentence('page.look-picture');
        }

        return $this->words->sentence('page.look', [
            'mark' => $this->words->mark(
                $check !== Mark::Band || $part === null ? $check->value : PartMarking::band($part),
            ),
            'direction' => $this->words->direction($callout->pointing->direction),
        ]);
    }
}
