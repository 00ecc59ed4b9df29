<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Chiralex\Kit\OptionChoice;
use Illuminate\Http\Request;

/** The options a request asks for, as one text whatever their order. */
final readonly class Options
{
    private const LONGEST = 200;

    public static function of(Request $request): string
    {
        return self::text(is_string($request->input('options')) ? $request->input('options') : '');
    }

    public static function text(string $options): string
    {
        return OptionChoice::plain(mb_substr($options, 0, self::LONGEST));
    }
}
