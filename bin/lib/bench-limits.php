<?php

declare(strict_types=1);

// The largest that is taken, as whole processes of the command line: what a bad kit costs at most. Called by bin/bench.

use Chiralex\Bench\Readings;
use Chiralex\Tests\KitMaker;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;

require dirname(__DIR__, 2) . '/vendor/autoload.php';

$root = dirname(__DIR__, 2);
$home = "{$root}/var/bench/limits";
$failed = 0;
$tell = static function (string $what, float $is, float $limit, string $unit) use (&$failed): void {
    $failed += $is > $limit ? 1 : 0;
    printf(
        "%-42s %9.2f %-3s  target %6.2f %-3s  %s\n",
        $what,
        $is,
        $unit,
        $limit,
        $unit,
        $is > $limit ? 'MISSED' : 'met',
    );
};
$folder = static function (string $name, array $files) use ($home): string {
    @mkdir("{$home}/{$name}", 0o755, true);
    foreach ($files as $file => $bytes) {
        file_put_contents("{$home}/{$name}/{$file}", $bytes);
    }

    return "{$home}/{$name}";
};
/** @return array{seconds: float, bytes: int, memory: float} of a whole process; its memory in megabytes */
$process = static function (string $document, string $path) use ($root, $home): array {
    $start = hrtime(true);
    $child = proc_open(
        ['php', '-d', 'memory_limit=1G', "{$root}/bin/chiralex", $document, $path],
        [['file', '/dev/null', 'r'], ['file', "{$home}/out", 'w'], ['file', "{$home}/err", 'w']],
        $pipes,
    );
    do {
        pcntl_waitpid(-1, $status, 0, $usage);
    } while (is_resource($child) && proc_get_status($child)['running']);
    clearstatcache();

    return [
        'seconds' => (hrtime(true) - $start) / 1e9,
        'bytes' => (int) filesize("{$home}/out"),
        'memory' => ($usage['ru_maxrss'] ?? 0) / 1024,
    ];
};

mt_srand(5);
$rows = "Reference,Value,Package,Description\n";
for ($i = 1; $i <= 5000; ++$i) {
    $digits = [10, 12, 15, 18, 22, 27, 33, 39, 47, 56, 68, 82][mt_rand(0, 11)];
    $rows .=
        [
            "R{$i},{$digits}" . ['', '0', 'k', 'M'][mt_rand(0, 3)] . ' 5%,Axial 1/4W,resistor',
            "R{$i}," . (100 + $i) . ',Axial 1/4W,resistor',
            "C{$i},{$digits}n,disc 5mm,ceramic",
            "C{$i},{$digits}u 25V,6.3x11,",
            "D{$i},1N4148,DO-35,",
            "Q{$i},BC337,TO-92,",
            "LED{$i},red clear,LED 5mm,",
            "U{$i},NE" . (500 + $i) . ',DIP-8,',
        ][$i % 8] . "\n";
}
$parts = $process('parts', $folder('5000', ['bom.csv' => $rows]));
$tell('parts of 5,000 rows, whole process', $parts['seconds'], 1.5, 's');
$tell('  its document', $parts['bytes'] / 1e6, 5.0, 'MB');
$files = require __DIR__ . '/bench-kit.php';
$kit = $folder('2000', $files(2000));
foreach (['check', 'parts', 'order'] as $document) {
    $tell("{$document} of 2,000 rows, whole process", $process($document, $kit)['seconds'], 6.0, 's');
}

$resistors = KitMaker::kit(
    array_map(static fn(int $i): string => "R{$i}," . 10 * $i . 'k 20%,Axial 1/4W,resistor', range(1, 9)),
);
$deep = 'R1';
for ($i = 0; strlen($deep) < 180; ++$i) {
    $deep = "divider(1,{$deep},R" . (1 + ($i % 9)) . ')';
}
$slowest = 0.0;
foreach (
    [
        $deep,
        '(R1-R2)*(R2-R3)*(R3-R4)*(R4-R5)*(R5-R6)*(R6-R7)*(R7-R8)*(R8-R9)*(R9-R1)*(R1-R3)*(R2-R4)*(R3-R5)*(R4-R6)*(R5-R7)*(R6-R8)*(R7-R9)*(R1-R4)*(R2-R5)*(R3-R6)',
        'divider(divider(divider(divider(9,R1,R2),R3,R4),R5,R6),R7,R8)',
    ] as $formula
) {
    $start = hrtime(true);
    (new Readings($resistors))->of($formula);
    $slowest = max($slowest, (hrtime(true) - $start) / 1e9);
}
$tell('a trial of a formula, the slowest of three', $slowest, 2.0, 's');

$book = new Spreadsheet();
$book
    ->getActiveSheet()
    ->fromArray(
        array_map(
            static fn(int $i): array => $i === 0
                ? ['Ref', 'Value', ...array_map(static fn(int $c): string => "Note {$c}", range(1, 38))]
                : ["R{$i}", "{$i}k", ...array_map(static fn(int $c): string => "note {$i} {$c}", range(1, 38))],
            range(0, 4999),
        ),
    );
(new Xlsx($book))->save("{$home}/large.xlsx");
$book->disconnectWorksheets();
$workbook = $process('parts', "{$home}/large.xlsx");
$tell('a workbook of 200,000 cells, read and shown', $workbook['seconds'], 5.0, 's');
$tell('  its memory', $workbook['memory'], 256.0, 'MB');
exit($failed > 0 ? 1 : 0);
