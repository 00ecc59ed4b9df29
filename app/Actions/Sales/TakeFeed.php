<?php

declare(strict_types=1);

namespace App\Actions\Sales;

use App\Devices\Feed\FeedFolder;
use Chiralex\Table\Exception\UnreadableTable;
use ChiralexAdapters\KitFiles;

/**
 * Books the tables of orders that a shop outside laid into the folder; known orders that are told otherwise are named,
 * not changed. A file is laid aside when its orders are booked: killed between, it is read again and books none twice.
 */
final readonly class TakeFeed
{
    public function __construct(private FeedFolder $feed, private BookTable $book) {}

    /** @return int tables that were read */
    public function __invoke(): int
    {
        $read = 0;
        foreach ($this->feed->waiting() as $name) {
            $read += $this->take($name) ? 1 : 0;
        }

        return $read;
    }

    private function take(string $name): bool
    {
        $bytes = $this->feed->bytes($name, KitFiles::LIMIT);
        if (strlen($bytes) > KitFiles::LIMIT) {
            $this->feed->lay($name, false, 'The file is larger than ' . intdiv(KitFiles::LIMIT, 1_048_576) . ' MB.');

            return false;
        }
        try {
            $done = ($this->book)($bytes, $name, new OrderReading(), false, null);
        } catch (BadOrders | UnreadableTable $fault) {
            $this->feed->lay(
                $name,
                false,
                "{$fault->getMessage()}\nOpen the file in Sales, Orders: there each row says what it is and columns can be named.",
            );

            return false;
        }
        $this->feed->lay(
            $name,
            true,
            implode("\n", [
                "{$done['booked']} booked, {$done['known']} known, {$done['differ']} told otherwise and left as they are.",
                ...$done['faults'],
            ]),
        );

        return true;
    }
}
