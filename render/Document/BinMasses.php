<?php

declare(strict_types=1);

namespace ChiralexRender\Document;

use Chiralex\Bagging\Weighing\LineMasses;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Kit\Kit;

/** What a piece of each line weighs and how that scatters, for the bin on the scale. */
final readonly class BinMasses
{
    /** @return array{masses: array<array-key, array{weighings: int, pieces: int, mean: float, variance: float}>} by designator; grams */
    public function of(Kit $kit): array
    {
        $book = LineMasses::of($kit, new Scale());
        $masses = [];
        foreach ($kit->parts as $part) {
            $mass = $book->at($part->designator);
            if ($mass !== null) {
                $masses[$part->designator] = [
                    'weighings' => $mass->weighings,
                    'pieces' => $mass->pieces,
                    'mean' => $mass->mean,
                    'variance' => $mass->variance,
                ];
            }
        }

        return ['masses' => $masses];
    }
}
