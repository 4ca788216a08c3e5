<?php

declare(strict_types=1);

/*
 * A store that speaks as much of S3 as is used here, for tests: behind `php -S`, over the folder BUCKET_FOLDER. While a file `away` lies in it, it answers 503.
 */

$root = (string) getenv('BUCKET_FOLDER');
$path = rawurldecode((string) parse_url(is_string($_SERVER['REQUEST_URI']) ? $_SERVER['REQUEST_URI'] : '', PHP_URL_PATH));
$file = $root.$path;
$method = $_SERVER['REQUEST_METHOD'];
if (file_exists($root.'/away')) {
    http_response_code(503);

    return;
}
if ('GET' === $method && isset($_GET['list-type'])) {
    $found = '';
    $from = $root.rtrim($path, '/').'/'.(is_string($_GET['prefix'] ?? null) ? $_GET['prefix'] : '');
    if (is_dir($from)) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($from, FilesystemIterator::SKIP_DOTS)) as $one) {
            if ($one instanceof SplFileInfo && $one->isFile()) {
                $found .= sprintf(
                    '<Contents><Key>%s</Key><Size>%d</Size><LastModified>2026-01-01T00:00:00.000Z</LastModified></Contents>',
                    substr($one->getPathname(), strlen($root.rtrim($path, '/').'/')),
                    $one->getSize(),
                );
            }
        }
    }
    header('Content-Type: application/xml');
    echo '<?xml version="1.0"?><ListBucketResult><IsTruncated>false</IsTruncated>'.$found.'</ListBucketResult>';
} elseif ('PUT' === $method) {
    is_dir(dirname($file)) || mkdir(dirname($file), recursive: true);
    $bytes = (string) file_get_contents('php://input');
    // As the client sends it over an unprotected line: in pieces, each with its length and signature before it.
    if (is_string($_SERVER['HTTP_X_AMZ_CONTENT_SHA256'] ?? null) && str_starts_with($_SERVER['HTTP_X_AMZ_CONTENT_SHA256'], 'STREAMING')) {
        for ($whole = '', $at = 0; preg_match('/\G([0-9a-f]+)[^\r]*\r\n/', $bytes, $m, offset: $at) && 0 !== $length = (int) hexdec($m[1]);) {
            $whole .= substr($bytes, $at += strlen($m[0]), $length);
            $at += $length + 2;
        }
        $bytes = $whole;
    }
    file_put_contents($file, $bytes);
    header('ETag: "'.md5($bytes).'"');
} elseif ('DELETE' === $method) {
    @unlink($file);
    http_response_code(204);
} elseif (is_file($file)) {
    header('Content-Length: '.filesize($file));
    header('ETag: "'.md5_file($file).'"');
    header('Last-Modified: Thu, 01 Jan 2026 00:00:00 GMT');
    'GET' === $method && readfile($file);
} else {
    http_response_code(404);
}
