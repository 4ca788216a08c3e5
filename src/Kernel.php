<?php

declare(strict_types=1);

namespace KindHeel\App;

use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Component\DependencyInjection\Compiler\CompilerPassInterface;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;

final class Kernel extends BaseKernel implements CompilerPassInterface
{
    use MicroKernelTrait;

    /** Made for every request with all that they need, and of no use here: for attributes that no controller has, and for what {@see Words\Language} does. */
    private const UNUSED = [
        'controller.is_signature_valid_attribute_listener', 'controller.is_csrf_token_valid_attribute_listener', 'controller.cache_attribute_listener',
        'locale_aware_listener',
    ];

    public function process(ContainerBuilder $container): void
    {
        array_map($container->removeDefinition(...), self::UNUSED);
    }

    public function boot(): void
    {
        date_default_timezone_set('UTC');
        parent::boot();
    }
}
