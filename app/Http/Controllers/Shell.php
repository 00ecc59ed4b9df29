<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;

/** The one page that holds the front end. */
final readonly class Shell
{
    public function __invoke(): View
    {
        return view('shell');
    }
}
