<?php

declare(strict_types=1);

// For PHP's own web server: files of public/ as they are, everything else through the application.

$public = dirname(__DIR__) . '/public';
$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = realpath($public . $path);
$types = [
    'css' => 'text/css; charset=utf-8',
    'js' => 'text/javascript; charset=utf-8',
    'svg' => 'image/svg+xml',
    'ttf' => 'font/ttf',
    'woff' => 'font/woff',
    'woff2' => 'font/woff2',
];
$type = $types[strtolower(pathinfo($path, PATHINFO_EXTENSION))] ?? null;
if ($type === null || $file === false || !str_starts_with($file, $public . '/') || !is_file($file)) {
    $_SERVER['SCRIPT_NAME'] = '/index.php';
    require $public . '/index.php';

    return;
}
header('Content-Type: ' . $type);
header('X-Content-Type-Options: nosniff');
header('Cross-Origin-Resource-Policy: same-origin');
// What is built has a name of its own contents, so it never changes; the rest is asked for again.
header(
    'Cache-Control: ' .
        (str_starts_with($path, '/build/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'),
);
if (is_file($file . '.gz')) {
    header('Vary: Accept-Encoding');
    if (str_contains((string) ($_SERVER['HTTP_ACCEPT_ENCODING'] ?? ''), 'gzip')) {
        header('Content-Encoding: gzip');
        $file .= '.gz';
    }
}
header('Content-Length: ' . filesize($file));
readfile($file);
