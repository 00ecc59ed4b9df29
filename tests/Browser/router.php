<?php

declare(strict_types=1);

// Router of PHP's own server for the browser tests: files of public/ as they are, all else through the application.
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
if ($path !== '/' && is_file(dirname(__DIR__, 2) . '/public' . $path)) {
    return false;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';

require dirname(__DIR__, 2) . '/public/index.php';
