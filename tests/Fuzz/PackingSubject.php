<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Chiralex\Bagging\BagPlanner;
use Chiralex\Bagging\Cutting\CuttingPlanner;
use Chiralex\Bagging\Weighing\Scale;
use Chiralex\Bagging\Weighing\ScaleProof;
use Chiralex\ChiralexException;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\Sorting;
use Chiralex\Limits;
use ChiralexRender\Document\CutDocument;
use ChiralexRender\Document\ScaleDocument;
use ChiralexRender\Words;

/**
 * What a kit says of cutting and weighing, damaged: what is cut for forty kits, and what the scale proves of bags sorted by cost.
 *
 * An input is the name of the file, a line feed, and its bytes.
 */
final readonly class PackingSubject implements Subject
{
    private const BOM = "Reference,Value,Package\n\"R1,R2\",10k,Axial 1/4W\nR4,1k,Axial 1/4W\nC1,100n,disc 5mm\nBZ1,buzzer,12mm\nJ1,1x4,pin header\nJ2,1x8,socket strip\n\"LED1,LED2\",red,LED 5mm\nL1,40 turns,coil\n";
    private const KIT = '{"format": 1, "name": "Cut", "revision": "A", "settings": {"bagging": "by-cost"}, "stock": [{"name": "strip", "kind": "socket-strip", "length": 30, "unit": "position", "loss": 1}, {"name": "red wire", "colour": "red", "length": 500, "unit": "mm", "loss": 0}, {"name": "sleeve", "length": 100, "unit": "mm", "loss": 0.8}], "wires": [{"name": "W1", "from": "J1.1", "to": "J2.1", "mm": 160, "colour": "red"}], "cuts": [{"stock": "sleeve", "of": ["LED1", "LED2"], "length": 12.5}], "windings": [{"part": "L1", "turns": 32, "former": 8, "wire": 0.4, "pitch": 0.4, "tails": [25, 35]}]}';

    public function samples(): array
    {
        $masses = "part,pieces,grams\n";
        foreach (['R1', 'R4', 'C1', 'BZ1', 'J1', '10k', 'bag:A'] as $part) {
            foreach ([[10, '2.12'], [10, '2.15'], [20, '4.26'], [20, '4.30'], [40, '8.55']] as [$n, $grams]) {
                $masses .= "{$part},{$n},{$grams}\n";
            }
        }

        return ["kit.json\n" . self::KIT, "masses.csv\n{$masses}", "bom.csv\n" . self::BOM];
    }

    public function take(string $input): void
    {
        [$name, $bytes] = explode("\n", $input, 2) + ['', ''];
        try {
            $kit = (new KitReader())->read(
                [$name => $bytes] + [
                    'kit.json' => self::KIT,
                    'bom.csv' => self::BOM,
                    'masses.csv' => "part,pieces,grams\nR1,10,2.1\n",
                ],
            );
            $words = Words::english();
            $scale = new Scale(0.01, 0.01, 0.01, 0.99);
            foreach (Sorting::cases() as $school) {
                $plan = (new BagPlanner())->plan($kit, null, $school);
                $told = (new ScaleDocument($words, $scale))->of(ScaleProof::of($kit, $plan, $scale), $kit);
                json_encode($told, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
            }
            $told = (new CutDocument($words))->of((new CuttingPlanner())->plan($kit, 40));
            json_encode($told, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
        } catch (ChiralexException $why) {
            if (trim($why->getMessage()) === '' || strlen($why->getMessage()) > Limits::CELL) {
                throw new UnclearRefusal($why);
            }
        }
    }
}
