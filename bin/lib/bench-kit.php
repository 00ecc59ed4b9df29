<?php

declare(strict_types=1);

// The files of a kit of invented parts in a square of places, for the benches.

/** @return array<string, string> name to bytes */
return static function (int $count): array {
    mt_srand(9);
    $bom = "Reference,Value,Package,Description\n";
    $placements = "Ref,X,Y,Rotation,Side\n";
    $columns = (int) ceil(sqrt($count));
    for ($i = 1; $i <= $count; ++$i) {
        [$name, $row] = [
            ["R{$i}", '10k,Axial 1/4W,resistor'],
            ["R{$i}", '470,Axial 1/4W,resistor'],
            ["C{$i}", '100n,disc 5mm,ceramic'],
            ["C{$i}", '47u,6.3x11,'],
            ["D{$i}", '1N4007,DO-41,'],
            ["XU{$i}", '8,DIP-8,IC socket'],
            ["J{$i}", '2 way,5.08,terminal block'],
            ["Q{$i}", 'BC337,TO-92,'],
            ["K{$i}", '5 V,,relay'],
        ][mt_rand(0, 8)];
        $bom .= "{$name},{$row}\n";
        $placements .= sprintf(
            "%s,%d,%d,%d,%s\n",
            $name,
            10 + 20 * ($i % $columns),
            10 + 20 * intdiv($i, $columns),
            90 * mt_rand(0, 3),
            mt_rand(0, 4) === 0 ? 'bottom' : 'top',
        );
    }
    $size = 20 * $columns + 20;

    return [
        'bom.csv' => $bom,
        'placements.csv' => $placements,
        'kit.json' => json_encode(
            ['format' => 1, 'board' => ['outline' => [[0, 0], [$size, 0], [$size, $size], [0, $size]]]],
            JSON_THROW_ON_ERROR,
        ),
    ];
};
