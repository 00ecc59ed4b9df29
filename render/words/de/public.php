<?php

declare(strict_types=1);

// What the public page is told when a report cannot be taken.
return [
    'public.text-required' => 'Sag mit deinen Worten, was geschieht.',
    'public.text-min' => 'Sag mit ein paar Worten mehr, was geschieht.',
    'public.text-max' => 'Die Meldung hat mehr als 5000 Zeichen; kürze sie.',
    'public.email' => 'Das ist keine Mailadresse; berichtige sie, oder lass das Feld leer.',
    'public.photo-max' =>
        'Das Foto ist größer als 10 MB; wähl in der Kamera eine kleinere Größe, oder sende die Meldung ohne Foto. Dein Text bleibt erhalten.',
    'public.photo-whole' =>
        'Das Foto ist nicht ganz angekommen; es darf höchstens 10 MB haben. Dein Text bleibt erhalten.',
    'public.photo-file' => 'Das Foto ist nicht angekommen; versuch es noch einmal. Dein Text bleibt erhalten.',
    'public.photo-none' =>
        'Das Foto ist kein JPEG-, PNG- oder WebP-Bild; nimm ein anderes, oder sende die Meldung ohne Foto. Dein Text bleibt erhalten.',
    'public.photo-pixels' =>
        'Das Foto hat mehr als 60 Megapixel; wähl in der Kamera eine kleinere Größe, oder sende die Meldung ohne Foto. Dein Text bleibt erhalten.',
];
