<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sales;

use App\Queries\Sales\Calendar;
use Illuminate\Http\Response;

/** The days of the shop as a file for one's own calendar. */
final readonly class ShowCalendar
{
    public function __invoke(Calendar $calendar): Response
    {
        return new Response($calendar->text(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="shop-days.ics"',
        ]);
    }
}
