<?php

declare(strict_types=1);

// Writes the pages that the web server shows by itself, where the application cannot: php bin/lib/troubles.php

use App\Exceptions\Trouble;
use App\Exceptions\Troubles;
use Illuminate\Contracts\Console\Kernel;

$root = dirname(__DIR__, 2);
require "{$root}/vendor/autoload.php";
$app = require "{$root}/bootstrap/app.php";
$app->make(Kernel::class)->bootstrap();

foreach (Troubles::LANGUAGES as $language) {
    foreach ([Trouble::TooLarge, Trouble::Away] as $trouble) {
        $file = "{$root}/public/troubles/{$trouble->value}.{$language}";
        file_put_contents("{$file}.html", Troubles::page($trouble, $language, null, false));
        $said = implode('. ', $trouble->words($language));
        file_put_contents(
            "{$file}.json",
            json_encode(['message' => $said], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE) . "\n",
        );
    }
}
