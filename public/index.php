<?php

declare(strict_types=1);

use KindHeel\App\Hosting\Door;
use KindHeel\App\Kernel;
use Symfony\Component\HttpFoundation\Response;

// A server that is told everything by its environment need not read .env for each request.
$isTold = !empty($_SERVER['WORKSHOPS_DIR']) || isset($_SERVER['DATABASE_URL'], $_SERVER['APP_SECRET'], $_SERVER['WORKSHOP_TIMEZONE']);
$_SERVER['APP_RUNTIME_OPTIONS'] = ['disable_dotenv' => $isTold];

require_once dirname(__DIR__).'/vendor/autoload_runtime.php';

return static function (array $context): Kernel|Response {
    // A machine that keeps several workshops: which one, its name says.
    if (!empty($context['WORKSHOPS_DIR']) && null !== $closed = Door::enter($context['WORKSHOPS_DIR'], $_SERVER['HTTP_HOST'] ?? '')) {
        return $closed;
    }

    return new Kernel($context['APP_ENV'], (bool) $context['APP_DEBUG']);
};
