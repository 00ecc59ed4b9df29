<?php

declare(strict_types=1);

namespace App\Queries\Stock;

use App\Models\Customer;
use App\Models\LotStop;
use App\Models\Mail;
use App\Models\Revision;
use App\Models\Shop;
use App\Queries\Kit\KitFolder;
use App\Support\Row;
use Chiralex\Safety\Hazards;
use ChiralexRender\Text\LotText;
use ChiralexRender\Words;
use Illuminate\Support\Facades\DB;

/** What stopping a lot would do, or did: the pieces and kits that are held, the kits that are out, the letters. */
final readonly class LotStopSheet
{
    private const IN_SHOP = ['packed', 'freed', 'opened', 'allocated', 'held'];

    public function __construct(private LotKits $kits, private KitFolder $folder) {}

    /** @return array<string, mixed> */
    public function of(int $lotId): array
    {
        $lot =
            Row::first(
                DB::table('lots')
                    ->join('stock_parts', 'stock_parts.id', '=', 'stock_part_id')
                    ->leftJoin('lot_states', 'lot_states.lot_id', '=', 'lots.id')
                    ->where('lots.id', $lotId)
                    ->select(['lots.name', 'stock_parts.title', 'on_hand', 'held']),
            ) ?? abort(404, 'There is no such lot; reload the page.');
        $units = $this->kits->units($lotId);
        $shipped = array_values(array_filter($units, static fn(array $unit): bool => $unit['entry'] === 'shipped'));
        $reached = Customer::reachable(array_values(array_filter(array_column($shipped, 'customer'), is_int(...))))
            ->pluck('id')
            ->flip();
        $stop = LotStop::ofLot($lotId);

        return [
            'lotId' => $lotId,
            'name' => $lot->text('name'),
            'title' => $lot->text('title'),
            'onHand' => (float) ($lot->textOrNull('on_hand') ?? '0'),
            'held' => $lot->has('held') && $lot->flag('held'),
            'shelf' => array_values(
                array_map(
                    static fn(array $unit): array => [
                        'serial' => $unit['serial'],
                        'kit' => $unit['kit'],
                        'entry' => $unit['entry'],
                        'sure' => $unit['sure'],
                    ],
                    array_filter($units, static fn(array $unit): bool => in_array($unit['entry'], self::IN_SHOP, true)),
                ),
            ),
            'shipped' => count($shipped),
            'customers' => count($reached),
            'unreached' => array_values(
                array_map(
                    static fn(array $unit): string => $unit['serial'],
                    array_filter(
                        $shipped,
                        static fn(array $unit): bool => $unit['customer'] === null || !$reached->has($unit['customer']),
                    ),
                ),
            ),
            'stop' => $stop === null ? null : self::stop($stop),
        ] + $this->letter($lotId, $lot->text('title'));
    }

    /** @return array{subject: string, letter: string} in the language of the kit that most of it went into */
    private function letter(int $lotId, string $title): array
    {
        $bags = $this->kits->slips($lotId)['bags'];
        $out = array_count_values(
            array_column(array_filter($bags, static fn(array $bag): bool => !$bag['there']), 'revision'),
        );
        if ($out === []) {
            return ['subject' => '', 'letter' => ''];
        }
        arsort($out);
        $most = (int) array_key_first($out);
        $revision = Revision::query()->with('kit')->findOrFail($most);
        $kit = $this->folder->kit($revision);
        $places = [];
        foreach ($bags as $bag) {
            if ($bag['revision'] === $most) {
                array_push($places, ...$bag['places']);
            }
        }
        $text = new LotText(Words::forBuilder($kit));

        return [
            'subject' => $text->subject($revision->kit->name),
            'letter' => $text->letter(
                implode(', ', array_unique($places)),
                $title,
                Hazards::isLive($kit),
                Shop::ours()->name,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function stop(LotStop $stop): array
    {
        /** @var array<string, int> $letters */
        $letters = Mail::query()
            ->toBase()
            ->where('lot_stop_id', $stop->id)
            ->groupBy('status')
            ->selectRaw('status, count(*) as n')
            ->pluck('n', 'status')
            ->all();

        return [
            'note' => $stop->note,
            'by' => $stop->user->name ?? '',
            'at' => $stop->created_at->toIso8601String(),
            'held' => DB::table('lot_stop_units')->where('lot_stop_id', $stop->id)->count(),
            'drafts' => $letters['draft'] ?? 0,
            'letters' => array_sum($letters),
        ];
    }
}
