<?php

declare(strict_types=1);

use KindHeel\App\Kernel;

// A server that is told everything by its environment need not read .env for each request.
$_SERVER['APP_RUNTIME_OPTIONS'] = ['disable_dotenv' => isset($_SERVER['DATABASE_URL'], $_SERVER['APP_SECRET'], $_SERVER['WORKSHOP_TIMEZONE'])];

require_once dirname(__DIR__).'/vendor/autoload_runtime.php';

return static function (array $context): Kernel {
    return new Kernel($context['APP_ENV'], (bool) $context['APP_DEBUG']);
};
