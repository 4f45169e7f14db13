<?php

declare(strict_types=1);

// For PHP's own web server: files of public/ as they are, everything else through the application.
$path = urldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
$public = __DIR__ . '/../public';
if ($path !== '/' && is_file($public . $path) && !str_contains($path, '..')) {
    return false;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
require $public . '/index.php';
