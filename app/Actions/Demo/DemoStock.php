<?php

declare(strict_types=1);

namespace App\Actions\Demo;

use App\Actions\Library\Fingerprint;
use App\Actions\Library\PartLibrary;
use App\Actions\Stock\LotBook;
use App\Actions\Stock\MoveLot;
use App\Actions\Stock\Receipt;
use App\Actions\Stock\ReceiveLots;
use App\Actions\Stock\StockParts;
use App\Models\Revision;
use App\Queries\Kit\KitFolder;
use Brick\Math\BigDecimal;
use Chiralex\Bom\Designators;
use Chiralex\Kit\KitPart;
use Chiralex\Supply\LotEntry;
use Illuminate\Support\Carbon;
use Ramsey\Uuid\Uuid;

/** What lies on the demo's shelves: a lot or two of every part, from two invented suppliers; one short, one on hold. */
final readonly class DemoStock
{
    private const SUPPLIERS = ['Reed and Pin', 'Fenland Parts'];
    /** Kits that a part lasts for, at least, and how many more at most. */
    private const KITS = 24;
    private const MORE = 90;
    /** The part that is short, and the kits that it lasts for. */
    private const SHORT = '|5v1|';
    private const FEW = 14;

    public function __construct(
        private KitFolder $folder,
        private StockParts $parts,
        private LotBook $book,
        private ReceiveLots $receive,
        private MoveLot $move,
    ) {}

    public function load(Revision $revision, ?int $userId): void
    {
        $kit = $this->folder->kit($revision);
        $lines = [];
        foreach ($kit->parts as $part) {
            if ($kit->holds($part)) {
                $lines[Fingerprint::of($part)][] = $part;
            }
        }
        $lots = [];
        foreach ($lines as $print => $same) {
            $part = $this->parts->ensure((string) $print, PartLibrary::title($same[0]), $this->unit($same[0]));
            // Kits share parts: what came in for another one lies there already.
            if ($this->book->lots($part) === []) {
                $lots[(string) $print] = $this->lots((string) $print, $same, $userId);
            }
        }
        $this->hold($lots, $userId);
    }

    /**
     * @param non-empty-list<KitPart> $parts of one line
     * @return list<int>
     */
    private function lots(string $print, array $parts, ?int $userId): array
    {
        $seed = crc32($print);
        $each =
            $this->unit($parts[0]) === 'mm'
                ? (int) ceil($parts[0]->line->length ?? 1.0)
                : (Designators::isNamed($parts[0]->designator)
                    ? count($parts)
                    : max(1, $parts[0]->line->quantity));
        $kits = str_contains($print, self::SHORT) ? self::FEW : self::KITS + ($seed % self::MORE);
        $receipts = [];
        foreach ($seed % 3 === 0 ? [0.4, 0.6] : [1.0] as $place => $share) {
            $receipts[] = new Receipt(
                $print,
                sprintf('26-%03d%s', 100 + ($seed % 800), $place === 0 ? '' : 'b'),
                BigDecimal::of(max(1, (int) round($share * $kits * $each))),
                BigDecimal::of(sprintf('0.%04d', 12 + ($seed % 900))),
                Carbon::now()
                    ->subDays(60 - 25 * $place - ($seed % 20))
                    ->toDateString(),
                self::SUPPLIERS[($seed + $place) % 2],
            );
        }

        return ($this->receive)($receipts, Uuid::uuid4()->toString(), $userId);
    }

    /**
     * The second lot of the first part that has two is on hold.
     *
     * @param array<string, list<int>> $lots
     */
    private function hold(array $lots, ?int $userId): void
    {
        foreach ($lots as $mine) {
            if (count($mine) > 1) {
                ($this->move)(
                    $mine[1],
                    LotEntry::Held,
                    BigDecimal::zero(),
                    'two of five measured outside their tolerance',
                    Uuid::uuid4()->toString(),
                    $userId,
                );

                return;
            }
        }
    }

    private function unit(KitPart $part): string
    {
        return $part->line->length === null ? 'piece' : 'mm';
    }
}
