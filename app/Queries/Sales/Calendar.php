<?php

declare(strict_types=1);

namespace App\Queries\Sales;

use App\Models\Kit;
use App\Models\Shop;
use App\Queries\Buying\KitReach;
use App\Support\Row;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Sabre\VObject\Component\VCalendar;

/** The days of the shop as iCalendar (RFC 5545): by when parts have to be ordered, when they come, when orders ship. */
final readonly class Calendar
{
    public function __construct(private KitReach $reach, private Sales $sales) {}

    public function text(): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Chiralex//Shop//EN', 'X-WR-CALNAME' => Shop::ours()->name]);
        foreach ([...$this->lastDays(), ...$this->arrivals(), ...$this->promises()] as $event) {
            $this->add($calendar, ...$event);
        }

        return $calendar->serialize();
    }

    private function add(VCalendar $calendar, string $id, string $day, string $title, string $why): void
    {
        $date = new DateTimeImmutable($day);
        $event = $calendar->createComponent('VEVENT', [
            'UID' => "{$id}@chiralex",
            'DTSTAMP' => now()->toDateTimeImmutable(),
            'SUMMARY' => $title,
            'DESCRIPTION' => $why,
            'TRANSP' => 'TRANSPARENT',
        ]);
        $event->add('DTSTART', $date, ['VALUE' => 'DATE']);
        $event->add('DTEND', $date->modify('+1 day'), ['VALUE' => 'DATE']);
        $calendar->add($event);
    }

    /** @return list<array{string, string, string, string}> id, day, title, why */
    private function lastDays(): array
    {
        $kits = Kit::query()->get()->keyBy('id');
        $events = [];
        foreach ($this->reach->of(KitReach::all()) as $reach) {
            $by = $reach['orderBy'];
            if ($by !== null) {
                $name = $kits->get($reach['kitId'])->name ?? '';
                $events[] = [
                    "order-by-{$reach['kitId']}",
                    max($by['day'], now()->toDateString()),
                    "Order {$by['title']} for {$name}",
                    "{$by['kits']} kits lie there or can be packed; one time in twenty they are sold by {$by['soldOut']}. " .
                    "{$by['supplier']} takes {$by['leadDays']} days, packing {$by['packingDays']}.",
                ];
            }
        }

        return $events;
    }

    /** @return list<array{string, string, string, string}> */
    private function arrivals(): array
    {
        $rows = DB::table('purchase_lines')
            ->join('purchases', 'purchases.id', '=', 'purchase_id')
            ->join('suppliers', 'suppliers.id', '=', 'supplier_id')
            ->whereNull('cancelled_at')
            ->whereNotNull('lead_days')
            ->whereRaw(
                'pieces > coalesce((select case when bool_or(is_last) then pieces else sum(quantity) end
                    from purchase_receipts where purchase_line_id = purchase_lines.id), 0)',
            )
            ->groupBy('purchase_id', 'supplier_id', 'name', 'lead_days', 'purchases.created_at')
            ->selectRaw('purchase_id, supplier_id, name, lead_days, purchases.created_at, count(*) as n');

        return array_map(
            static fn(Row $row): array => [
                "arrival-{$row->int('purchase_id')}-{$row->int('supplier_id')}",
                $row->time('created_at')->addDays($row->int('lead_days'))->toDateString(),
                "Parts from {$row->text('name')}",
                "{$row->int('n')} lines, ordered {$row->time('created_at')->toDateString()}; " .
                "the supplier takes {$row->int('lead_days')} days.",
            ],
            Row::all($rows),
        );
    }

    /** @return list<array{string, string, string, string}> */
    private function promises(): array
    {
        $events = [];
        foreach ($this->sales->strip()['orders'] as $order) {
            /** @var array{id: int, number: string, customer: string, stage: string, promise: ?array{day: ?string, chance: ?float}} $order */
            $day = $order['stage'] === 'allocated' ? now()->toDateString() : $order['promise']['day'] ?? null;
            if ($day !== null) {
                $chance = $order['promise']['chance'] ?? 1.0;
                $events[] = [
                    "ships-{$order['id']}",
                    $day,
                    "{$order['number']} ships, {$order['customer']}",
                    $chance < 1.0
                        ? 'Kept ' . min(99, (int) floor(100 * $chance)) . ' times in 100.'
                        : 'All is on hand.',
                ];
            }
        }

        return $events;
    }
}
