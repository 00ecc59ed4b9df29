<?php

declare(strict_types=1);

// What a person reads when something is in the way: what it is, and what to do. `:mail` is where the shop can be written to.
return [
    'not-found' => [
        'Nothing is here',
        'The address was typed wrongly, or what stood here is gone. Go back and open it from its room.',
    ],
    'no-page' => [
        'This code opens nothing',
        'Scan the code on the label once more, or type all of its letters. If it stays so, write to the maker.',
    ],
    'withdrawn' => [
        'This page was withdrawn',
        'The maker took this address back. Write to them and name the serial number on the label; they send a new one.',
    ],
    'forbidden' => [
        'This is not for your account',
        'Ask a maker of the shop to do it, or to give you the role for it.',
    ],
    'expired' => ['The page was open too long', 'Reload it and do it again. Nothing that was saved is lost.'],
    'too-large' => ['That is too large', 'A file may have 10 MB, all files together 32 MB. Send a smaller one.'],
    'too-many' => ['Too many at once', 'Wait a minute and go on. Nothing is lost.'],
    'away' => [
        'The shop is being started',
        'It does not answer yet. Wait a minute and reload; what you saved is kept. The maker runs bin/start if it stays so.',
    ],
    'database' => [
        'The database does not answer',
        'Nothing was saved just now, and nothing that was saved before is lost. Wait a minute and try again. The maker runs bin/start if it stays so.',
    ],
    'disk' => [
        'The disk of the shop is full',
        'Nothing was saved just now, and nothing that was saved before is lost. The maker makes room; bin/doctor says how much.',
    ],
    'host' => [
        'The shop does not answer under this name',
        'Open it at its public address. The maker sets that in Shop, or names a further one with bin/start --host NAME.',
    ],
    'server' => [
        'Something went wrong here',
        'It is in the log. Try again; if it happens twice, tell the maker what you did.',
    ],
    'back' => 'Back to the start',
    'write' => 'Write to the maker',
];
