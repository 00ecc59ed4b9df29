<?php

declare(strict_types=1);

/**
 * Makes the board files of the demo kits from their placements and circuits: outline, legends, holes, nets. Run it after a placement
 * or a circuit was changed: php bin/lib/demo-boards.php
 */

require __DIR__ . '/../../vendor/autoload.php';
require __DIR__ . '/demo-boards/CircuitSheet.php';
require __DIR__ . '/demo-boards/StrokeLetters.php';
require __DIR__ . '/demo-boards/LegendPainter.php';

use Chiralex\Board\BoardShape;
use Chiralex\Board\PlacedBody;
use Chiralex\Board\Point;
use Chiralex\Board\Side;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Part\Kind;
use Chiralex\Polarity\Data\BoardMarkTable;
use ChiralexAdapters\KitFiles;
use ChiralexRender\Svg\Labels;

const DEMO = __DIR__ . '/../../database/demo';

/** Millimetres as a layer file has them, four digits and six decimals. */
function place(array $at): string
{
    return sprintf('X%dY%d', (int) round($at[0] * 1e6), (int) round($at[1] * 1e6));
}

function layer(string $function, array $painted): string
{
    $text =
        "G04 Saltmarsh Bench, made for the demo*\n%TF.FileFunction,{$function}*%\n%FSLAX46Y46*%\n%MOMM*%\n" .
        "%ADD10C,0.2*%\n%ADD11C,0.3*%\n%ADD12C,1*%\n%LPD*%\nG01*\n";
    foreach ($painted as [$what, $points]) {
        $text .= match (true) {
            count($points) === 1 => "D12*\n" . place($points[0]) . "D03*\n",
            default => ($what === 'thick' ? "D11*\n" : "D10*\n") .
                place($points[0]) .
                "D02*\n" .
                implode('', array_map(static fn(array $at): string => place($at) . "D01*\n", array_slice($points, 1))),
        };
    }

    return "{$text}M02*\n";
}

/** @param list<array{float, float, float}> $holes x, y, diameter */
function drill(array $holes, string $plating): string
{
    $tools = array_values(array_unique(array_map(static fn(array $hole): string => sprintf('%.2f', $hole[2]), $holes)));
    sort($tools);
    $text = "M48\n; #@! TF.FileFunction,{$plating}\nMETRIC,TZ\n";
    foreach ($tools as $index => $tool) {
        $text .= sprintf("T%dC%s\n", $index + 1, $tool);
    }
    $text .= "%\nG90\nG05\n";
    foreach ($tools as $index => $tool) {
        $text .= sprintf("T%d\n", $index + 1);
        foreach ($holes as [$x, $y, $diameter]) {
            $text .= sprintf('%.2f', $diameter) === $tool ? sprintf("X%.3fY%.3f\n", $x, $y) : '';
        }
    }

    return "{$text}M30\n";
}

/** Hole for the leads of a part, millimetres; common practice, no source. */
function bore(Kit $kit, PlacedBody $body): float
{
    return match ($kit->part($body->designator)?->kind()) {
        Kind::TerminalBlock, Kind::BarrelJack, Kind::Jack, Kind::Relay, Kind::Potentiometer => 1.3,
        Kind::PinHeader, Kind::Rectifier, Kind::Regulator, Kind::Switch, Kind::Button => 1.1,
        default => 0.8,
    };
}

function nets(Kit $kit, array $nets): string
{
    $text = 'P  JOB   ' . strtoupper($kit->head->name) . "\nP  UNITS CUST 1\n";
    foreach ($nets as $net => $pins) {
        foreach (explode(' ', $pins) as $pin) {
            [$part, $name] = explode('.', $pin);
            $at = $kit->part($part)?->place->body?->pins[$name] ?? throw new RuntimeException("{$pin} is no pin");
            $text .= sprintf(
                "317%-14s   %-6s-%-4sD0800PA00X%+07dY%+07dX1600Y0000R000 S0\n",
                $net,
                $part,
                $name,
                (int) round($at->x * 1000),
                (int) round($at->y * 1000),
            );
        }
    }

    return "{$text}999\n";
}

/** What a designer prints for the direction of a part, null for none. */
function sign(Kit $kit, string $name, array $silent): ?string
{
    $part = $kit->part($name);

    return $part->direction->polarised && !in_array($name, $silent, true)
        ? BoardMarkTable::of($part->row)?->print
        : null;
}

/** @return list<array{string, list<array{float, float}>}> */
function legend(Kit $kit, BoardShape $board, Side $side, array $silent): array
{
    [$left, $low, $right, $high] = $board->outline->bounds();
    $bodies = array_filter(
        $kit->bodies(),
        static fn(PlacedBody $body): bool => $body->face->board === $board->name && $body->face->side === $side,
    );
    $painter = new LegendPainter();
    $labels = new Labels($right - $left, $high - $low, LegendPainter::LETTERS + 0.4);
    $boxes = [];
    foreach ($bodies as $name => $body) {
        $points = [...$body->footprint()->corners, ...array_values($body->pins)];
        $xs = array_map(static fn(Point $at): float => $at->x - $left, $points);
        $ys = array_map(static fn(Point $at): float => $high - $at->y, $points);
        // A plus beside the body needs room too.
        $room = sign($kit, (string) $name, $silent) === 'plus' ? 1.6 : 0.4;
        $boxes[$name] = [min($xs) - $room, min($ys) - $room, max($xs) + $room, max($ys) + $room];
        $labels->take($boxes[$name]);
    }
    foreach ($bodies as $name => $body) {
        $part = $kit->part((string) $name);
        if ($part->place->socket !== null) {
            continue;
        }
        $painter->part($body, sign($kit, (string) $name, $silent));
        [$x, $y] = $labels->place((string) $name, $boxes[$name]);
        $painter->name(
            (string) $name,
            new Point($left + $x, $high - $y + LegendPainter::LETTERS / 2),
            $side === Side::Bottom,
        );
    }

    return $painter->painted;
}

foreach (['frost-bell', 'halt-signal', 'kiln-watch'] as $name) {
    $folder = DEMO . "/{$name}";
    array_map(unlink(...), [...glob("{$folder}/*.gbr"), ...glob("{$folder}/*.drl"), ...glob("{$folder}/*.ipc")]);
    $kit = (new KitReader())->read((new KitFiles())->fromPath($folder));
    $circuit = require __DIR__ . "/demo-boards/{$name}.php";
    if (isset($circuit['sheet'])) {
        file_put_contents(
            "{$folder}/circuit.svg",
            CircuitSheet::svg($kit, $circuit['sheet'], array_merge(...array_values($circuit['nets']))),
        );
    }
    foreach ($kit->boards as $board) {
        $start = count($kit->boards) === 1 ? "{$folder}/" : "{$folder}/{$board->name}-";
        $corners = array_map(static fn(Point $corner): array => [$corner->x, $corner->y], $board->outline->corners);
        file_put_contents("{$start}edge.gbr", layer('Profile,NP', [['line', [...$corners, $corners[0]]]]));
        foreach (Side::cases() as $side) {
            $painted = legend($kit, $board, $side, $circuit['silent']);
            if ($painted !== []) {
                file_put_contents(
                    "{$start}legend-{$side->value}.gbr",
                    layer('Legend,' . ($side === Side::Top ? 'Top' : 'Bot'), $painted),
                );
            }
        }
        $plated = [];
        foreach ($kit->bodies() as $body) {
            if ($body->face->board === $board->name && $kit->part($body->designator)?->place->socket === null) {
                foreach ($body->pins as $pin) {
                    $plated[] = [$pin->x, $pin->y, bore($kit, $body)];
                }
            }
        }
        file_put_contents("{$start}holes.drl", drill($plated, 'Plated,1,2,PTH'));
        $screws = array_map(
            static fn(array $at): array => [$at[0], $at[1], $at[2] ?? 3.2],
            $circuit['holes'][$board->name] ?? [],
        );
        file_put_contents("{$start}mounting.drl", drill($screws, 'NonPlated,1,2,NPTH'));
        if (isset($circuit['nets'][$board->name])) {
            file_put_contents("{$start}nets.ipc", nets($kit, $circuit['nets'][$board->name]));
        }
    }
}
