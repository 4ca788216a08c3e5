<?php

declare(strict_types=1);

namespace KindHeel\App\Words;

use KindHeel\Core\Text\Message;
use Symfony\Component\Console\ConsoleEvents;
use Symfony\Component\DependencyInjection\Attribute\Autowire;
use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\KernelEvents;
use Symfony\Contracts\Translation\TranslatorInterface;

/** The language that the craft speaks here, `WORKSHOP_LANGUAGE`: English needs no translator, any other has its `translations/core.*` file. */
final readonly class Language
{
    private const OWN = 'en';

    /** @param \Closure(): TranslatorInterface $translator */
    public function __construct(
        #[Autowire('%kernel.default_locale%')]
        private string $language,
        #[AutowireServiceClosure('translator')]
        private \Closure $translator,
    ) {
    }

    #[AsEventListener(KernelEvents::REQUEST, priority: 4096)]
    #[AsEventListener(ConsoleEvents::COMMAND, priority: 4096)]
    public function speak(): void
    {
        Message::speak(self::OWN === $this->language ? null : fn (string $text): string => ($this->translator)()->trans($text, [], 'core', $this->language));
    }
}
