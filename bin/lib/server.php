<?php

declare(strict_types=1);

/*
 * What PHP's own server asks for each request: files of public/ as they are, with the same headers as every other
 * answer; everything else goes to the application. Nothing is logged: an address can hold a link that is a key.
 */

$public = (string) getcwd();
$path = urldecode((string) parse_url((string) ($_SERVER['REQUEST_URI'] ?? '/'), PHP_URL_PATH));
$file = $path === '/' || str_contains($path, "\0") ? false : realpath($public.$path);
$types = [
    'js' => 'text/javascript; charset=UTF-8', 'css' => 'text/css; charset=UTF-8', 'svg' => 'image/svg+xml',
    'woff2' => 'font/woff2', 'woff' => 'font/woff', 'png' => 'image/png', 'ico' => 'image/x-icon',
    'webmanifest' => 'application/manifest+json',
    'txt' => 'text/plain; charset=UTF-8', 'json' => 'application/json',
];
$type = $file === false ? null : $types[pathinfo($file, PATHINFO_EXTENSION)] ?? null;

if ($file !== false && $type !== null && is_file($file) && str_starts_with($file, (string) realpath($public).'/')) {
    header_remove('X-Powered-By');
    header('Content-Type: '.$type);
    header('X-Content-Type-Options: nosniff');
    // A worker fetches by the policy that it came with.
    $fetches = $path === '/home-sw.js' ? "connect-src 'self'; " : '';
    header("Content-Security-Policy: default-src 'none'; {$fetches}style-src 'unsafe-inline'; frame-ancestors 'none'");
    header('X-Frame-Options: DENY');
    header('Referrer-Policy: same-origin');
    header('Permissions-Policy: camera=(), microphone=(), geolocation=(), payment=(), usb=(), bluetooth=()');
    header('Cross-Origin-Resource-Policy: same-origin');
    // The name of a built file changes with its content.
    header(
        str_starts_with($path, '/build/assets/')
            ? 'Cache-Control: public, max-age=31536000, immutable'
            : 'Cache-Control: no-cache',
    );
    $accepts = is_string($_SERVER['HTTP_ACCEPT_ENCODING'] ?? null) ? $_SERVER['HTTP_ACCEPT_ENCODING'] : '';
    if (is_file($file.'.gz') && str_contains($accepts, 'gzip')) {
        // Compressed once, when it was built.
        header('Content-Encoding: gzip');
        header('Vary: Accept-Encoding');
        $file .= '.gz';
    }
    header('Content-Length: '.filesize($file));
    if (($_SERVER['REQUEST_METHOD'] ?? 'GET') !== 'HEAD') {
        readfile($file);
    }

    return true;
}

require $public.'/index.php';
