<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Chiralex\Bench\BenchBook;
use Chiralex\Bench\Readings;
use Chiralex\Kit\Kit;
use Chiralex\Kit\KitReader;
use Chiralex\Kit\Meter;
use Chiralex\Kit\Test;
use ChiralexRender\Document\BenchDocument;
use ChiralexRender\Words;

/** A formula as a maker types it into a test, worked out with the spread of its parts. */
final class FormulaSubject implements Subject
{
    private ?Kit $kit = null;

    public function samples(): array
    {
        return [
            'divider(5.1 V, R2, R3)',
            '1.44 / ((R1 + 2*R2) * C1) Hz',
            '5 V .. 5.2 V',
            '(5 - 0.7) / (R1 + R4) A',
            'R1 || R2 Ohm',
            'sqrt(R1 * R2) Ohm',
            'max(R1, min(R2, R3)) Ohm',
            'exp(-1 / (R1 * C1)) V',
            'ln(R1 / R2) V',
            'divider(divider(9 V, R1, R2), R3, R4)',
            '12 mA 5 %',
            '> 10 MOhm',
            '((((R1+R2)*R3)/R4)^2) V',
            'sin(R1) V',
            '1/(1/R1+1/R2+1/R3+1/R4) Ohm',
        ];
    }

    public function take(string $input): void
    {
        $this->kit ??= (new KitReader())->read([
            'kit.json' => '{"format": 1, "name": "F", "revision": "A"}',
            'bom.csv' => "Ref,Value,Package\nR1,10k 5%,\nR2,47k 1%,\nR3,1M,\nR4,220,\nC1,100n,\nC2,47u 20%,\n",
        ]);
        $row = (new BenchDocument(Words::english()))->row(
            BenchBook::checked(new Readings($this->kit), new Test('t', 't', 'on', new Meter(), [], $input, null, '')),
        );
        json_encode($row, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
    }
}
