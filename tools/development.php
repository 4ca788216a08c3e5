<?php

declare(strict_types=1);

/* Required first by every tool that leans on the tests' helpers: works wherever ./start has run. */

passthru(__DIR__.'/development', $code);
if (0 !== $code) {
    exit($code);
}

require dirname(__DIR__).'/vendor/autoload.php';
