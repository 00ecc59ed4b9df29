<?php

declare(strict_types=1);

// What the public page is told when a report cannot be taken.
return [
    'public.text-required' => 'Say what happens, in your own words.',
    'public.text-min' => 'Say what happens, in a few words more.',
    'public.text-max' => 'The report has more than 5,000 characters; shorten it.',
    'public.email' => 'That is no mail address; correct it, or leave it empty.',
    'public.photo-max' =>
        'The photo is larger than 10 MB; choose a smaller size in your camera, or send the report without it. Your text is kept.',
    'public.photo-whole' => 'The photo did not arrive whole; it may have 10 MB at most. Your text is kept.',
    'public.photo-file' => 'The photo did not arrive; try again. Your text is kept.',
    'public.photo-none' =>
        'The photo is no JPEG, PNG or WebP picture; take another one, or send the report without it. Your text is kept.',
    'public.photo-pixels' =>
        'The photo has more than 60 megapixels; choose a smaller size in your camera, or send the report without it. Your text is kept.',
];
